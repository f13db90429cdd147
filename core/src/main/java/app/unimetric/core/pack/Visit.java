package app.unimetric.core.pack;

import app.unimetric.core.order.OrderRule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Several jobs on one machine as one: what two of them undo is undone once and done once, what both
 * ask for is asked once, their rules hold together, parts, tools and products are counted together.
 * What belongs to a job has its key before its name.
 */
final class Visit {
  private final List<PackJoint> joints = new ArrayList<>();
  private final List<PackStep> steps = new ArrayList<>();
  private final List<PackCheck> checks = new ArrayList<>();
  private final List<OrderRule> order = new ArrayList<>();
  private final List<PackRecheck> rechecks = new ArrayList<>();
  private final List<PackAssembly> assemblies = new ArrayList<>();
  private final Set<String> assembled = new HashSet<>();
  private final Set<String> around = new HashSet<>();
  private final Map<String, PackPart> parts = new LinkedHashMap<>();
  private final Set<String> cautions = new LinkedHashSet<>();
  private final Set<Measure> asFound = new LinkedHashSet<>();
  private final Set<FitQuestion> fits = new LinkedHashSet<>();
  private final Set<Measure> inspections = new LinkedHashSet<>();
  private final Set<String> specialTools = new LinkedHashSet<>();
  private final Set<String> consumables = new LinkedHashSet<>();
  private boolean inTurn = true;

  private Visit() {}

  /**
   * @param visit what is done besides, with the title of the whole
   * @param jobs each with its questions answered
   */
  static JobPack join(JobPack visit, List<JobPack> jobs) {
    Visit all = new Visit();
    jobs.forEach(job -> all.take(job, job.key() + "."));
    all.take(visit, "");
    return all.of(visit, jobs);
  }

  /**
   * The questions of the jobs and of the visit itself; one that two jobs ask alike is asked once.
   */
  static PackChoices choices(PackChoices own, List<JobPack> jobs) {
    List<PackOption> options = new ArrayList<>(own.options());
    Map<String, List<Side>> sided = new HashMap<>(own.sided());
    for (JobPack job : jobs) {
      for (PackOption o : job.choices().options()) {
        if (options.stream().noneMatch(asked -> isSame(asked, o))) {
          options.add(o.as(job.key() + "." + o.id()));
        }
      }
      if (job.choices().isSided() && options.stream().noneMatch(o -> asksSidesOf(o, job))) {
        options.add(PackOption.ofSides(job.key(), sidesQuestion(job)));
      }
      job.choices().sided().forEach((name, on) -> sided.put(job.key() + "." + name, on));
    }
    return new PackChoices(options, own.when(), sided, own.sidesQuestion());
  }

  /**
   * What was answered for each of the jobs, as answers to what the visit asks; what two jobs ask
   * alike is answered as the first of them was.
   *
   * @param own the answers of the jobs, by their keys
   */
  static Answers gathered(PackChoices asked, List<JobPack> jobs, Map<String, Answers> own) {
    Map<String, String> options = new HashMap<>();
    for (JobPack job : jobs) {
      Answers given = own.getOrDefault(job.key(), Answers.NONE);
      for (PackOption o : job.choices().options()) {
        String answer = given.options().get(o.id());
        if (answer != null && o.has(answer)) {
          asked.options().stream()
              .filter(a -> isSame(a, o))
              .forEach(a -> options.putIfAbsent(a.id(), answer));
        }
      }
      if (!given.sides().isEmpty()) {
        asked.options().stream()
            .filter(o -> asksSidesOf(o, job))
            .forEach(o -> options.putIfAbsent(o.id(), PackOption.answer(given.sides())));
      }
    }
    return new Answers(options, List.of());
  }

