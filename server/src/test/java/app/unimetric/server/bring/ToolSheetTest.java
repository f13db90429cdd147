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
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A crib comes as a spreadsheet. */
@InWorkshop
class ToolSheetTest {
  private static final String HEADER =
      "tool;type;unit;from;to;graduation;deviation;presets;left hand;calibrated;cycles\n";
  private final Visitor asta;
  private final String tag = UUID.randomUUID().toString().substring(0, 8);

  ToolSheetTest(Workshop workshop) {
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private JsonNode tool(String name) {
    for (JsonNode t : asta.get("/api/crib").body().path("tools")) {
      if (t.path("typed").path("name").asString().equals(name + " " + tag)) {
        return t;
      }
    }
    throw new AssertionError(name);
  }

  private boolean isHere(String key) {
    for (JsonNode t : asta.get("/api/crib").body().path("handTools")) {
      if (t.path("name").asString().equals(key + " " + tag)) {
        return t.path("here").asBoolean();
      }
    }
    return false;
  }

  private UUID brought(String... lines) {
    UUID id = UUID.randomUUID();
    Answer looked = look(asta, "TOOLS", HEADER + String.join("\n", lines), id);
    assertThat(looked.status()).as(looked.detail()).isEqualTo(200);
    Answer accepted = accept(asta, id);
    assertThat(accepted.status()).as(accepted.detail()).isEqualTo(200);
    return id;
  }

  @Test
  void toolsAndKeysComeAndGoWithTheirSheet() {
    UUID id =
        brought(
            "Long " + tag + ";click;ft-lb;20;110;0,5;4;;yes;27.10.2026;820",
            "Fixed " + tag + ";preset;Nm;;6;;;4/5/6;;;",
            "Cup " + tag + ";special tool;;;;;;;;;");
    JsonNode long1 = tool("Long");
    assertThat(long1.path("maxNm").asDouble()).isBetween(149.1, 149.2);
    assertThat(long1.path("calibratedOn").asString()).isEqualTo("2026-10-27");
    assertThat(long1.path("cycles").asInt()).isEqualTo(820);
    assertThat(tool("Fixed").path("minNm").asDouble()).isEqualTo(4);
    assertThat(tool("Fixed").path("typed").path("leftHand").asBoolean()).isFalse();
    assertThat(isHere("Cup")).isTrue();
    assertThat(undo(asta, id).status()).isEqualTo(200);
    assertThat(tool("Long").path("retired").asBoolean()).isTrue();
    assertThat(isHere("Cup")).isFalse();
    Answer again =
        look(
            asta,
            "TOOLS",
            HEADER + "Long " + tag + ";click;ft-lb;20;110;0,5;4;;yes;;",
            UUID.randomUUID());
    assertThat(said(again.body(), 2)).contains("It was retired and comes back");
  }

  @Test
  void aChangeStandsAgainWhenItsSheetIsUndone() {
    brought("Short " + tag + ";click;Nm;2;20;0.1;;;;;");
    UUID change = brought("Short " + tag + ";click;Nm;2;25;0.1;;;yes;;");
    assertThat(tool("Short").path("maxNm").asDouble()).isEqualTo(25);
    UUID silent = UUID.randomUUID();
    Answer looked = look(asta, "TOOLS", "tool;type\nShort " + tag + ";click", silent);
    assertThat(standings(looked.body()))
        .as("what it does not say stays")
        .containsOnly(Map.entry("SAME", 1));
    assertThat(undo(asta, change).status()).isEqualTo(200);
    assertThat(tool("Short").path("maxNm").asDouble()).isEqualTo(20);
    assertThat(tool("Short").path("typed").path("leftHand").asBoolean()).isFalse();
  }

  @Test
  void whatIsWrongIsSaidAtItsColumnBeforeAnythingCounts() {
    UUID id = UUID.randomUUID();
    Answer looked =
        look(
            asta,
            "TOOLS",
            HEADER
                + "A "
                + tag
                + ";laser;;;;;;;;;\n"
                + "B "
                + tag
                + ";click;Nm;30;20;;;;;;\n"
                + "C "
                + tag
                + ";click;Nm;2;20;;;;;11/12/2026;\n"
                + "D "
                + tag
                + ";click;Nm;2;20;;;;;;\n"
                + "D "
                + tag
                + ";click;Nm;2;25;;;;;;",
            id);
    assertThat(standings(looked.body())).containsOnly(Map.entry("REFUSED", 4), Map.entry("NEW", 1));
    assertThat(said(looked.body(), 2)).contains("type: ");
    assertThat(said(looked.body(), 4)).contains("calibrated_on: ");
    assertThat(said(looked.body(), 5)).contains("nothing critical");
    assertThat(said(looked.body(), 6)).contains("an earlier line");
    assertThat(accept(asta, id).status()).isEqualTo(409);
  }

  @Test
  void theCribOutAndInAgainIsTheSameCrib() {
    String written = asta.get("/api/sheets/of-TOOLS.csv").raw().body();
    assertThat(written).contains("Beam 240, imperial");
    Answer again = look(asta, "TOOLS", written.getBytes(StandardCharsets.UTF_8), UUID.randomUUID());
    assertThat(again.status()).as(again.detail()).isEqualTo(200);
    assertThat(standings(again.body())).as(again.body().toString()).containsOnlyKeys("SAME");
  }
}
