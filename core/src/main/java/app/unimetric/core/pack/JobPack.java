package app.unimetric.core.pack;

import app.unimetric.core.order.OrderRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A job as data.
 *
 * @param models the machines it is written for, by model name; empty for all of the kind
 * @param words other words people look it up by
 * @param order what must come before what, among joints and steps
 * @param rechecks what to look at again, besides the workshop's own rules
 * @param assemblies joints that are done together; those in none are one together
 * @param parts what it counts besides the part fitted
 * @param choices what is left open until the machine is known; none once it is answered
 * @param layout how its parts stand to each other in time
 */
public record JobPack(
    String key,
    String title,
    String summary,
    MachineKind machineKind,
    List<String> models,
    String fits,
    List<String> words,
    List<String> cautions,
    Preparation preparation,
    List<PackPart> parts,
    List<PackStep> steps,
    List<PackJoint> joints,
    List<OrderRule> order,
    List<PackCheck> checks,
    List<PackRecheck> rechecks,
    List<PackAssembly> assemblies,
    PackChoices choices,
    PackLayout layout) {
  /** The newest version of the document this code reads. */
  public static final int VERSION = 1;

  /** What is moved over from the old part, as it is called among the tasks. */
  public static final String CARRIED_OVER = "carried-over";

  /** Where the original parts lie, as it is called among the tasks. */
  public static final String KEPT = "kept";

  public JobPack {
    models = List.copyOf(models);
    words = List.copyOf(words);
    cautions = List.copyOf(cautions);
    parts = List.copyOf(parts);
    steps = List.copyOf(steps);
    joints = List.copyOf(joints);
    order = List.copyOf(order);
    checks = List.copyOf(checks);
    rechecks = List.copyOf(rechecks);
    assemblies = List.copyOf(assemblies);
  }

  /** Whether the job is meant for this machine. */
  public boolean suits(MachineKind kind, String model) {
    return machineKind == kind && (models.isEmpty() || models.contains(model));
  }

  /** Whether someone looking for this text means this job: every word begins a word of it. */
  public boolean matches(String text) {
    return allBegin(lookedUpBy(), text);
  }

  /** The same, and its title alone says so: it comes before jobs that only mention it. */
  public boolean isCalled(String text) {
    return allBegin(title, text);
  }

  /** What it says otherwise than another pack of its key, in words; what is left out first. */
  public List<PackDifference> differsFrom(JobPack original) {
    return new PackComparison().of(this, original);
  }

  /** All that people look it up by. */
  public String lookedUpBy() {
    return title + " " + summary + " " + String.join(" ", words) + " " + fits;
  }

  private static boolean allBegin(String all, String text) {
    List<String> known = List.of(all.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"));
    return Arrays.stream(text.toLowerCase(Locale.ROOT).strip().split("\\s+"))
        .allMatch(asked -> known.stream().anyMatch(word -> word.startsWith(asked)));
  }

  /** Minutes for a practised hand: the steps and the joints; 0 where nothing is stated. */
  public double minutes() {
    return steps.stream().mapToDouble(PackStep::minutes).sum()
        + joints.stream().mapToDouble(j -> j.turning().minutes()).sum();
  }

  /** Its steps of one part of the work, in the order of the work. */
  public List<PackStep> steps(Phase.Part part) {
    return steps.stream()
        .filter(s -> s.phase().part() == part)
        .sorted(Comparator.comparing(PackStep::phase))
        .toList();
  }

  /**
   * This job inside another, which is undone before it and done after it.
   *
   * @param when under which answers of this job the other is needed; empty when it always is
   */
  public JobPack inside(JobPack outer, List<PackChoices.Condition> when) {
    return Around.join(this, outer, when);
  }

  /**
   * The job as it is for one machine.
   *
   * @throws app.unimetric.core.problem.InvalidInput when a question or an answer is not known
   */
  public JobPack answered(Answers answers) {
    JobPack own = new Selection(choices, answers).of(this);
    return layout.together().isEmpty()
        ? own
        : Visit.join(
            own,
            layout.together().stream()
                .map(j -> j.answered(Visit.answersFor(j, choices, answers)))
                .toList());
  }

  /**
   * This job with others in one visit: what they ask is asked with it, and once answered they are
   * one job.
   */
  public JobPack together(List<JobPack> jobs) {
    return as(
        joints,
        Visit.choices(choices, jobs),
        new PackLayout(layout.sidesInTurn(), layout.around(), jobs));
  }

  /** The job of a visit that asks a question, by title; the first where several ask it alike. */
  public Optional<String> jobAsking(PackOption option) {
    return layout.together().stream()
        .filter(j -> option.id().startsWith(j.key() + "."))
        .findFirst()
        .map(JobPack::title);
  }

  /**
   * What was answered for one of the jobs of a visit; the answers themselves where it is none.
   *
   * @param jobKey of the job
   */
  public Answers answersOf(String jobKey, Answers given) {
    return layout.together().stream()
        .filter(j -> j.key().equals(jobKey))
        .findFirst()
        .map(j -> Visit.answersFor(j, choices, given))
        .orElse(given);
  }

  /**
   * What was answered for each job of a visit before, as answers to what the visit asks.
   *
   * @param own the answers of the jobs, by their keys
   */
  public Answers gathered(Map<String, Answers> own) {
    return Visit.gathered(choices, layout.together(), own);
  }

  /**
   * Every joint the job may have, whatever its questions are answered, by the name it has in the
   * plan but for the side.
   */
  public Map<String, PackJoint> everyJoint() {
    Map<String, PackJoint> all = new LinkedHashMap<>();
    joints.forEach(j -> all.put(j.id(), j));
    layout
        .together()
        .forEach(job -> job.everyJoint().forEach((id, j) -> all.put(job.key() + "." + id, j)));
    return all;
  }

  /** What this job calls what it does, other than by joints: steps, checks, measures. */
  public Set<String> doings() {
    Set<String> titles = new HashSet<>();
    steps.forEach(s -> titles.add(s.title()));
    checks.forEach(c -> titles.add(c.title()));
    preparation.asFound().forEach(m -> titles.add(m.words()));
    preparation.inspections().forEach(m -> titles.add(m.words()));
    return titles;
  }

  /** The jobs of a visit this joint belongs to, by title; empty where it is not one of several. */
  public List<String> jobsOf(PackJoint joint) {
    return layout.together().stream()
        .filter(j -> Visit.ofJob(j, joint).isPresent())
        .map(JobPack::title)
        .toList();
  }

  /**
   * How jobs of a visit have a joint that is one for several of them, where not all have it alike;
   * empty where they do.
   */
  public List<Otherwise> otherwise(PackJoint joint) {
    List<Otherwise> said = new ArrayList<>();
    layout
        .together()
        .forEach(j -> Visit.ofJob(j, joint).ifPresent(own -> said.add(new Otherwise(j, own))));
    return said.stream().map(o -> o.joint().fixing()).distinct().count() > 1 ? said : List.of();
  }

  /** How one job of a visit has a joint that several of them share. */
  public record Otherwise(JobPack job, PackJoint joint) {
    /** In words: {@code “Front brake pads” has 2 × M10×1.25 10.9}. */
    public String words() {
      return "“" + job.title() + "” has " + joint.fixing();
    }
  }

  /**
   * What values of a joint are kept and looked up under for a model, the nearest first: a joint
   * that is there on one side alone has its own before what both sides share.
   */
  public List<String> valuePlaces(PackJoint joint) {
    List<Side> on = choices.sided().getOrDefault(joint.packId(), List.of());
    String shared = joint.valuePlace();
    return on.size() == 1 ? List.of(Selection.onSide(shared, on.get(0)), shared) : List.of(shared);
  }

  /**
   * The same job with values found for it, after those the pack states itself. What was found for a
   * joint that is done once a side holds on each side.
   */
  public JobPack with(Map<String, List<DocumentedValue>> found) {
    return as(joints.stream().map(j -> j.with(foundFor(j, found))).toList(), choices, layout);
  }

  /**
   * The same job with each value its pack states marked where the joint had another thread when the
   * pack was written.
   *
   * @param written the pack as it was written, before it was shaped to the machine in hand
   */
  public JobPack markedAgainst(JobPack written) {
    return as(joints.stream().map(j -> j.markedAgainst(written)).toList(), choices, layout);
  }

  JobPack as(List<PackJoint> others, PackChoices otherChoices, PackLayout otherLayout) {
    return new JobPack(
        key,
        title,
        summary,
        machineKind,
        models,
        fits,
        words,
        cautions,
        preparation,
        parts,
        steps,
        others,
        order,
        checks,
        rechecks,
        assemblies,
        otherChoices,
        otherLayout);
  }

  /** Whether nothing is fitted: every joint is only tried as it is. */
  public boolean isLookAgain() {
    return !joints.isEmpty() && joints.stream().allMatch(PackJoint::isTried);
  }

  /** Parts that must be at hand before it starts. */
  public List<OneTimePart> oneTimeParts() {
    return parts.stream()
        .filter(p -> p.role().isOrdered())
        .map(p -> new OneTimePart(p.name(), p.count()))
        .toList();
  }

  /** Parts of one role in words: {@code 1 × spring, 2 × bush}; empty when there are none. */
  public String partsInWords(PartRole role) {
    return parts(role).stream().map(PackPart::words).collect(Collectors.joining(", "));
  }

  /** Parts of one role. */
  public List<PackPart> parts(PartRole role) {
    return parts.stream().filter(p -> p.role() == role).toList();
  }

  /** Whether a joint belongs to something put together on the bench. */
  public boolean isOnTheBench(String jointId) {
    return assemblies.stream().anyMatch(a -> a.onTheBench() && a.jointIds().contains(jointId));
  }

  private static List<DocumentedValue> foundFor(
      PackJoint joint, Map<String, List<DocumentedValue>> found) {
    List<DocumentedValue> all = new ArrayList<>();
    found.forEach(
        (id, values) -> {
          if (joint.isNamed(id)) {
            all.addAll(values);
          }
        });
    return all;
  }
}