  /** What was answered for one of the jobs. */
  static Answers answersFor(JobPack job, PackChoices asked, Answers given) {
    Map<String, String> options = new HashMap<>();
    for (PackOption own : job.choices().options()) {
      asked.options().stream()
          .filter(o -> isSame(o, own))
          .findFirst()
          .map(o -> given.options().get(o.id()))
          .ifPresent(answer -> options.put(own.id(), answer));
    }
    if (!job.choices().isSided()) {
      return new Answers(options, List.of());
    }
    return new Answers(
        options,
        asked.options().stream()
            .filter(o -> asksSidesOf(o, job))
            .findFirst()
            .map(o -> given.options().get(o.id()))
            .map(PackOption::sides)
            .orElse(given.sides()));
  }

  /**
   * What a job asks in words of its own, such as on which side the machine has a thing, is asked
   * once for all jobs that ask it; the usual words are about the job itself.
   */
  private static String sidesQuestion(JobPack job) {
    PackChoices choices = job.choices();
    return choices.sidesQuestion().isEmpty()
        ? job.title() + ": " + choices.sidesInWords()
        : choices.sidesQuestion();
  }

  private static boolean asksSidesOf(PackOption o, JobPack job) {
    return job.choices().isSided() && o.asksSides() && o.question().equals(sidesQuestion(job));
  }

  private static boolean isSame(PackOption a, PackOption b) {
    return a.question().equals(b.question()) && a.answers().equals(b.answers());
  }

  /** The joint of one job that is this joint of the visit; empty when it is none of its own. */
  static Optional<PackJoint> ofJob(JobPack job, PackJoint joint) {
    return job.joints().stream()
        .filter(j -> joint.id().equals(job.key() + "." + j.id()) || isSamePlace(j, joint))
        .findFirst();
  }

  private static boolean isSamePlace(PackJoint a, PackJoint b) {
    return !a.place().isEmpty() && a.place().equals(b.place()) && a.side() == b.side();
  }

  private void take(JobPack job, String before) {
    Map<String, String> names = new HashMap<>();
    boolean shares = false;
    for (PackStep step : job.steps()) {
      names.put(step.taskId(), PackStep.taskIdOf(alike(step, before)));
    }
    for (PackJoint joint : job.joints()) {
      Optional<PackJoint> there = joints.stream().filter(j -> isSamePlace(j, joint)).findFirst();
      shares |= there.isPresent() && joint.turning().usedOnce();
      names.put(joint.id(), there.map(PackJoint::id).orElse(before + joint.id()));
    }
    job.joints().forEach(joint -> put(joint, names));
    job.steps().forEach(step -> put(step, names));
    for (PackCheck check : job.checks()) {
      if (checks.stream().noneMatch(c -> c.title().equals(check.title()))) {
        checks.add(new PackCheck(before + check.id(), check.title(), check.text()));
      }
    }
    for (OrderRule rule : job.order()) {
      String first = names.getOrDefault(rule.before(), rule.before());
      String later = names.getOrDefault(rule.after(), rule.after());
      String reason = before.isEmpty() ? rule.reason() : rule.reason() + " (" + job.title() + ")";
      order.add(new OrderRule(first, later, rule.binding(), reason));
    }
    job.rechecks().forEach(r -> put(r, job, names));
    job.assemblies().forEach(a -> put(a, before, names));
    for (String name : job.layout().around()) {
      around.add(names.getOrDefault(name, name));
    }
    count(job.parts(), shares);
    cautions.addAll(job.cautions());
    asFound.addAll(job.preparation().asFound());
    fits.addAll(job.preparation().fits());
    inspections.addAll(job.preparation().inspections());
    specialTools.addAll(job.preparation().specialTools());
    consumables.addAll(job.preparation().consumables());
    inTurn &= before.isEmpty() || job.layout().sidesInTurn();
  }

  /** The id of a step that says the same already; else one of its own. */
  private String alike(PackStep step, String before) {
    return steps.stream()
        .filter(
            s ->
                s.phase() == step.phase()
                    && s.side() == step.side()
                    && s.title().equals(step.title())
                    && (s.text().equals(step.text()) || step.phase().compareTo(Phase.SECURE) <= 0))
        .map(PackStep::id)
        .findFirst()
        .orElse(before + step.id());
  }

