package app.unimetric.documents.shape;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.documents.StrictJson;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The shop's own pack against a newer catalogue, field by field. */
class ShapeMergeTest {
  private static final String BEFORE =
      """
      {"title": "Pads", "joints": [{"id": "caliper", "thread": "M8", "count": 2},
       {"id": "pin", "thread": "M10", "count": 1}], "cautions": ["Hot."]}
      """;

  private static JsonNode json(String text) {
    return StrictJson.mapper().readTree(text);
  }

  private static String before(String field, String was, String now) {
    return BEFORE.replace("\"" + field + "\": " + was, "\"" + field + "\": " + now);
  }

  @Test
  void whatOnlyOneSideChangedIsAsThatSideHasIt() {
    ShapeMerge merge =
        ShapeMerge.of(BEFORE, before("thread", "\"M8\"", "\"M9\""), before("count", "1", "2"));
    assertThat(json(merge.document()))
        .isEqualTo(
            json(before("thread", "\"M8\"", "\"M9\"").replace("\"count\": 1", "\"count\": 2")));
    assertThat(merge.both()).isEmpty();
    assertThat(merge.taken())
        .extracting(ShapeDifference::at)
        .containsExactly(List.of("joints", "pin", "count"));
  }

  @Test
  void whatBothChangedDifferentlyWaitsForAWord() {
    ShapeMerge merge =
        ShapeMerge.of(
            BEFORE, before("thread", "\"M8\"", "\"M9\""), before("thread", "\"M8\"", "\"M7\""));
    List<String> at = List.of("joints", "caliper", "thread");
    assertThat(merge.both())
        .containsExactly(new ShapeDifference(at, json("\"M9\""), json("\"M7\"")));
    assertThat(json(merge.document()).at("/joints/0/thread").asString()).isEqualTo("M9");
  }

  @ParameterizedTest
  @CsvSource({
    // alike on both sides: nothing to say
    "M9, M9, 0, M9",
    "M8, M9, 0, M9",
    "M9, M8, 0, M9",
    "M9, M7, 1, M9"
  })
  void everyPairOfChanges(String shop, String catalogue, int toSay, String comesTo) {
    ShapeMerge merge =
        ShapeMerge.of(
            BEFORE,
            before("thread", "\"M8\"", "\"" + shop + "\""),
            before("thread", "\"M8\"", "\"" + catalogue + "\""));
    assertThat(merge.both()).hasSize(toSay);
    assertThat(json(merge.document()).at("/joints/0/thread").asString()).isEqualTo(comesTo);
  }

  @Test
  void aJointTheShopTookOutIsNotBroughtBackButSaid() {
    String without =
        """
        {"title": "Pads", "joints": [{"id": "caliper", "thread": "M8", "count": 2}], "cautions": ["Hot."]}
        """;
    ShapeMerge merge = ShapeMerge.of(BEFORE, without, before("count", "1", "3"));
    assertThat(merge.both()).hasSize(1);
    assertThat(json(merge.document())).isEqualTo(json(without));
  }

  @Test
  void whatTheCatalogueAddedComesAndWhatItTookOutGoes() {
    String newer =
        """
        {"title": "Pads", "joints": [{"id": "caliper", "thread": "M8", "count": 2},
         {"id": "cap", "thread": "M6", "count": 2}], "cautions": ["Hot.", "Gloves."]}
        """;
    ShapeMerge merge = ShapeMerge.of(BEFORE, before("title", "\"Pads\"", "\"Our pads\""), newer);
    JsonNode document = json(merge.document());
    assertThat(document.path("title").asString()).isEqualTo("Our pads");
    assertThat(document.path("joints")).hasSize(2);
    assertThat(document.at("/joints/1/id").asString()).isEqualTo("cap");
    assertThat(document.path("cautions")).hasSize(2);
    assertThat(merge.taken()).hasSize(3);
  }
}
