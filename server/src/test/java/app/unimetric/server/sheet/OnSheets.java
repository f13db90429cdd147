package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import app.unimetric.server.machine.Machine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;

/** The people of the depot at their sheets. */
abstract class OnSheets {
  final Workshop workshop;
  final Visitor bram;
  final Visitor ilse;
  final Visitor asta;
  private final List<UUID> opened = new ArrayList<>();

  OnSheets(Workshop workshop) {
    this.workshop = workshop;
    workshop.forgetStatedValues();
    bram = Visitor.signedIn(workshop, "Bram");
    ilse = Visitor.signedIn(workshop, "Ilse");
    asta = Visitor.signedIn(workshop, "Asta");
  }

  String machine(String name) {
    return bram.get("/api/machines?q=" + name.replace(" ", "%20"))
        .body()
        .get(0)
        .path("id")
        .asString();
  }

  /** What a test opened does not stay on the lifts. */
  @AfterEach
  void cancelWhatWasOpened() {
    for (UUID job : opened) {
      asta.post(
          "/api/jobs/" + job + "/cancelling",
          Map.of(
              "id", UUID.randomUUID(),
              "reason", "Opened by a test.",
              "version", sheet(asta, job).path("version").asInt()));
    }
  }

  UUID open(Visitor by, String machine, String pack) {
    UUID job = anotherJob();
    Answer sheet =
        by.post("/api/jobs", Map.of("id", job, "machineId", machine(machine), "packKey", pack));
    assertThat(sheet.status()).as(sheet.detail()).isEqualTo(200);
    return job;
  }

  static Map<String, Object> put(List<String> at, @Nullable Object was, Object now) {
    Map<String, Object> edit = new HashMap<>(Map.of("kind", "PUT", "at", at, "now", now));
    edit.put("was", was);
    return edit;
  }

  static Answer shape(Visitor by, UUID job, Object... edits) {
    return by.post(
        "/api/jobs/" + job + "/shape", Map.of("id", UUID.randomUUID(), "edits", List.of(edits)));
  }

  static List<String> at(String... names) {
    return List.of(names);
  }

  static JsonNode joint(JsonNode sheet, String id) {
    for (JsonNode joint : sheet.path("joints")) {
      if (joint.path("id").asString().equals(id)) {
        return joint;
      }
    }
    throw new AssertionError(id + " in " + sheet.path("joints"));
  }

  static List<String> texts(JsonNode list, String field) {
    List<String> texts = new ArrayList<>();
    list.forEach(n -> texts.add(field.isEmpty() ? n.asString() : n.path(field).asString()));
    return texts;
  }

  /** A model nobody else knows: what is kept for it troubles no other test. */
  static String aModel() {
    return "Model " + UUID.randomUUID().toString().substring(0, 8);
  }

  /** A motorcycle of that model. */
  String aMachine(String model, int year, String variant) {
    String name = "Zz " + UUID.randomUUID().toString().substring(0, 8);
    workshop.add(
        new Machine(
            UUID.randomUUID(),
            name,
            MachineKind.MOTORCYCLE,
            "Skerrow",
            model,
            year,
            variant,
            name,
            "",
            MeterKind.KM,
            "",
            "Test",
            1,
            null,
            null,
            null));
    return name;
  }

  /** The id of a job that is to be opened. */
  UUID anotherJob() {
    opened.add(UUID.randomUUID());
    return opened.get(opened.size() - 1);
  }

  UUID visit(Visitor by, String machine, String... packs) {
    UUID job = anotherJob();
    Answer sheet =
        by.post(
            "/api/visits",
            Map.of("id", job, "machineId", machine(machine), "packKeys", List.of(packs)));
    assertThat(sheet.status()).as(sheet.detail()).isEqualTo(200);
    return job;
  }

  static JsonNode sheet(Visitor by, UUID job) {
    return by.get("/api/jobs/" + job + "/sheet").body();
  }

  static Answer choose(Visitor by, UUID job, Map<String, String> options, String... sides) {
    return by.post(
        "/api/jobs/" + job + "/choices",
        Map.of(
            "id", UUID.randomUUID(),
            "options", options,
            "sides", List.of(sides),
            "version", sheet(by, job).path("version").asInt()));
  }

  static Answer value(Visitor by, UUID job, String joint, String typed, String document) {
    return value(by, UUID.randomUUID(), job, joint, typed, document);
  }

  static Answer value(Visitor by, UUID id, UUID job, String joint, String typed, String document) {
    return by.post(
        "/api/jobs/" + job + "/values",
        Map.of(
            "id",
            id,
            "jointId",
            joint,
            "typed",
            typed,
            "source",
            "MANUAL",
            "document",
            document,
            "version",
            sheet(by, job).path("version").asInt()));
  }

  static Answer withdraw(Visitor by, UUID job, UUID value, String reason) {
    return by.post(
        "/api/jobs/" + job + "/withdrawals",
        Map.of(
            "id",
            UUID.randomUUID(),
            "valueId",
            value,
            "reason",
            reason,
            "version",
            sheet(by, job).path("version").asInt()));
  }

  static Answer line(Visitor by, UUID job, List<String> within, String line) {
    return by.post(
        "/api/jobs/" + job + "/joint-lines",
        Map.of("id", UUID.randomUUID(), "within", within, "line", line));
  }

  static Answer keep(Visitor by, UUID job, Map<String, Object> years) {
    Map<String, Object> said = new HashMap<>(years);
    said.put("id", UUID.randomUUID());
    return by.post("/api/jobs/" + job + "/model-pack", said);
  }
}
