package app.unimetric.server.sheet;

import app.unimetric.core.ask.JointLine;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.pack.PackDraft;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.ShapeRemoval;
import app.unimetric.documents.shape.ShapeSides;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A job shaped to the machine in hand. */
@RestController
class ShapeController {
  private static final int MOST_EDITS = 50;
  private static final int LONGEST_REASON = 1000;
  private final Sheets sheets;
  private final ShapedJobs shaped;
  private final Jobs jobs;
  private final SheetPages pages;
  private final Clock clock;
  private final JsonMapper json;

  ShapeController(
      Sheets sheets, ShapedJobs shaped, Jobs jobs, SheetPages pages, Clock clock, JsonMapper json) {
    this.sheets = sheets;
    this.shaped = shaped;
    this.jobs = jobs;
    this.pages = pages;
    this.clock = clock;
    this.json = json;
  }

  /** What kind of change it is. */
  enum EditKind {
    PUT,
    INSERT,
    REMOVE,
    MOVE,
    /** Another like it, right behind it, under a name of its own. */
    COPY,
    /** It is done on the other side too. */
    BOTH_SIDES,
    /** The left and the right one may differ from now on. */
    APART,
    /**
     * A joint is held like another, the way to which is brought as what stands there from now on.
     */
    ALIKE
  }

  /**
   * One change.
   *
   * @param at the way to the place: fields, and elements of lists by their names
   * @param was what stood there when it was changed
   * @param now what stands there from now on, or what comes into the list
   * @param before the element it comes before; the end when missing
   */
  record NewEdit(
      EditKind kind,
      List<String> at,
      @Nullable Object was,
      @Nullable Object now,
      @Nullable String before) {}

  /**
   * Changes that belong together.
   *
   * @param id made by the sender
   * @param reason needed where less is said to hang on a joint
   */
  record NewShape(UUID id, List<NewEdit> edits, @Nullable String reason) {}

  /**
   * The document of a job.
   *
   * @param document as the job pack's schema has it
   * @param shaped whether it is other than it was when the job was opened
   * @param differs the way to each place that is other than it was when the job was opened
   */
  record Shape(
      Map<String, Object> document,
      boolean shaped,
      boolean canUndo,
      boolean canRedo,
      List<List<String>> differs) {}

  /** The sheet after a change, and its document. */
  record ShapedSheet(JobSheet sheet, Shape shape) {}

  @GetMapping("/api/jobs/{id}/shape")
  Shape shape(@PathVariable UUID id) {
    return shape(sheets.sheet(jobs.job(id)).shaping());
  }

