package app.unimetric.server.find;

import app.unimetric.core.ask.LookedFor;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.surface.CompoundChoice;
import app.unimetric.server.find.Found.Kind;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.recheck.Recheck;
import app.unimetric.server.recheck.Rechecks;
import app.unimetric.server.sheet.Sheets;
import app.unimetric.server.shelf.Stock;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Answers of the workshop itself: its machines, jobs, joints, products and what is due. */
@RestController
class FindController {
  private static final int LONGEST = 200;
  private static final int MOST = 8;
  private static final int MOST_OFFERED = 6;
  private static final int MOST_SHEETS = 12;
  private final Fleet fleet;
  private final Jobs jobs;
  private final Packs packs;
  private final Sheets sheets;
  private final Stock stock;
  private final Rechecks rechecks;
  private final Clock clock;

  FindController(
      Fleet fleet,
      Jobs jobs,
      Packs packs,
      Sheets sheets,
      Stock stock,
      Rechecks rechecks,
      Clock clock) {
    this.fleet = fleet;
    this.jobs = jobs;
    this.packs = packs;
    this.sheets = sheets;
    this.stock = stock;
    this.rechecks = rechecks;
    this.clock = clock;
  }

  /**
   * What goes by a line of words, at most eight.
   *
   * @param machineId the machine in hand, whose jobs are meant unless another is named
   */
  @GetMapping("/api/find")
  List<Found> find(
      @RequestParam String q, @RequestParam(required = false) @Nullable UUID machineId) {
    new Problems()
        .require(q.length() <= LONGEST, "q", "must have at most 200 characters.")
        .orThrow();
    LookedFor asked = LookedFor.of(q);
    List<Machine> machines = fleet.search("");
    Machine named =
        Stream.concat(fleet.calledIn(q).stream(), machines.stream())
            .filter(m -> asked.names(m.name()))
            .findFirst()
            .orElse(null);
    Machine meant = named != null || machineId == null ? named : fleet.find(machineId).orElse(null);
    LookedFor rest = named == null ? asked : asked.without(named.name());
    List<Found> found = about(rest, machines, meant);
    if (named != null) {
      found.add(0, machine(named));
    } else if (found.isEmpty() && meant != null) {
      found = about(rest, machines, null);
    }
    return found.stream().distinct().limit(MOST).toList();
  }

  private List<Found> about(LookedFor asked, List<Machine> machines, @Nullable Machine meant) {
    List<Found> found = new ArrayList<>();
    switch (asked.intent()) {
      case DUE -> found.addAll(due(meant, asked));
      case PRODUCT -> found.addAll(products(meant, asked));
      case TORQUE -> found.addAll(torques(meant, asked));
      case ANYTHING -> {
        found.addAll(numbered(asked));
        found.addAll(machines(asked));
        found.addAll(offered(machines, meant, asked));
        found.addAll(torques(meant, asked));
        found.addAll(onTheShelf(asked));
      }
    }
    return found;
  }

  private List<Found> numbered(LookedFor asked) {
    Integer number = asked.jobNumber();
    return number == null
        ? List.of()
        : jobs.numbered(number).map(job -> List.of(job(job))).orElse(List.of());
  }

  private Found job(Job job) {
    return new Found(
        Kind.JOB,
        "Job " + job.number() + ", " + job.title(),
        fleet.machine(job.machineId()).name(),
        "/jobs/" + job.id() + "/sheet");
  }

  private List<Found> machines(LookedFor asked) {
    return fleet.search(String.join(" ", asked.words())).stream()
        .filter(m -> asked.meets(m.name() + " " + m.designation() + " " + m.frameNumber()))
        .map(FindController::machine)
        .limit(MOST)
        .toList();
  }

  private static Found machine(Machine m) {
    return new Found(
        Kind.MACHINE, m.name(), m.designation() + ", " + m.frameNumber(), "/machines/" + m.id());
  }

  private List<Found> offered(List<Machine> machines, @Nullable Machine meant, LookedFor asked) {
    List<Found> found = new ArrayList<>();
    if (asked.words().isEmpty()) {
      return found;
    }
    for (Machine machine : meant == null ? machines : List.of(meant)) {
      for (JobPack pack :
          packs.offered(machine.kind(), machine.designation(), String.join(" ", asked.words()))) {
        found.add(
            new Found(
                Kind.OFFERED,
                pack.title(),
                "open it on " + machine.name(),
                "/machines/"
                    + machine.id()
                    + "?job="
                    + URLEncoder.encode(pack.title(), StandardCharsets.UTF_8)));
      }
      if (found.size() >= MOST_OFFERED) {
        break;
      }
    }
    return found.stream().limit(MOST_OFFERED).toList();
  }

