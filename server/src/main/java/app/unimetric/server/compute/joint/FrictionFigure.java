package app.unimetric.server.compute.joint;

import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.annotation.JsonDeserialize;

/** A coefficient of friction: one number, or a band. */
@Schema(
    name = "FrictionFigure",
    description = "one number, or a band of min, nominal and max",
    oneOf = {Double.class, FrictionFigure.Band.class})
@JsonDeserialize(using = FrictionFigure.Reader.class)
public record FrictionFigure(double min, double nominal, double max) {

  @Schema(name = "FrictionSpan")
  public record Band(double min, double nominal, double max) {}

  /** Takes both spellings, strictly. */
  static final class Reader extends ValueDeserializer<FrictionFigure> {
    @Override
    public @Nullable FrictionFigure deserialize(JsonParser in, DeserializationContext context) {
      if (in.currentToken().isNumeric()) {
        double one = in.getDoubleValue();
        return new FrictionFigure(one, one, one);
      }
      Band band = context.readValue(in, Band.class);
      return band == null ? null : new FrictionFigure(band.min(), band.nominal(), band.max());
    }
  }
}
