package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The way back from a job, as it is asked for over the wire. */
@InWorkshop
class BackToOriginalTest {
  private final Workshop workshop;
  private final Visitor asta;

  BackToOriginalTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private static Answer back(Visitor by, Object job, UUID id) {
    return by.post("/api/jobs/" + job + "/back", Map.of("id", id));
  }

  @Test
  void onlyASignedJobHasOneAndAskedForTwiceItIsOne() {
    JobRun job = JobRun.skidPlate(asta);
    Answer early = back(asta, job.id, UUID.randomUUID());
    assertThat(early.status()).isEqualTo(409);
    assertThat(early.detail()).contains("Only a signed job");
    job.sign();
    UUID id = UUID.randomUUID();
    Answer first = back(asta, job.id, id);
    assertThat(first.status()).as(first.detail()).isEqualTo(200);
    assertThat(first.body().path("title").asString()).startsWith("Back to original: ");
    assertThat(back(asta, job.id, id).body().path("number")).isEqualTo(first.body().path("number"));
  }

  @Test
  void isRefusedToGuestsAndForWhatIsNotThere() {
    assertThat(back(asta, UUID.randomUUID(), UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(back(asta, "nonsense", UUID.randomUUID()).status()).isIn(400, 404);
    assertThat(
            back(Visitor.signedIn(workshop, "Visitor"), UUID.randomUUID(), UUID.randomUUID())
                .status())
        .isEqualTo(403);
  }
}
