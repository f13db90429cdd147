package app.unimetric.server.today;

import app.unimetric.core.plan.Needs;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.core.tool.CribTool;
import app.unimetric.server.book.StatedBook;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.ListedJob;
import app.unimetric.server.live.Followers;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.people.People;
import app.unimetric.server.recheck.Recheck;
import app.unimetric.server.recheck.Rechecks;
import app.unimetric.server.run.Progress;
import app.unimetric.server.run.Standings;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.sheet.Outlook;
import app.unimetric.server.sheet.Outlooks;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the day asks for. */
@RestController
class TodayController {
  private static final Duration LONGEST_CURE = Duration.ofDays(15);
  private final Jobs jobs;
  private final Standings standings;
  private final Outlooks outlooks;
  private final Fleet fleet;
  private final Rechecks rechecks;
  private final Crib crib;
  private final StatedBook book;
  private final People people;
  private final Followers followers;
  private final Settings settings;
  private final Clock clock;

  TodayController(
      Jobs jobs,
      Standings standings,
      Outlooks outlooks,
      Fleet fleet,
      Rechecks rechecks,
      Crib crib,
      StatedBook book,
      People people,
      Followers followers,
      Settings settings,
      Clock clock) {
    this.jobs = jobs;
    this.standings = standings;
    this.outlooks = outlooks;
    this.fleet = fleet;
    this.rechecks = rechecks;
    this.crib = crib;
    this.book = book;
    this.people = people;
    this.followers = followers;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * A job on a lift.
   *
   * @param atIt names of those who have its bench open
   */
  record OnLift(
      UUID jobId,
      int number,
      String title,
      UUID machineId,
      String machineName,
      Progress standing,
      int blockers,
      List<String> atIt) {}

  /** A torque tool that may not be trusted. */
  record DoubtfulTool(
      String id,
      String name,
      @Nullable LocalDate calibrationEnded,
      int cycles,
      @Nullable String out) {}

  /** A machine that waits for a product to cure. */
  record Curing(
      UUID jobId, int number, String title, UUID machineId, String machineName, Instant from) {}

  /** Something a job not yet started lacks. */
  record ToGet(UUID jobId, int number, String machineName, String about, String words) {}

  /**
   * What a workshop that has just begun has and has not yet.
   *
   * @param people whether somebody else can look, or one person does it alone
   */
  record MovingIn(boolean machine, boolean tool, boolean people, boolean value) {}

  /**
   * @param jobs those at the bench first, then the newest
   * @param waiting re-checks not yet due
   * @param crib whether any torque tool hangs there
   * @param movingIn what to add first; missing once all is there
   */
  record Today(
      LocalDate day,
      List<OnLift> jobs,
      List<Curing> curing,
      List<ToGet> toGet,
      List<Recheck> due,
      int waiting,
      List<DoubtfulTool> tools,
      boolean crib,
      @Nullable MovingIn movingIn) {}

  @GetMapping("/api/today")
  Today today() {
    LocalDate day = LocalDate.now(clock);
    List<Recheck> open = rechecks.open(day);
    List<Recheck> due =
        open.stream()
            .filter(r -> r.standing() != RecheckDue.Urgency.WAITING)
            .sorted(Comparator.comparing(Recheck::standing).reversed())
            .toList();
    List<CribTool> tools = crib.tools();
    Instant now = clock.instant();
    List<ListedJob> lifts =
        jobs.open().stream().sorted(Comparator.comparing(j -> !j.started())).toList();
    List<ListedJob> begun = jobs.startedSince(now.minus(LONGEST_CURE));
    Map<UUID, Progress> standing =
        standings.of(
            Stream.concat(lifts.stream().filter(ListedJob::started), begun.stream())
                .map(ListedJob::id)
                .collect(Collectors.toSet()));
    Map<UUID, Outlook> outlooks =
        this.outlooks.of(lifts.stream().filter(j -> !j.started()).toList(), day);
    return new Today(
        day,
        lifts.stream().map(j -> onLift(j, standing.get(j.id()), outlooks.get(j.id()))).toList(),
        curing(begun, standing, now),
        toGet(lifts, outlooks),
        due,
        open.size() - due.size(),
        tools.stream()
            .filter(t -> !t.inCalibration(day))
            .map(t -> new DoubtfulTool(t.id(), t.name(), t.calibrationEnds(), t.cycles(), t.out()))
            .toList(),
        !tools.isEmpty(),
        movingIn(!tools.isEmpty()));
  }

  private @Nullable MovingIn movingIn(boolean tool) {
    boolean alone = settings.policy().secondLook().selfAfterMinutes() != null;
    MovingIn so = new MovingIn(fleet.isAny(), tool, alone || people.areSeveral(), !book.isEmpty());
    return so.machine() && so.tool() && so.people() && so.value() ? null : so;
  }

  private static List<Curing> curing(
      List<ListedJob> begun, Map<UUID, Progress> standing, Instant now) {
    List<Curing> curing = new ArrayList<>();
    for (ListedJob job : begun) {
      Progress reached = standing.getOrDefault(job.id(), Progress.NOT_STARTED);
      Instant from = job.cancelled() ? null : reached.ridableFrom();
      if (from != null && from.isAfter(now)) {
        curing.add(
            new Curing(
                job.id(), job.number(), job.title(), job.machineId(), job.machineName(), from));
      }
    }
    curing.sort(Comparator.comparing(Curing::from));
    return curing;
  }

  private static List<ToGet> toGet(List<ListedJob> lifts, Map<UUID, Outlook> outlooks) {
    List<ToGet> wanted = new ArrayList<>();
    for (ListedJob job : lifts) {
      Outlook outlook = outlooks.get(job.id());
      if (outlook != null) {
        for (Needs.Missing missing : outlook.needs().missing()) {
          wanted.add(
              new ToGet(
                  job.id(), job.number(), job.machineName(), missing.name(), missing.words()));
        }
      }
    }
    return wanted;
  }

  private OnLift onLift(ListedJob job, @Nullable Progress reached, @Nullable Outlook outlook) {
    return new OnLift(
        job.id(),
        job.number(),
        job.title(),
        job.machineId(),
        job.machineName(),
        reached == null ? Progress.NOT_STARTED : reached,
        outlook == null ? 0 : outlook.blockers(),
        followers.at(job.id()));
  }
}