  private List<Job> sheetsOf(@Nullable Machine meant) {
    List<Job> all = meant == null ? jobs.newest() : jobs.ofMachine(meant.id());
    return all.stream().limit(MOST_SHEETS).toList();
  }

  private List<Found> torques(@Nullable Machine meant, LookedFor asked) {
    List<Found> found = new ArrayList<>();
    for (Job job : sheetsOf(meant)) {
      JobPlan plan = sheets.plan(job, LocalDate.now(clock));
      for (PlannedJoint joint : plan.joints()) {
        if (asked.meets(joint.joint().lookedUpBy())) {
          boolean settled = joint.resolution().ready() && joint.resolution().band() != null;
          found.add(
              new Found(
                  Kind.JOINT,
                  joint.joint().title(),
                  (settled
                          ? joint.stated()
                              + (joint.climb() == null ? "; aim within " : "; climb ")
                              + joint.target()
                          : joint.joint().torque().values().isEmpty()
                              ? "no value yet"
                              : "not settled: " + joint.stated())
                      + " · job "
                      + job.number()
                      + ", "
                      + fleet.machine(job.machineId()).name(),
                  "/jobs/" + job.id() + "/sheet"));
        }
      }
    }
    return found;
  }

  /** What goes on a joint; what two sides or two jobs have in common is said once. */
  private List<Found> products(@Nullable Machine meant, LookedFor asked) {
    List<Found> found = new ArrayList<>();
    Set<String> said = new HashSet<>();
    for (Job job : sheetsOf(meant)) {
      for (PlannedJoint joint : sheets.plan(job, LocalDate.now(clock)).joints()) {
        String title = joint.joint().titleOfBothSides();
        if (asked.meets(joint.joint().lookedUpBy())
            && said.add(title + joint.compound().advice())) {
          found.add(
              product(
                  title, joint.compound(), "job " + job.number(), "/jobs/" + job.id() + "/sheet"));
        }
      }
    }
    if (found.isEmpty()) {
      packs.all().stream()
          .flatMap(
              p ->
                  p.joints().stream()
                      .filter(j -> asked.meets(j.lookedUpBy()))
                      .map(
                          j ->
                              product(
                                  j.title(),
                                  CompoundChoice.choose(j.situation()),
                                  p.title(),
                                  "/machines")))
          .forEach(found::add);
    }
    found.addAll(onTheShelf(asked));
    return found;
  }

  private Found product(String joint, CompoundAdvice advice, String from, String path) {
    String onShelf =
        stock.shelf().products().stream()
            .filter(p -> p.compound() == advice.advice())
            .map(p -> " (" + p.name() + ")")
            .findFirst()
            .orElse("");
    return new Found(
        Kind.PRODUCT,
        joint + ": " + advice.advice().words() + onShelf,
        String.join(" ", advice.reasons()) + " · " + from,
        path);
  }

  private List<Found> onTheShelf(LookedFor asked) {
    return stock.shelf().products().stream()
        .filter(p -> asked.meets(p.name() + " " + p.compound().words()))
        .map(
            p ->
                new Found(
                    Kind.PRODUCT, p.name(), p.compound().words() + ", on the shelf", "/shelf"))
        .toList();
  }

  private List<Found> due(@Nullable Machine meant, LookedFor asked) {
    return rechecks.open(LocalDate.now(clock)).stream()
        .filter(r -> r.standing() != RecheckDue.Urgency.WAITING)
        .filter(r -> meant == null || r.machineId().equals(meant.id()))
        .filter(r -> asked.words().isEmpty() || asked.meets(r.joints() + " " + r.jobTitle()))
        .map(FindController::due)
        .toList();
  }

  private static Found due(Recheck r) {
    return new Found(
        Kind.RECHECK,
        r.machineName() + ": " + r.joints(),
        (r.standing() == RecheckDue.Urgency.OVERDUE ? "overdue" : "due") + ", " + r.why(),
        "/machines/" + r.machineId() + "#rechecks");
  }
}
