package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From the lot on a bottle one finds the joints it went on. */
@InWorkshop
class LotUsesTest {
  private final Workshop workshop;
  private final Visitor asta;

  LotUsesTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private JsonNode uses(String lot) {
    return asta.get("/api/lots?lot=" + lot).body();
  }

  private JsonNode use(String lot, UUID jobId) {
    for (JsonNode use : uses(lot)) {
      if (use.path("jobId").asString().equals(jobId.toString())) {
        return use;
      }
    }
    return tools.jackson.databind.node.MissingNode.getInstance();
  }

  @Test
  void aJobIsFoundByTheLotOnceItsProductWentOnAndByThatAloneOnceSigned() {
    JobRun job = JobRun.skidPlate(asta);
    JsonNode page = job.until("SURFACE");
    String text =
        page.path("sheet")
            .path("steps")
            .valueStream()
            .filter(s -> s.path("id").equals(page.path("state").path("currentStep")))
            .findFirst()
            .orElseThrow()
            .path("text")
            .asString();
    assertThat(text).contains("Take Harbour Lock M, lot H2-118.");
    assertThat(use("H2-118", job.id).isMissingNode()).as("nothing went on yet").isTrue();
    Map<String, Object> other = job.said("OTHER_PRODUCT", page.path("state"));
    String lot = "LOT" + UUID.randomUUID().toString().substring(0, 8);
    other.put("product", "Harbour Lock M");
    other.put("lot", lot);
    JsonNode said = job.send(other).body();
    assertThat(
            said.path("state")
                .path("entries")
                .valueStream()
                .reduce((a, b) -> b)
                .orElseThrow()
                .path("shown")
                .asString())
        .isEqualTo("Harbour Lock M, lot " + lot);
    JsonNode underWay = use(lot, job.id);
    assertThat(underWay.path("signed").asBoolean()).isFalse();
    assertThat(underWay.path("joints")).hasSize(1);
    assertThat(underWay.path("joints").get(0).path("product").asString())
        .isEqualTo("Harbour Lock M");
    job.sign();
    JsonNode signed = use(lot.toLowerCase(java.util.Locale.ROOT), job.id);
    assertThat(signed.path("signed").asBoolean()).isTrue();
    assertThat(signed.path("machineName").asString()).isEqualTo("Mule 2");
    assertThat(uses(lot)).as("one job, once").hasSize(1);
    JsonNode record = asta.get("/api/log/" + job.id).body();
    assertThat(record.path("asBuilt").path("joints").findValuesAsString("lot")).contains(lot);
    assertThat(asta.get("/api/log?q=" + lot).body()).hasSize(1);
  }

  @Test
  void aLotThatNobodyUsedGoesToNoJointAndAnEmptyOneIsRefused() {
    assertThat(uses("NEVER-1")).isEmpty();
    assertThat(asta.get("/api/lots?lot=--").status()).isEqualTo(400);
    assertThat(asta.get("/api/lots?lot=%20").detail()).contains("as printed on the bottle");
    assertThat(asta.get("/api/lots?lot=" + "x".repeat(201)).status()).isEqualTo(400);
    assertThat(new Visitor(workshop).get("/api/lots?lot=H2-118").status()).isEqualTo(401);
  }

  @Test
  void anotherBottleWithoutANameIsRefusedInWords() {
    JobRun job = JobRun.skidPlate(asta);
    Map<String, Object> other = job.said("OTHER_PRODUCT", job.until("SURFACE").path("state"));
    other.put("product", " ");
    assertThat(job.send(other).detail()).contains("write what stands on the bottle");
    for (Object nonsense : new Object[] {null, 7, "x".repeat(201), List.of("a")}) {
      other.put("product", nonsense);
      assertThat(job.send(other).status()).as("%s", nonsense).isEqualTo(400);
    }
    other.put("product", "Tube");
    other.put("lot", "x".repeat(201));
    assertThat(job.send(other).detail()).contains("longer than 200 characters");
  }
}
