package app.unimetric.core.surface;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GallingTest {
  @ParameterizedTest
  @CsvSource({
    "A2_70, STAINLESS, Stainless in stainless galls",
    "A4_80, STAINLESS, Stainless in stainless galls",
    "TI_6AL_4V, TITANIUM, Titanium in titanium galls",
    "C8_8, STAINLESS,",
    "A2_70, ALUMINIUM_CAST,",
    "TI_6AL_4V, STAINLESS,",
    "A2_70,,",
    ",STAINLESS,"
  })
  void likePairsSeize(PropertyClass bolt, Material female, String begins) {
    if (begins == null) {
      assertThat(Galling.warning(bolt, female)).isEmpty();
    } else {
      assertThat(Galling.warning(bolt, female)).get().asString().startsWith(begins);
    }
  }
}
