package app.unimetric.server.sheet;

import app.unimetric.core.ask.JointLine;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Lowered;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.shape.ShapeConflict;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes changes to the document of a job. Two may shape one job at once: each change says what
 * stood where it changes something, so only two changes of the same thing meet, and the second is
 * told.
 */
@Service
class ShapedJobs {
  private final SheetMapper mapper;
  private final Sheets sheets;
  private final Jobs jobs;
  private final JobOpening opening;
  private final SheetValues values;

  ShapedJobs(SheetMapper mapper, Sheets sheets, Jobs jobs, JobOpening opening, SheetValues values) {
    this.mapper = mapper;
    this.sheets = sheets;
    this.jobs = jobs;
    this.opening = opening;
    this.values = values;
  }

  /**
   * @param id made by the sender; taken once however often it is sent
   * @param edits what they come to for the document as it is now
   * @throws Refusal when the work has begun, or when somebody else changed the same thing meanwhile
   */
  @Transactional
  Job take(
      Job job,
      UUID id,
      Function<Shaping, List<ShapeEdit>> edits,
      String reason,
      Instant at,
      SignedIn by) {
    return append(job, id, sheet -> edits.apply(sheet.shaping()), null, reason, at, by);
  }

  /**
   * Takes changes back, or brings them back after that.
   *
   * @param which the changes of the document as it is now
   */
  @Transactional
  Job back(Job job, UUID id, Function<Shaping, Optional<UUID>> which, Instant at, SignedIn by) {
    if (mapper.exists(id)) {
      return job;
    }
    UUID undoes =
        which
            .apply(sheets.sheet(job).shaping())
            .orElseThrow(() -> Refusal.conflict("There is nothing to take back.", Map.of()));
    return append(job, id, sheet -> sheet.shaping().wayBack(undoes), undoes, "", at, by);
  }

  private Job append(
      Job job,
      UUID id,
      Function<Sheet, List<ShapeEdit>> edits,
      @Nullable UUID undoes,
      String reason,
      Instant at,
      SignedIn by) {
    if (mapper.exists(id)) {
      return job;
    }
    jobs.mustBeOpen(job);
    if (jobs.isStarted(job)) {
      throw Refusal.conflict(
          "The work has begun: the bench keeps to the sheet as it was at the start.", Map.of());
    }
    // The row of the job is locked from here on: who shapes at the same moment waits.
    jobs.raiseVersion(job);
    Sheet sheet = sheets.sheet(job);
    JobPack before = sheet.pack();
    List<ShapeEdit> change;
    try {
      change = edits.apply(sheet);
      sheet.shaping().take(id, change, undoes);
    } catch (ShapeConflict e) {
      throw Refusal.conflict(words(e), Map.of("at", e.at(), "now", e.nowInWords()));
    }
    sheet.shaping().check();
    mapper.append(
        id,
        job.id(),
        SheetSaying.Kind.SHAPE.name(),
        SheetDocument.write(new SheetSaying.Shaped(change, undoes, reason)),
        by.signature(),
        at);
    Sheet shaped = sheets.sheet(job);
    JobPack after = shaped.pack();
    mustBeSaidByALead(Lowered.between(before, after), reason, by);
    opening.remember(job, shaped.stated(), came(before, after));
    return jobs.job(job.id());
  }

  private static List<PackJoint> came(JobPack before, JobPack after) {
    Set<String> known =
        before.joints().stream().map(PackJoint::packId).collect(Collectors.toUnmodifiableSet());
    return after.joints().stream().filter(j -> !known.contains(j.packId())).toList();
  }

  /** What was said of the torque of a joint in the line that brought it into the job. */
  @Transactional
  void value(Job job, UUID id, String jointId, JointLine line, Instant at, SignedIn by) {
    Sheet sheet = sheets.sheet(job);
    String torque = line.torque();
    UUID valueId = UUID.nameUUIDFromBytes((id + " value").getBytes(StandardCharsets.UTF_8));
    if (torque != null && !mapper.exists(valueId)) {
      SheetSaying.ValueFound said =
          new SheetSaying.ValueFound(
              jointId,
              torque,
              line.source(),
              line.document(),
              FrictionCondition.UNKNOWN,
              line.thread());
      sheets.say(job, valueId, null, said, at, by.signature());
      values.keep(job, valueId, said, sheet, by.signature(), at);
    }
  }

  private static String words(ShapeConflict e) {
    String changed =
        e.isGone()
            ? "Somebody took this out meanwhile."
            : e.nowInWords().isEmpty()
                ? "Somebody changed this meanwhile."
                : "Somebody changed this meanwhile: it is now “" + e.nowInWords() + "”.";
    return changed + " Look at the sheet as it is now.";
  }

  private static void mustBeSaidByALead(List<String> lowered, String reason, SignedIn by) {
    if (lowered.isEmpty()) {
      return;
    }
    String joints = String.join(", ", lowered);
    if (!by.isLead()) {
      throw Refusal.forbidden(
          joints + ": only a lead says that nothing critical hangs on it, with a reason.");
    }
    new Problems()
        .require(
            !reason.isBlank(),
            "reason",
            "is missing: say why nothing critical hangs on " + joints + ".")
        .orThrow();
  }
}