  /** The pack a job works by, as a file to edit. */
  @GetMapping(path = "/api/jobs/{id}/pack.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<Object> pack(@PathVariable UUID id) {
    Object document = json.readValue(sheets.sheet(jobs.job(id)).shaping().document(), Object.class);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("job-pack.json").build().toString())
        .body(document);
  }

  @PostMapping("/api/jobs/{id}/shape")
  ShapedSheet change(
      @PathVariable UUID id, @RequestBody NewShape s, @AuthenticationPrincipal SignedIn person) {
    String reason = s.reason() == null ? "" : s.reason().strip();
    new Problems()
        .require(
            !s.edits().isEmpty() && s.edits().size() <= MOST_EDITS,
            "edits",
            "must be 1 to 50 changes.")
        .require(
            reason.length() <= LONGEST_REASON,
            "reason",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
    return page(
        shaped.take(
            jobs.job(id),
            s.id(),
            shaping -> s.edits().stream().flatMap(e -> edits(e, shaping).stream()).toList(),
            reason,
            clock.instant(),
            person));
  }

  /**
   * A joint said in one line.
   *
   * @param id made by the sender
   * @param within the way to the document it comes into; empty for the job's own
   * @param line such as 4 M6 8.8 20 Nm cross medium
   * @param before the joint it comes before; the end when missing
   */
  record NewJointLine(UUID id, List<String> within, String line, @Nullable String before) {}

  /**
   * The sheet with the joint, and what was taken for granted about it.
   *
   * @param jointId as the plan calls it
   * @param list the way to the list it stands in
   * @param name what it is called there
   */
  record AddedJoint(
      ShapedSheet page, String jointId, List<String> list, String name, List<String> assumed) {}

  @PostMapping("/api/jobs/{id}/joint-lines")
  AddedJoint joint(
      @PathVariable UUID id,
      @RequestBody NewJointLine j,
      @AuthenticationPrincipal SignedIn person) {
    JointLine line = JointLine.parse(j.line());
    Job job = jobs.job(id);
    String name = "own-" + j.id().toString().substring(0, 8);
    List<String> list = new ArrayList<>(j.within());
    list.add("joints");
    JsonNode item = PackDraft.joint(name, line);
    Job changed =
        shaped.take(
            job,
            j.id(),
            shaping -> List.of(new ShapeEdit.Insert(list, item, j.before())),
            "",
            clock.instant(),
            person);
    String planned = Shaping.nameInPlan(j.within(), name);
    shaped.value(changed, j.id(), planned, line, clock.instant(), person);
    return new AddedJoint(page(jobs.job(id)), planned, list, name, line.assumed());
  }

  /**
   * @param id made by the sender
   */
  record Again(UUID id) {}

  @PostMapping("/api/jobs/{id}/shape/undo")
  ShapedSheet undo(
      @PathVariable UUID id, @RequestBody Again a, @AuthenticationPrincipal SignedIn person) {
    return page(shaped.back(jobs.job(id), a.id(), Shaping::undoable, clock.instant(), person));
  }

  @PostMapping("/api/jobs/{id}/shape/redo")
  ShapedSheet redo(
      @PathVariable UUID id, @RequestBody Again a, @AuthenticationPrincipal SignedIn person) {
    return page(shaped.back(jobs.job(id), a.id(), Shaping::redoable, clock.instant(), person));
  }

  /** The way to something that is to be removed. */
  record RemovalQuestion(List<String> at) {}

  /** What else changes when it is removed, in words. */
  record RemovalAnswer(List<String> touches) {}

  @PostMapping("/api/jobs/{id}/shape/removal")
  RemovalAnswer removal(@PathVariable UUID id, @RequestBody RemovalQuestion q) {
    mustNameAPlace(q.at());
    return new RemovalAnswer(
        ShapeRemoval.of(sheets.sheet(jobs.job(id)).shaping(), q.at())
            .map(ShapeRemoval::touches)
            .orElse(List.of()));
  }

  private static void mustNameAPlace(List<String> at) {
    new Problems().require(!at.isEmpty(), "at", "is empty: say where.").orThrow();
  }

  private List<ShapeEdit> edits(NewEdit e, Shaping shaping) {
    mustNameAPlace(e.at());
    return switch (e.kind()) {
      case PUT -> List.of(new ShapeEdit.Put(e.at(), tree(e.was()), tree(e.now())));
      case MOVE -> List.of(new ShapeEdit.Move(e.at(), e.before()));
      case COPY -> shaping.copy(e.at());
      case BOTH_SIDES -> ShapeSides.both(shaping, e.at());
      case APART -> ShapeSides.apart(shaping, e.at());
      case ALIKE -> shaping.alike(e.at(), way(e.now()));
      case INSERT -> {
        JsonNode item = tree(e.now());
        new Problems().require(item != null, "edits", "bring nothing to insert.").orThrow();
        yield item == null ? List.of() : List.of(shaping.insert(e.at(), item, e.before()));
      }
      case REMOVE ->
          ShapeRemoval.of(shaping, e.at())
              .map(ShapeRemoval::edits)
              .orElse(List.of(new ShapeEdit.Remove(e.at(), null)));
    };
  }

  private static List<String> way(@Nullable Object now) {
    List<String> way = new ArrayList<>();
    if (now instanceof List<?> names) {
      names.forEach(n -> way.add(String.valueOf(n)));
    }
    new Problems().require(!way.isEmpty(), "now", "must be the way to the other joint.").orThrow();
    return way;
  }

  private @Nullable JsonNode tree(@Nullable Object value) {
    return value == null ? null : json.valueToTree(value);
  }

  private ShapedSheet page(Job job) {
    Sheet sheet = sheets.sheet(job);
    return new ShapedSheet(pages.page(job, sheet), shape(sheet.shaping()));
  }

  @SuppressWarnings("unchecked")
  private Shape shape(Shaping shaping) {
    return new Shape(
        json.treeToValue(shaping.tree(), Map.class),
        shaping.isShaped(),
        shaping.undoable().isPresent(),
        shaping.redoable().isPresent(),
        shaping.differences().stream().map(d -> d.at()).toList());
  }
}
