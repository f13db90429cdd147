package app.unimetric.server.bring;

import static app.unimetric.server.bring.Sheets.accept;
import static app.unimetric.server.bring.Sheets.look;
import static app.unimetric.server.bring.Sheets.said;
import static app.unimetric.server.bring.Sheets.standings;
import static app.unimetric.server.bring.Sheets.undo;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A fleet comes as a spreadsheet. */
@InWorkshop
class MachineSheetTest {
  private static final String HEADER =
      "Name;Type;Make;Model;Year;VIN;Number plate;Meter;Odometer;Owner;Location\n";
  private final Visitor asta;
  private final Visitor ilse;
  private final String tag = UUID.randomUUID().toString().substring(0, 8);

  MachineSheetTest(Workshop workshop) {
    asta = Visitor.signedIn(workshop, "Asta");
    ilse = Visitor.signedIn(workshop, "Ilse");
  }

  private JsonNode found(String words) {
    return ilse.get("/api/machines?q=" + words.replace(" ", "%20")).body();
  }

  private UUID brought(String... lines) {
    UUID id = UUID.randomUUID();
    Answer looked = look(asta, "MACHINES", HEADER + String.join("\n", lines), id);
    assertThat(looked.status()).as(looked.detail()).isEqualTo(200);
    Answer accepted = accept(asta, id);
    assertThat(accepted.status()).as(accepted.detail()).isEqualTo(200);
    return id;
  }

  private String line(String name, String rest) {
    return name + " " + tag + ";" + rest;
  }

  @Test
  void isLookedAtAcceptedFoundAndUndone() {
    UUID id = UUID.randomUUID();
    String file =
        HEADER
            + line(
                "Ferry", "scooter;Skerrow;Zz 125;2024;F-" + tag + ";NS 7;miles;1 204,5;Board;Pier")
            + "\n"
            + line(
                "Ferry", "scooter;Skerrow;Zz 125;2024;F-" + tag + ";NS 7;miles;1 204,5;Board;Pier")
            + "\n"
            + line("Raft", "boat;Skerrow;Zz 125;24;;;km;;;")
            + "\n"
            + line("Patrol", "motorcycle;Skerrow;640;2023;SKP-0117;;km;;;");
    Answer looked = look(asta, "MACHINES", file, id);
    assertThat(standings(looked.body()))
        .containsOnly(
            Map.entry("NEW", 1),
            Map.entry("SAME", 1),
            Map.entry("REFUSED", 1),
            Map.entry("CHANGED", 1));
    assertThat(said(looked.body(), 4)).contains("kind: ").contains("model_year: ");
    assertThat(said(looked.body(), 5)).contains("name: Patrol 1 → Patrol " + tag);
    assertThat(found(tag)).isEmpty();
    assertThat(accept(asta, id).detail()).contains("1 lines are refused");
    asta.post("/api/sheets/" + id + "/lines/4", Map.of());
    asta.post("/api/sheets/" + id + "/lines/5", Map.of());
    assertThat(accept(asta, id).status()).isEqualTo(200);
    JsonNode ferry = found("ferry " + tag).get(0);
    assertThat(ferry.path("meter").asString()).isEqualTo("MILES");
    assertThat(ferry.path("meterFigure").asDouble()).isEqualTo(1204.5);
    assertThat(ferry.path("owner").asString()).isEqualTo("Board");
    assertThat(found("ns 7 " + tag)).as("by its number plate").hasSize(1);
    assertThat(undo(asta, id).status()).isEqualTo(200);
    assertThat(found(tag).get(0).has("retiredAt")).isTrue();
    brought(line("Ferry", "scooter;Skerrow;Zz 125;2024;F-" + tag + ";NS 7;miles;;Board;Pier"));
    assertThat(found(tag).get(0).has("retiredAt")).as("it comes back").isFalse();
  }

