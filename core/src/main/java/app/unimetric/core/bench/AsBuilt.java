package app.unimetric.core.bench;

import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.ScaleReading;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What was done, as it stood when it was signed.
 *
 * @param sheet as fixed when the job started
 * @param run what came of every entry
 * @param startedBy name of that day
 */
public record AsBuilt(
    UUID jobId,
    RunSheet sheet,
    RunState run,
    String startedBy,
    UUID startedById,
    Instant startedAt) {

  /** To a thousandth of a newton metre; no tool is set any finer. */
  private static final double SETTABLE = 1000;

  private static final Set<EventKind> SAYS_WHAT_WAS_FOUND =
      EnumSet.of(EventKind.MEASURED, EventKind.FOUND, EventKind.REPLACED);

  /**
   * One joint as it was left.
   *
   * @param finals the torque each fastener was left at by the last pass, in the order they were
   *     taken; one that was turned again or renewed stands with its latest
   * @param product the bottle or tub that was taken for its threads; null where nobody said
   * @param tools by name, each once
   * @param slots of a pinned nut how far it went on to its slot, and what it came to there as
   *     estimated, each fastener's latest; empty elsewhere
   * @param climbedToNm the torque it was left at, where it was climbed to hold, N·m; null elsewhere
   */
  public record JointAsBuilt(
      RunJoint joint,
      List<Entry> finals,
      List<Entry> slots,
      @Nullable ProductTaken product,
      List<String> tools,
      @Nullable Double climbedToNm) {}

  /** Something measured or looked at, with the last entry of it that counts. */
  public record Found(RunStep step, Entry entry) {}

  /** Names of all who made an entry, each once. */
  public List<String> people() {
    return run.entries().stream().map(e -> e.event().by().name()).distinct().toList();
  }

  /**
   * Texts a record is found by: joints, threads, products, tools, people, and all that was said.
   */
  public List<String> words() {
    Set<String> words = new LinkedHashSet<>(people());
    words.add(startedBy);
    for (JointAsBuilt built : joints()) {
      RunJoint joint = built.joint();
      words.addAll(
          List.of(joint.title(), joint.thread(), joint.stated(), joint.onThread().compound()));
      words.addAll(built.tools());
      if (built.product() != null) {
        words.add(built.product().words());
      }
    }
    for (Entry entry : run.entries()) {
      RunEvent event = entry.event();
      Signature witness = event.witness();
      if (event.reason() != null) {
        words.add(event.reason());
      }
      if (witness != null) {
        words.add(witness.name());
      }
    }
    return List.copyOf(words);
  }

  public List<JointAsBuilt> joints() {
    return sheet.joints().stream().map(this::joint).toList();
  }

  private JointAsBuilt joint(RunJoint joint) {
    Set<String> tools = new LinkedHashSet<>();
    for (RunStep step : sheet.steps()) {
      String tool = step.toolName();
      if (joint.id().equals(step.jointId()) && tool != null) {
        tools.add(tool);
      }
    }
    for (Entry entry : run.entries()) {
      String taken = entry.event().toolTaken();
      if (taken != null && entry.counts() && isOn(joint, entry)) {
        joint.otherTool(taken).ifPresent(t -> tools.add(t.name()));
      }
    }
    return new JointAsBuilt(
        joint,
        finals(joint),
        slots(joint),
        product(joint),
        List.copyOf(tools),
        climbedToNm(joint).orElse(null));
  }

  /** Of what was wetted again, the latest. */
  private @Nullable ProductTaken product(RunJoint joint) {
    Set<String> wettings =
        sheet.steps().stream()
            .filter(s -> s.kind() == StepKind.SURFACE && joint.id().equals(s.jointId()))
            .map(RunStep::id)
            .collect(Collectors.toSet());
    ProductTaken taken = null;
    for (Entry entry : wettings.isEmpty() ? List.<Entry>of() : run.entries()) {
      if (wettings.contains(entry.event().stepId()) && entry.counts()) {
        ProductTaken said = ProductTaken.saidBy(entry.event().said(), joint);
        taken = said == null ? taken : said;
      }
    }
    return taken;
  }

  /** The joints on which a product of this lot was put, each with the product. */
  public Map<RunJoint, ProductTaken> wettedFrom(String lot) {
    Map<RunJoint, ProductTaken> wetted = new LinkedHashMap<>();
    for (RunJoint joint : sheet.joints()) {
      ProductTaken taken = product(joint);
      if (taken != null && taken.isOfLot(lot)) {
        wetted.put(joint, taken);
      }
    }
    return wetted;
  }

  private List<Entry> finals(RunJoint joint) {
    double leftAt = leftAt(joint.id());
    Set<String> last = new LinkedHashSet<>();
    for (RunStep step : sheet.steps()) {
      if (joint.id().equals(step.jointId()) && step.percent() == leftAt) {
        last.add(step.id());
      }
    }
    Map<String, Entry> latest = new LinkedHashMap<>();
    for (Entry reading : run.readings()) {
      String step = reading.event().stepId();
      if (last.contains(step)) {
        String fastener = step + " " + reading.event().fastener();
        latest.remove(fastener);
        latest.put(fastener, reading);
      }
    }
    return List.copyOf(latest.values());
  }

  private List<Entry> slots(RunJoint joint) {
    Map<Integer, Entry> latest = new TreeMap<>();
    for (Entry entry : run.entries()) {
      Integer fastener = entry.event().fastener();
      if (entry.event().slot() != null
          && fastener != null
          && entry.counts()
          && isOn(joint, entry)) {
        latest.put(fastener, entry);
      }
    }
    return List.copyOf(latest.values());
  }

  /** Share of the last torque at which a joint was left: where it held, if it was climbed. */
  private double leftAt(String jointId) {
    return climbEnd(jointId).orElse(RunStep.FULL_PERCENT);
  }

  private Optional<Double> climbEnd(String jointId) {
    Map<String, Double> tests =
        sheet.steps().stream()
            .filter(s -> s.kind() == StepKind.SLIP_TEST && jointId.equals(s.jointId()))
            .collect(Collectors.toMap(RunStep::id, RunStep::percent));
    Double end = null;
    for (Entry entry : tests.isEmpty() ? List.<Entry>of() : run.entries()) {
      Double at = tests.get(entry.event().stepId());
      boolean ends = entry.verdict() == Verdict.GOOD || entry.acceptedReason() != null;
      end = at != null && ends && entry.counts() ? at : end;
    }
    return Optional.ofNullable(end);
  }

  /** The torque at which each joint that was climbed to hold was left, N·m, by its id. */
  public Map<String, Double> climbedToNm() {
    Map<String, Double> climbed = new LinkedHashMap<>();
    sheet.joints().forEach(j -> climbedToNm(j).ifPresent(nm -> climbed.put(j.id(), nm)));
    return climbed;
  }

  /** The least of its fasteners: tried at more, one of them would move. */
  private Optional<Double> climbedToNm(RunJoint joint) {
    return climbEnd(joint.id())
        .flatMap(
            end ->
                finals(joint).stream()
                    .flatMap(e -> Stream.ofNullable(e.torqueNm()))
                    .min(Comparator.naturalOrder()))
        .map(nm -> Math.rint(nm * SETTABLE) / SETTABLE);
  }

  private boolean isOn(RunJoint joint, Entry entry) {
    return sheet
        .step(entry.event().stepId())
        .filter(s -> joint.id().equals(s.jointId()))
        .isPresent();
  }

  /**
   * What a joint is checked at when it is looked at again.
   *
   * @param target its band
   * @param setting what was set on which tool for its final torque; empty when it had none
   * @param cured whether a product had set on it
   */
  public record Target(RunJoint joint, String target, String setting, boolean cured) {}

  /** The targets of these joints; of all where none is named. */
  public List<Target> targets(List<String> jointIds) {
    return sheet.joints().stream()
        .filter(j -> jointIds.isEmpty() || jointIds.contains(j.id()))
        .map(j -> new Target(j, target(j), setting(j), j.onThread().cure() != null))
        .toList();
  }

  /** Of what was climbed the torque it was left at: nobody tries it any higher. */
  private String target(RunJoint joint) {
    return climbedToNm(joint)
        .map(nm -> Figure.rounded(nm, 2) + " N·m, as it was left")
        .orElse(joint.band() == null ? "" : joint.band().toString());
  }

  private String setting(RunJoint joint) {
    double leftAt = leftAt(joint.id());
    for (RunStep step : sheet.steps()) {
      ScaleReading set = step.reading();
      boolean last = joint.id().equals(step.jointId()) && step.percent() == leftAt;
      if (last && set != null && step.toolName() != null) {
        return set.text() + " on " + step.toolName();
      }
    }
    return "";
  }

  public List<Found> found() {
    List<Found> found = new ArrayList<>();
    for (RunStep step : sheet.steps()) {
      Entry last = step.measure() == null && !step.judged() ? null : lastFound(step);
      if (last != null) {
        found.add(new Found(step, last));
      }
    }
    return found;
  }

  private @Nullable Entry lastFound(RunStep step) {
    Entry last = null;
    for (Entry entry : run.entries()) {
      boolean here = entry.event().stepId().equals(step.id());
      last =
          here && SAYS_WHAT_WAS_FOUND.contains(entry.event().kind()) && entry.counts()
              ? entry
              : last;
    }
    return last;
  }

  /** What must be seen at a glance. */
  public Summary summary() {
    return Summary.of(sheet, run);
  }
}
