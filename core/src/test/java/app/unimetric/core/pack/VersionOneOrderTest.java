package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VersionOneOrderTest {
  /** The compute API: a rule of version 1 orders the finals unless it runs one of these ways. */
  @ParameterizedTest
  @CsvSource({
    "CLAMP,  CLAMP,  false, false, FINAL",
    "ADJUST, CLAMP,  false, false, TOUCH",
    "CLAMP,  ADJUST, false, false, FINAL",
    "ADJUST, ADJUST, false, false, FINAL",
    "ADJUST, LOCK,   false, false, FINAL",
    "PIVOT,  LOCK,   false, false, TOUCH",
    "LOCK,   PIVOT,  false, false, FINAL",
    "PIVOT,  CLAMP,  false, false, FINAL",
    "CLAMP,  CLAMP,  true,  true,  TOUCH",
    "CLAMP,  CLAMP,  true,  false, FINAL",
    "CLAMP,  CLAMP,  false, true,  FINAL",
    "LOCK,   CLAMP,  true,  true,  TOUCH"
  })
  void rolesAndWheels(
      String first, String later, boolean firstWheel, boolean laterWheel, String binding) {
    Map<String, Object> document = SamplePack.document();
    SamplePack.jointOf(document, 1).put("role", first);
    SamplePack.jointOf(document, 0).put("role", later);
    SamplePack.jointOf(document, 1).put("wheel", firstWheel);
    SamplePack.jointOf(document, 0).put("wheel", laterWheel);
    assertThat(SamplePack.read(document).order())
        .singleElement()
        .satisfies(r -> assertThat(r.binding()).hasToString(binding))
        .satisfies(r -> assertThat(r.reason()).isEqualTo("The plate locates."));
  }

  /** The plate comes before the pair; a step stands beside one of them. */
  @ParameterizedTest
  @CsvSource({
    "TIGHTEN, before, pair,  true,  TOUCH",
    "TIGHTEN, before, pair,  false, FINAL",
    "TIGHTEN, after,  plate, true,  TOUCH",
    "TIGHTEN, after,  plate, false, FINAL",
    "TIGHTEN, before, plate, true,  FINAL",
    "TIGHTEN, after,  pair,  true,  FINAL",
    "START,   before, pair,  true,  TOUCH"
  })
  void pastAHoldPoint(String phase, String where, String joint, boolean hold, String binding) {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> step = new LinkedHashMap<>(SamplePack.step("look", phase));
    step.put(where, joint);
    step.put("hold", hold);
    document.put("steps", List.of(step));
    assertThat(SamplePack.read(document).order().get(0).binding()).hasToString(binding);
  }
}
