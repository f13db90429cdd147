package app.unimetric.server.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

@InWorkshop
class CardTest {
  private final Visitor bram;
  private final Visitor stranger;

  CardTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
    stranger = new Visitor(workshop);
  }

  @Test
  void carriesEveryJointItsSettingAndWhatStandsInTheWay() throws IOException {
    String job = "";
    for (var open : bram.get("/api/today").body().path("jobs")) {
      job =
          open.path("machineName").asString().equals("Patrol 3")
              ? open.path("jobId").asString()
              : job;
    }
    byte[] pdf = bram.bytes("/api/jobs/" + job + "/card.pdf");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      assertThat(text)
          .contains(
              "Fit crash bars (upper)", "Patrol 3", "Frame plate to frame", "22 N·m", "M8 8.8")
          .contains("Not ready", "30 % 6.5 (1 3 2 4) → 65 % 14.5 → 100 % 22.0 → check round")
          .contains("not used")
          .contains("by hand: □ Frame plate to frame □ Bar foot to engine hanger")
          .containsSubsequence(
              "break loose: □ Break the hanger bolts loose",
              "look: □ Chase threads",
              "by hand: □ Frame plate to frame",
              "snug: □ Frame plate to frame",
              "tighten: □ Hose clip on the bar",
              "HOLD prove: □ Lock to lock")
          .contains("Bar foot to engine hanger: 33 ft·lbf (part maker's sheet) disagrees")
          .contains("full thread in the hanger boss, mm (at least 12 mm; kit sheet, demo) ___")
          .contains("Lock to lock", "Brake work is not finished");
      assertThat(document.getNumberOfPages()).isEqualTo(1);
    }
  }

  @Test
  void ofAJobUnderWayItSaysSoAndNotThatItIsNotReady() throws IOException {
    String started = "";
    for (var open : bram.get("/api/today").body().path("jobs")) {
      String id = open.path("jobId").asString();
      String station = bram.get("/api/jobs/" + id + "/standing").body().path("station").asString();
      started = station.equals("BENCH") ? id : started;
    }
    byte[] pdf = bram.bytes("/api/jobs/" + started + "/card.pdf");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
          .contains("Under way: begun by")
          .doesNotContain("Not ready");
    }
  }

  @Test
  void isForPeopleSignedInAndForJobsThatAre() {
    assertThat(bram.get("/api/jobs/" + UUID.randomUUID() + "/card.pdf").status()).isEqualTo(404);
    assertThat(stranger.get("/api/jobs/" + UUID.randomUUID() + "/card.pdf").status())
        .isEqualTo(401);
  }
}
