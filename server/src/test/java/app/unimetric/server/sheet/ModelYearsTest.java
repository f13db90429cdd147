package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A job kept for several years of a model, its values with it. */
@InWorkshop
class ModelYearsTest extends OnSheets {
  ModelYearsTest(Workshop workshop) {
    super(workshop);
  }

  private final String model = aModel();

  private String another(int year) {
    return aMachine(model, year, "Standard");
  }

  private boolean lastDone(String machine) {
    return ilse.get("/api/machines/" + machine(machine) + "/offered-jobs?q=passenger")
        .body()
        .get(0)
        .has("lastDone");
  }

  private JsonNode values(String machine) {
    return joint(sheet(ilse, open(ilse, machine, "mc-pegs")), "pivot.LEFT").path("values");
  }

  @Test
  void valuesComeWithTheJobForTheYearsItWasKeptForAndGoTogether() {
    String own = another(2022);
    UUID first = open(asta, own, "mc-pegs");
    UUID value = UUID.randomUUID();
    value(asta, value, first, "pivot.LEFT", "31 Nm", "p. 9");
    String later = another(2023);
    assertThat(values(later)).as("another year knows nothing of it by itself").isEmpty();

    Answer kept = keep(asta, first, Map.of("yearFrom", 2021, "yearTo", 2023));
    assertThat(kept.body().path("model").asString()).isEqualTo("Skerrow " + model + " 2021–2023");
    assertThat(values(later)).hasSize(1);
    assertThat(values(later).get(0).path("document").asString()).isEqualTo("p. 9");
    assertThat(values(own)).as("said twice for its own year, it stands once").hasSize(1);
    assertThat(values(another(2024))).isEmpty();
    assertThat(values(aMachine(model, 2022, "Rally")))
        .as("another variant, other values")
        .isEmpty();
    assertThat(lastDone(later)).isTrue();
    assertThat(lastDone(another(2024))).as("kept for other years").isFalse();

    withdraw(asta, first, value, "Wrong page.");
    assertThat(values(later)).as("wrong for one year, wrong for all it was said for").isEmpty();
    assertThat(values(own)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "2023, 2024, yearTo",
    "2023, 2021, yearFrom",
    "1899, 2022, yearFrom",
    "2022, 2201, yearFrom",
    "2020, 2021, yearTo"
  })
  void yearsThatLeaveOutTheMachineOrAreNoneAreTold(int from, int to, String field) {
    UUID job = open(bram, "Trail 1", "mc-pegs");
    Answer refused = keep(bram, job, Map.of("yearFrom", from, "yearTo", to));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(texts(refused.body().path("errors"), "field")).contains(field);
  }
}
