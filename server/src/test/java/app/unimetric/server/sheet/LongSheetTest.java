package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A job of very many joints comes in pieces. */
@InWorkshop
class LongSheetTest extends OnSheets {
  private static final int JOINTS = 110;

  LongSheetTest(Workshop workshop) {
    super(workshop);
  }

  private UUID longJob() {
    ObjectNode pack =
        (ObjectNode)
            bram.get("/api/jobs/" + open(bram, "Gravel 1", "bi-pedals") + "/pack.json").body();
    ObjectNode like = (ObjectNode) pack.path("joints").get(0);
    ArrayNode joints = pack.putArray("joints");
    for (int i = 0; i < JOINTS; i++) {
      joints.add(like.deepCopy().put("id", "joint-" + i).put("title", "Joint " + i));
    }
    pack.put("key", "long-one");
    pack.putArray("order");
    pack.putArray("assemblies");
    Answer taken = bram.post("/api/packs", pack.toString());
    assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
    return open(bram, "Gravel 1", "long-one");
  }

  private static List<String> titles(JsonNode joints) {
    List<String> titles = new ArrayList<>();
    joints.forEach(j -> titles.add(j.path("title").asString()));
    return titles;
  }

  @Test
  void thePiecesTogetherAreEveryJointOnceInTheirOrder() {
    UUID job = longJob();
    JsonNode sheet = bram.get("/api/jobs/" + job + "/sheet").body();
    List<String> met = titles(sheet.path("joints"));
    assertThat(met).hasSize(48);
    int later = sheet.path("laterJoints").asInt();
    while (later > 0) {
      assertThat(met.size() + later).isEqualTo(JOINTS);
      JsonNode piece = bram.get("/api/jobs/" + job + "/sheet/joints?from=" + met.size()).body();
      assertThat(piece.path("version")).isEqualTo(sheet.path("version"));
      met.addAll(titles(piece.path("joints")));
      later = piece.path("later").asInt();
    }
    List<String> finals = new ArrayList<>();
    for (JsonNode line : sheet.path("work")) {
      if (line.path("kind").asString().equals("FINAL")) {
        finals.add(line.path("title").asString());
      }
    }
    assertThat(met).hasSize(JOINTS).doesNotHaveDuplicates();
    assertThat(finals).as("the work is whole from the first piece on").hasSize(JOINTS);
    assertThat(bram.get("/api/jobs/" + job + "/sheet/joints?from=110").body().path("joints"))
        .isEmpty();
    assertThat(bram.get("/api/jobs/" + job + "/sheet/joints?from=-1").status()).isEqualTo(400);
  }
}
