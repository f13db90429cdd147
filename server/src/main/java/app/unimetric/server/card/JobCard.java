package app.unimetric.server.card;

import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Preparation;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Decision;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.NextSlot;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.UntilRide;
import app.unimetric.core.plan.Wetting;
import app.unimetric.core.plan.WorkLine;
import app.unimetric.core.quantity.MinutesText;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.paper.QrCode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a job card says, for its template: words and drawings of a plan, nothing worked out here.
 *
 * @param standing that the job is under way or done; null before it is started
 * @param notReady what stands in the way; null when nothing does, or when it is started
 */
record JobCard(
    String title,
    String machine,
    String part,
    String printed,
    String qrSvg,
    @Nullable String standing,
    @Nullable String notReady,
    List<Section> changed,
    List<Line> joints,
    List<Section> left,
    List<Section> right) {
  private static final int MOST_BOXES = 24;

  /** Characters in a line of a column. */
  private static final int COLUMN = 75;

  private static final Set<TaskKind> TOGETHER =
      EnumSet.of(TaskKind.WET, TaskKind.START, TaskKind.SNUG);

  /** A heading and what stands under it; never empty. */
  record Section(String title, List<String> items) {}

  /**
   * A value as its sheet prints it.
   *
   * @param holds whether it is the one that counts; any other is struck out
   */
  record Stated(String words, String document, boolean holds) {}

  /** What to set on which tool, for which band. */
  record Setting(String reading, String tool, String target) {}

  /** One joint. Either setting or noSetting is null. */
  record Line(
      int place,
      String sketchSvg,
      String title,
      String fasteners,
      boolean critical,
      List<String> lines,
      List<String> changes,
      List<Stated> stated,
      String product,
      String where,
      @Nullable String wetting,
      @Nullable Setting setting,
      @Nullable String noSetting,
      String passes,
      String boxes) {}

  /**
   * @param rules by whose rules it is planned
   * @param address the screen the square code leads to
   * @param part what is fitted
   * @param fits the questions of fit with what was found
   * @param standing that the job is under way or done; null before it is started
   * @param changes what the card printed before no longer tells; empty when none was
   */
  static JobCard of(
      Job job,
      Machine machine,
      JobPlan plan,
      String rules,
      String address,
      LocalDate day,
      String part,
      List<String> fits,
      @Nullable String standing,
      List<PlanPrint.Change> changes) {
    List<String> work = work(WorkLine.of(plan));
    int half = half(work);
    List<Line> lines = new ArrayList<>();
    for (PlannedJoint joint : plan.joints()) {
      lines.add(line(lines.size() + 1, joint, plan, changes));
    }
    return new JobCard(
        job.title(),
        "Job " + job.number() + " · " + machine.name() + " · " + plate(machine),
        part,
        "Printed " + day + " · " + plan.pack().summary() + time(plan.ride()) + " · " + rules,
        QrCode.svg(address),
        standing,
        plan.ready() || standing != null
            ? null
            : plan.blockers().stream().map(b -> inTheWay(b, plan)).collect(Collectors.joining(" ")),
        sections(
            section(
                "Changed since the card printed before",
                changes.stream()
                    .filter(c -> c.jointId() == null)
                    .map(PlanPrint.Change::words)
                    .toList())),
        lines,
        sections(
            section("Must fit", fits),
            section("Needed", List.of(needed(plan))),
            section("The work in its order", work.subList(0, half))),
        sections(
            section("The work, further", work.subList(half, work.size())),
            steps("First ride", Phase.Part.RIDE, plan),
            section("Cautions", plan.pack().cautions())));
  }

  /** As it stands on the machine; what is not known is left out. */
  private static String plate(Machine m) {
    return m.designation()
        + " "
        + m.modelYear()
        + (m.variant().isBlank() ? "" : ", " + m.variant())
        + (m.frameNumber().isBlank() ? "" : " · frame " + m.frameNumber());
  }

  private static String inTheWay(Blocker blocker, JobPlan plan) {
    return title(plan, blocker.jointId()).map(t -> t + ": ").collect(Collectors.joining())
        + blocker.message()
        + (blocker.message().matches(".*[.!?]") ? "" : ".");
  }

  private static Stream<String> title(JobPlan plan, @Nullable String jointId) {
    return plan.joints().stream().filter(j -> j.id().equals(jointId)).map(j -> j.joint().title());
  }

  private static String time(UntilRide ride) {
    return (ride.workMinutes() > 0 ? " About " + Math.round(ride.workMinutes()) + " min." : "")
        + (ride.cureMinutes() > 0
            ? " Ride no earlier than "
                + MinutesText.words(ride.cureMinutes())
                + " after the last final torque."
            : "")
        + (ride.unknown().isEmpty()
            ? ""
            : " Cure time not known: " + String.join(", ", ride.unknown()) + ".");
  }

  private static Line line(
      int place, PlannedJoint j, JobPlan plan, List<PlanPrint.Change> changes) {
    PackJoint joint = j.joint();
    Wetting moment = plan.work().wettings().get(j.id());
    String hold = joint.turning().counterHold();
    List<String> lines = new ArrayList<>();
    Stream.ofNullable(joint.fastener().drive()).forEach(lines::add);
    Stream.ofNullable(hold == null ? null : "hold with " + hold).forEach(lines::add);
    lines.addAll(j.notes());
    Setting setting = setting(j);
    return new Line(
        place,
        JointSketch.svg(joint.pattern().layout(), j.positions()),
        joint.title(),
        joint.pattern().count() + " × " + joint.fastener().words(),
        joint.duty().isCritical(),
        lines,
        changes.stream()
            .filter(c -> j.id().equals(c.jointId()))
            .map(PlanPrint.Change::words)
            .toList(),
        stated(j),
        j.compound().advice().words(),
        j.compound().where(),
        moment == null || moment.words().isEmpty() ? null : moment.words(),
        setting,
        setting != null ? null : j.band() == null ? "–" : "no tool",
        Stream.concat(
                j.passes().stream().map(p -> pass(p, j)),
                j.nextSlot().map(NextSlot::inShort).stream())
            .collect(Collectors.joining(" → ")),
        "□ ".repeat(Math.min(joint.pattern().count(), MOST_BOXES)));
  }

  /** The value that holds with its source; the others by name, so that nobody takes one of them. */
  private static List<Stated> stated(PlannedJoint j) {
    List<Stated> stated = new ArrayList<>();
    Integer governing = j.resolution().governing();
    Decision decision = j.decision();
    List<DocumentedValue> values = j.joint().torque().values();
    for (int i = 0; i < values.size(); i++) {
      DocumentedValue v = values.get(i);
      boolean holds =
          decision != null
              ? v.id().equals(decision.valueId())
              : governing == null || governing == i;
      stated.add(
          new Stated(
              v.value().asPrinted(), v.value().source().words() + ", " + v.document(), holds));
    }
    return stated;
  }

  private static @Nullable Setting setting(PlannedJoint j) {
    ToolChoice choice = j.tool();
    ScaleReading reading = j.reading();
    return choice == null || reading == null
        ? null
        : new Setting(reading.text(), choice.tool().name(), j.target());
  }

  private static String pass(Pass pass, PlannedJoint j) {
    return switch (pass.kind()) {
      case HAND -> "by hand";
      case CIRCULAR_CHECK -> "check round";
      case TRY -> "try at the target";
      case CLIMB -> {
        ScaleReading set = RunSheetWriter.settingOf(j, pass);
        yield (set == null ? pass.share() : set.onScale()) + ", slip test";
      }
      default -> {
        ScaleReading set = RunSheetWriter.settingOf(j, pass);
        String order = pass.words().substring(pass.share().length()).strip();
        yield pass.share()
            + (set == null ? "" : " " + set.onScale())
            + (pass.kind() == PassKind.SNUG && pass.order().size() > 1 ? " (" + order + ")" : "");
      }
    };
  }

  private static List<Section> sections(Section... sections) {
    return Stream.of(sections).filter(s -> !s.items().isEmpty()).toList();
  }

  private static Section section(String title, List<String> items) {
    return new Section(title, items.stream().filter(i -> !i.isBlank()).toList());
  }

  private static Section steps(String title, Phase.Part part, JobPlan plan) {
    return section(title, plan.pack().steps(part).stream().map(s -> step(s, plan)).toList());
  }

  /** Where the lines are parted so that both columns are about as long. */
  private static int half(List<String> lines) {
    int all = lines.stream().mapToInt(JobCard::length).sum();
    int half = 0;
    for (int sum = 0; half < lines.size() && 2 * sum < all; half++) {
      sum += length(lines.get(half));
    }
    return half;
  }

  /** Characters of the full lines that an item takes. */
  private static int length(String item) {
    return (item.length() / COLUMN + 1) * COLUMN;
  }

  /** Joints that are prepared, started or snugged one after the other share a line. */
  private static List<String> work(List<WorkLine> lines) {
    List<String> work = new ArrayList<>();
    TaskKind last = null;
    for (WorkLine line : lines) {
      boolean goesOn = line.kind() == last && TOGETHER.contains(last);
      if (goesOn) {
        work.set(work.size() - 1, work.get(work.size() - 1) + " □ " + line.title());
      } else {
        work.add(work(line));
      }
      last = line.kind();
    }
    return work;
  }

  private static String work(WorkLine line) {
    boolean figure = line.kind() == TaskKind.MEASURE || line.kind() == TaskKind.INSPECT;
    return (line.hold() ? "HOLD " : "")
        + line.doing()
        + ": □ "
        + line.title()
        + (line.text().isEmpty() ? "" : (line.jointId() == null ? ". " : " ") + line.text())
        + (figure ? " ________" : "")
        + (line.traps().isEmpty() ? "" : " ! " + String.join(" ! ", line.traps()));
  }

  private static String step(PackStep step, JobPlan plan) {
    PackStep.Beside beside = step.beside();
    String where =
        beside == null
            ? ""
            : title(plan, beside.jointId())
                .map(t -> (beside.after() ? "After " : "Before ") + t + ": ")
                .collect(Collectors.joining());
    return (step.hold() ? "Hold: " : "")
        + where
        + step.title()
        + ". "
        + step.text()
        + (step.traps().isEmpty() ? "" : " ! " + String.join(" ! ", step.traps()));
  }

  private static String needed(JobPlan plan) {
    Preparation asked = plan.pack().preparation();
    return Stream.of(
            asked.specialTools().stream(),
            asked.consumables().stream(),
            plan.pack().oneTimeParts().stream().map(p -> p.count() + " × " + p.name()))
        .flatMap(items -> items)
        .collect(Collectors.joining(", "));
  }
}
