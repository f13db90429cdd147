package app.unimetric.server.json;

import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueUnit;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/**
 * A scale reading as the screens get it: its figures, and how the core writes them.
 *
 * @param onScale with the digits of the graduation
 * @param text the same with its unit
 */
@Schema(name = "ScaleReading")
record WireReading(
    double figure, TorqueUnit unit, @Nullable Double graduation, String onScale, String text) {

  /** Writes every reading so. */
  static final class Writer extends ValueSerializer<ScaleReading> {
    @Override
    public void serialize(ScaleReading r, JsonGenerator out, SerializationContext context) {
      out.writePOJO(new WireReading(r.figure(), r.unit(), r.graduation(), r.onScale(), r.text()));
    }
  }
}
