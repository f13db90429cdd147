package app.unimetric.core.pack;

import app.unimetric.core.order.OrderRule;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A job as data.
 *
 * @param models the machines it is written for, by model name; empty for all of the kind
 * @param words other words people look it up by
 * @param rechecks what to look at again, besides the workshop's own rules
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
    List<OneTimePart> oneTimeParts,
    List<PackStep> steps,
    List<PackJoint> joints,
    List<OrderRule> order,
    List<PackCheck> checks,
    List<PackRecheck> rechecks) {
  /** The version of the document this code reads. */
  public static final int VERSION = 1;

  public JobPack {
    models = List.copyOf(models);
    words = List.copyOf(words);
    cautions = List.copyOf(cautions);
    oneTimeParts = List.copyOf(oneTimeParts);
    steps = List.copyOf(steps);
    joints = List.copyOf(joints);
    order = List.copyOf(order);
    checks = List.copyOf(checks);
    rechecks = List.copyOf(rechecks);
  }

  /** Whether the job is meant for this machine. */
  public boolean suits(MachineKind kind, String model) {
    return machineKind == kind && (models.isEmpty() || models.contains(model));
  }

  /** Whether someone looking for this text means this job: every word begins a word of it. */
  public boolean matches(String text) {
    String all =
        (title + " " + summary + " " + String.join(" ", words) + " " + fits)
            .toLowerCase(Locale.ROOT);
    List<String> known = List.of(all.split("[^\\p{L}\\p{N}]+"));
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

  /** The same job with values found for it, after those the pack states itself. */
  public JobPack with(Map<String, List<DocumentedValue>> found) {
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
        oneTimeParts,
        steps,
        joints.stream().map(j -> j.with(found.getOrDefault(j.id(), List.of()))).toList(),
        order,
        checks,
        rechecks);
  }
}
