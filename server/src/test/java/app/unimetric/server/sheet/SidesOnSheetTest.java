package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Left and right told apart on a sheet, and one thing brought to the other side. */
@InWorkshop
class SidesOnSheetTest extends OnSheets {
  SidesOnSheetTest(Workshop workshop) {
    super(workshop);
  }

  private static Map<String, Object> edit(String kind, String... at) {
    return Map.of("kind", kind, "at", List.of(at));
  }

  @Test
  void leftAndRightMayDifferAndKeepWhatIsKnownOfBoth() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    value(bram, job, "caliper.LEFT", "26 Nm", "p. 6-12");
    List<String> before = texts(sheet(bram, job).path("work"), "title");
    Answer apart = shape(bram, job, edit("APART", "joints", "caliper"));
    assertThat(apart.status()).as(apart.detail()).isEqualTo(200);
    JsonNode sheet = apart.body().path("sheet");
    assertThat(texts(sheet.path("work"), "title")).isEqualTo(before);
    assertThat(
            joint(sheet, "caliper-right.RIGHT").path("values").get(0).path("document").asString())
        .as("the value was stated for both")
        .isEqualTo("p. 6-12");
    Answer other = shape(bram, job, put(at("joints", "caliper-right", "thread"), "M8", "M10x1.25"));
    assertThat(other.status()).as(other.detail()).isEqualTo(200);
    JsonNode after = other.body().path("sheet");
    assertThat(joint(after, "caliper.LEFT").path("thread").asString()).startsWith("M8");
    assertThat(joint(after, "caliper-right.RIGHT").path("thread").asString()).startsWith("M10");
    assertThat(
            joint(after, "caliper-right.RIGHT").path("values").get(0).path("statedFor").asString())
        .isEqualTo("M8");
    for (int i = 0; i < 2; i++) {
      bram.post("/api/jobs/" + job + "/shape/undo", Map.of("id", UUID.randomUUID()));
    }
    assertThat(bram.get("/api/jobs/" + job + "/shape").body().path("shaped").asBoolean()).isFalse();
  }

  @Test
  void eachSideKeepsValuesOfItsOwnForTheModel() {
    String machine = aMachine(aModel(), 2022, "Standard");
    UUID job = open(asta, machine, "mc-pads-front");
    value(asta, job, "pad-pin.LEFT", "17 Nm", "p. 6-13");
    shape(asta, job, edit("APART", "joints", "caliper"));
    value(asta, job, "caliper.LEFT", "26 Nm", "p. 6-12");
    value(asta, job, "caliper-right.RIGHT", "45 Nm", "p. 6-14");
    keep(asta, job, Map.of());
    JsonNode again = sheet(ilse, open(ilse, machine, "mc-pads-front"));
    assertThat(texts(joint(again, "caliper.LEFT").path("values"), "document"))
        .containsExactly("p. 6-12");
    assertThat(texts(joint(again, "caliper-right.RIGHT").path("values"), "document"))
        .containsExactly("p. 6-14");
    assertThat(texts(joint(again, "pad-pin.RIGHT").path("values"), "document"))
        .containsExactly("p. 6-13");
    JsonNode wheel = sheet(ilse, open(ilse, machine, "mc-wheel-front"));
    assertThat(joint(wheel, "caliper.LEFT").path("values"))
        .as("what holds on one side alone is no value of both")
        .isEmpty();
  }

  @Test
  void whatWasThereOnceIsDoneOnBothSides() {
    UUID job = open(bram, "Mule 1", "atv-winch-plate");
    JsonNode sheet = sheet(bram, job);
    String once =
        texts(sheet.path("joints"), "id").stream()
            .filter(id -> !id.contains("."))
            .findFirst()
            .orElseThrow();
    Answer both = shape(bram, job, edit("BOTH_SIDES", "joints", once));
    assertThat(both.status()).as(both.detail()).isEqualTo(200);
    assertThat(texts(both.body().path("sheet").path("joints"), "id"))
        .contains(once + ".LEFT", once + ".RIGHT");
    assertThat(both.body().path("sheet").path("questions").path("sided").asBoolean()).isTrue();
    Answer left = choose(bram, job, Map.of(), "LEFT");
    assertThat(texts(left.body().path("joints"), "id")).doesNotContain(once + ".RIGHT");
  }

  @Test
  void whatIsNotThereCannotBeToldApart() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    for (String kind : List.of("APART", "BOTH_SIDES", "COPY")) {
      Answer refused = shape(bram, job, edit(kind, "joints", "nobody"));
      assertThat(refused.status()).as(kind).isEqualTo(409);
      assertThat(refused.detail()).contains("Somebody took this out meanwhile");
    }
  }
}