  private void put(PackJoint j, Map<String, String> names) {
    String id = Objects.requireNonNull(names.get(j.id()));
    for (int i = 0; i < joints.size(); i++) {
      if (joints.get(i).id().equals(id)) {
        joints.set(i, both(joints.get(i), j));
        return;
      }
    }
    joints.add(j.called(id, undoing(j.undoing(), names)));
  }

  /** The first job's joint; what the second says besides is added. */
  private static PackJoint both(PackJoint first, PackJoint second) {
    List<String> traps = new ArrayList<>(first.traps());
    second.traps().stream().filter(t -> !traps.contains(t)).forEach(traps::add);
    return new PackJoint(
        first.id(),
        first.title(),
        first.fastener(),
        first.pattern(),
        first.duty().and(second.duty()),
        first.situation(),
        first.torque(),
        first.turning(),
        traps,
        first.undoing(),
        first.side(),
        first.place());
  }

  private static @Nullable Undoing undoing(@Nullable Undoing undoing, Map<String, String> names) {
    Undoing.BesideStep beside = undoing == null ? null : undoing.beside();
    if (undoing == null || beside == null) {
      return undoing;
    }
    String named = names.getOrDefault(PackStep.taskIdOf(beside.stepId()), beside.stepId());
    return new Undoing(
        undoing.text(),
        new Undoing.BesideStep(named.substring(PackStep.taskIdOf("").length()), beside.after()));
  }

  private void put(PackStep s, Map<String, String> names) {
    String task = Objects.requireNonNull(names.get(s.taskId()));
    if (steps.stream().anyMatch(known -> known.taskId().equals(task))) {
      return;
    }
    PackStep.Beside beside = s.beside();
    steps.add(
        s.called(
            task.substring(PackStep.taskIdOf("").length()),
            beside == null
                ? null
                : new PackStep.Beside(
                    names.getOrDefault(beside.jointId(), beside.jointId()), beside.after())));
  }

  private void put(PackRecheck r, JobPack job, Map<String, String> names) {
    List<String> about =
        r.jointIds().isEmpty() ? job.joints().stream().map(PackJoint::id).toList() : r.jointIds();
    rechecks.add(
        new PackRecheck(
            r.rule(), about.stream().map(id -> names.getOrDefault(id, id)).distinct().toList()));
  }

  /** A joint that stands in an assembly of an earlier job stays there. */
  private void put(PackAssembly a, String before, Map<String, String> names) {
    List<String> own =
        a.jointIds().stream().map(id -> names.getOrDefault(id, id)).filter(assembled::add).toList();
    if (!own.isEmpty()) {
      assemblies.add(new PackAssembly(before + a.id(), a.title(), own, a.onTheBench()));
    }
  }

  /** A part of a joint that two jobs share is needed once; all others are counted for both. */
  private void count(List<PackPart> more, boolean shares) {
    for (PackPart part : more) {
      parts.merge(
          part.name() + " " + part.role(),
          part,
          (a, b) ->
              new PackPart(
                  a.name(),
                  shares && a.role() == PartRole.USED_ONCE
                      ? Math.max(a.count(), b.count())
                      : a.count() + b.count(),
                  a.role()));
    }
  }

  private JobPack of(JobPack visit, List<JobPack> jobs) {
    return new JobPack(
        visit.key(),
        visit.title(),
        visit.summary(),
        visit.machineKind(),
        visit.models(),
        visit.fits(),
        visit.words(),
        List.copyOf(cautions),
        new Preparation(
            List.copyOf(asFound),
            List.copyOf(fits),
            List.copyOf(inspections),
            List.copyOf(specialTools),
            List.copyOf(consumables)),
        List.copyOf(parts.values()),
        steps,
        joints,
        order,
        checks,
        rechecks,
        assemblies,
        PackChoices.NONE,
        new PackLayout(inTurn, around, jobs));
  }
}