  @Test
  void whatItChangedStandsAgainUnlessSomebodyChangedItSince() {
    brought(line("Scow", "ATV;Tolvan;Zz 450;2020;;;h;10;;"));
    String scow = found("scow " + tag).get(0).path("id").asString();
    UUID change = brought(line("Scow", "ATV;Tolvan;Zz 450;2021;;;h;;;Yard"));
    JsonNode page = ilse.get("/api/machines/" + scow).body();
    assertThat(page.path("machine").path("modelYear").asInt()).isEqualTo(2021);
    assertThat(page.path("changes").get(0).path("what").asString())
        .contains("by the sheet “machines.csv”")
        .contains("model year: 2020 → 2021");
    assertThat(undo(asta, change).status()).isEqualTo(200);
    page = ilse.get("/api/machines/" + scow).body();
    assertThat(page.path("machine").path("modelYear").asInt()).isEqualTo(2020);
    assertThat(page.path("machine").path("note").asString()).isEmpty();
    Answer silent =
        look(
            asta,
            "MACHINES",
            "name;kind;make;model;year\n" + line("Scow", "ATV;Tolvan;Zz 450;2020"),
            UUID.randomUUID());
    assertThat(standings(silent.body()))
        .as("what it does not say stays, its meter of hours too")
        .containsOnly(Map.entry("SAME", 1));

    UUID again = brought(line("Scow", "ATV;Tolvan;Zz 450;2022;;;h;;;"));
    page = ilse.get("/api/machines/" + scow).body();
    Map<String, Object> typed = new HashMap<>();
    page.path("machine").properties().forEach(e -> typed.put(e.getKey(), e.getValue()));
    Map<String, Object> m = new HashMap<>();
    for (String field :
        new String[] {
          "id",
          "name",
          "kind",
          "make",
          "model",
          "modelYear",
          "variant",
          "frameNumber",
          "registration",
          "meter",
          "owner"
        }) {
      m.put(field, typed.get(field));
    }
    m.put("note", "Quay");
    Answer byHand =
        ilse.post(
            "/api/machines/" + scow,
            Map.of("version", page.path("machine").path("version").asInt(), "machine", m));
    assertThat(byHand.status()).as(byHand.detail()).isEqualTo(200);
    Answer refused = undo(asta, again);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.detail()).contains("Scow " + tag);
  }

  @Test
  void whatCameToBeSinceItWasLookedAtIsNotDoubled() {
    UUID id = UUID.randomUUID();
    look(asta, "MACHINES", HEADER + line("Punt", "bicycle;Brindle;Zz;2024;;;;;;"), id);
    brought(line("Punt", "bicycle;Brindle;Zz;2024;;;;;;"));
    Answer refused = accept(asta, id);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.detail()).contains("Punt " + tag);
  }

  @Test
  void theFleetOutAndInAgainIsTheSameFleet() {
    brought(
        line("=Dory", "bicycle;\"Brindle; & Co\";Zz;2024;D-" + tag + ";;none;;'Rent;"),
        line("Skiff", "quad;Tolvan;Zz;2021;;;hours;12,25;;\"Two\nsheds\""));
    String written = ilse.get("/api/sheets/of-MACHINES.csv").raw().body();
    assertThat(written).contains("'=Dory");
    Answer again =
        look(asta, "MACHINES", written.getBytes(StandardCharsets.UTF_8), UUID.randomUUID());
    assertThat(again.status()).as(again.detail()).isEqualTo(200);
    assertThat(standings(again.body())).containsOnlyKeys("SAME");
  }

  @Test
  void aMechanicBringsNoneAndNothingIsUnderWayNow() {
    UUID id = UUID.randomUUID();
    assertThat(look(ilse, "MACHINES", HEADER + "x", id).status()).isEqualTo(403);
    assertThat(ilse.get("/api/sheets/" + id + "/progress").body().has("percent")).isFalse();
    assertThat(ilse.get("/api/sheets/" + id).status()).isEqualTo(404);
  }
}
