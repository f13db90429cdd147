package app.unimetric.server.demo;

import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Finding;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.Said;
import app.unimetric.core.bench.StepKind;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.database.DiskRoom;
import app.unimetric.server.job.Job;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.photograph.Photographs;
import app.unimetric.server.run.EntrySent;
import app.unimetric.server.run.RunLog;
import app.unimetric.server.sheet.JobOpening;
import app.unimetric.server.sheet.Sheets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Plays demo jobs through the same calls as the bench does, with the dates of their day. */
@Component
class DemoWork {
  /** Below whatever is written down as found. */
  private static final String LIMIT_ON_THE_PART = "1";

  private static final String DEVICE = "tablet of ";
  private static final int SECONDS_FOR_AN_ENTRY = 25;

  /** Entries of a job left in the middle: the faceplate's last pass, three of four done. */
  private static final int BEGUN = 34;

  /** Figures a mechanic of the depot would find; invented like everything here. */
  private static final Map<String, Double> FOUND =
      Map.of(
          "ground clearance under the frame", 245.0,
          "bar end to tank at full lock", 38.0,
          "lever angle below level", 30.0);

  private final JobOpening opening;
  private final Sheets sheets;
  private final RunLog runs;
  private final Photographs photographs;
  private final DiskRoom disk;
  private final Clock clock;
  private final Random hand = new Random(640);

  DemoWork(
      JobOpening opening,
      Sheets sheets,
      RunLog runs,
      Photographs photographs,
      DiskRoom disk,
      Clock clock) {
    this.opening = opening;
    this.sheets = sheets;
    this.runs = runs;
    this.photographs = photographs;
    this.disk = disk;
    this.clock = clock;
  }

  /** What a lead decided on one joint. */
  record Decided(String jointId, String valueId, @Nullable TorqueUnit readAs, String reason) {}

  /** A job only opened. */
  Job opened(UUID machineId, String pack, SignedIn by, Instant at) {
    return opening.open(UUID.randomUUID(), machineId, pack, at, by.signature());
  }

  /** A job that stands in the middle of its passes. */
  void begun(UUID machineId, String pack, SignedIn by, Instant at) {
    play(start(machineId, pack, by, by, at, List.of()), by, by, at, BEGUN);
  }

  /** A job from opening to signature, with one correction and one reading that had to be redone. */
  void whole(
      UUID machineId,
      String pack,
      SignedIn by,
      SignedIn lead,
      Instant at,
      List<Decided> decisions) {
    play(start(machineId, pack, by, lead, at, decisions), by, lead, at, Integer.MAX_VALUE);
  }

  private Job start(
      UUID machineId,
      String pack,
      SignedIn by,
      SignedIn lead,
      Instant at,
      List<Decided> decisions) {
    Job job = opened(machineId, pack, by, at);
    for (Decided d : decisions) {
      job =
          sheets.say(
              job,
              UUID.randomUUID(),
              job.version(),
              new SheetSaying.DecisionMade(d.jointId(), d.valueId(), d.readAs(), d.reason()),
              at,
              lead.signature());
    }
    runs.start(
        job.id(), job.version(), LocalDate.ofInstant(at, clock.getZone()), at, by.signature());
    return job;
  }

  private void play(Job job, SignedIn by, SignedIn lead, Instant start, int most) {
    Map<String, Integer> counters = new HashMap<>();
    RunLog.Run run = runs.run(job.id());
    boolean slipped = false;
    for (int said = 0; said < most; said++) {
      RunState state = run.state();
      String current = state.currentStep();
      if (current == null) {
        return;
      }
      RunStep step = run.sheet().step(current).orElseThrow();
      SignedIn speaker = step.kind() == StepKind.SECOND_LOOK ? lead : by;
      int counter = counters.merge(speaker.name(), 1, Integer::sum);
      boolean measured = step.percent() == 100 && step.kind() == StepKind.TIGHTEN;
      boolean slips = measured && !slipped;
      slipped |= slips;
      double share = slips ? 1.16 : 0.995 + 0.01 * hand.nextDouble();
      EntrySent entry =
          slips || measured && hand.nextInt(3) == 0
              ? reading(counter, step, state, share)
              : plain(counter, step, state);
      Instant at = start.plusSeconds((long) said * SECONDS_FOR_AN_ENTRY);
      photograph(job, run.sheet(), step, at, speaker);
      run =
          runs.say(
                  job.id(),
                  DEVICE + speaker.name(),
                  null,
                  0,
                  List.of(entry),
                  at,
                  LocalDate.ofInstant(at, clock.getZone()),
                  whom -> speaker.signature())
              .run();
    }
  }

  /** How it was, before it comes loose; where the disk is full the demo does without. */
  private void photograph(Job job, RunSheet sheet, RunStep step, Instant at, SignedIn by) {
    sheet.joints().stream()
        .filter(j -> j.undoId().equals(step.id()))
        .findFirst()
        .filter(j -> disk.holdsMore())
        .ifPresent(
            j ->
                photographs.take(
                    job.id(),
                    new Photographs.Sent(
                        UUID.randomUUID(), step.id(), "", null, null, DrawnPhotograph.of(j)),
                    at,
                    by.signature()));
  }

  private EntrySent plain(int counter, RunStep step, RunState state) {
    return sent(counter, step, state, usual(step, state.permits().get(0)));
  }

  private static EntrySent sent(int counter, RunStep step, RunState state, Said said) {
    return new EntrySent(
        UUID.randomUUID(), counter, step.id(), state.nextFastener(), said, null, null, null);
  }

  private Said usual(RunStep step, EventKind kind) {
    boolean asksLimit = step.measure() != null && step.measure().asksLimit();
    String limit = asksLimit ? LIMIT_ON_THE_PART : null;
    return switch (kind) {
      case MEASURED -> new Said.Measured(String.valueOf(found(step)), limit);
      case FOUND -> new Said.Found(Finding.GOOD, found(step), limit);
      case CLICKED -> new Said.Clicked();
      case HELD -> new Said.Held(null);
      case HOLDS -> new Said.Holds();
      case SLOT_AHEAD -> new Said.ToSlot("4", "0.5");
      case SECOND_LOOK -> new Said.SecondLook(Finding.GOOD, null);
      case SIGNED_OFF -> new Said.SignedOff();
      case SLACKENED -> new Said.Slackened(null);
      case REPLACED -> new Said.Replaced(null);
      case DONE -> new Said.Done();
      default -> throw new IllegalStateException("the demo does not say " + kind);
    };
  }

  /** Something ordinary: the middle of its limits, or that it is in order. */
  private static @Nullable String found(RunStep step) {
    Measure measure = step.measure();
    if (measure == null) {
      return step.judged() ? "in order" : null;
    }
    if (measure.unit() == null) {
      return "as it should be";
    }
    Double least = measure.min();
    Double most = measure.max();
    double figure =
        least == null
            ? most == null ? FOUND.getOrDefault(measure.what(), 10.0) : most / 2
            : most == null ? least * 2 : (least + most) / 2;
    return Figure.rounded(figure, 0) + " " + measure.unit();
  }

  private EntrySent reading(int counter, RunStep step, RunState state, double share) {
    Double setting = step.settingNm();
    ScaleReading scale = step.reading();
    if (setting == null || scale == null) {
      return plain(counter, step, state);
    }
    TorqueUnit unit = scale.unit();
    String typed = Figure.fixed(setting * share / unit.newtonMetres(), 1);
    return sent(counter, step, state, new Said.Reading(typed, unit, null));
  }
}
