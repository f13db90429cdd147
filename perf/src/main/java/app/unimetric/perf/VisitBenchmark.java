package app.unimetric.perf;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.documents.pack.PackReader;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.Shaping;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/** A visit of four jobs with 60 joints, five of them shared: planned under 20 ms is wanted. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class VisitBenchmark {
  private static final int JOBS = 4;
  private static final int JOINTS_EACH = 15;
  private static final int SHARED = 5;
  private final PackReader reader = new PackReader();
  private final JsonMapper json = JsonMapper.builder().build();
  private JobPack visit;
  private String document;

  @Setup
  public void read() {
    List<JobPack> jobs = new ArrayList<>();
    for (int job = 0; job < JOBS; job++) {
      jobs.add(reader.take(job(job)));
    }
    document = json.writeValueAsString(job(0));
    visit = reader.take(job(JOBS)).together(jobs);
  }

  private static Map<String, Object> job(int job) {
    List<Object> joints = new ArrayList<>();
    List<Object> order = new ArrayList<>();
    for (int i = 0; i < (job == JOBS ? 0 : JOINTS_EACH); i++) {
      joints.add(
          Map.ofEntries(
              Map.entry("id", "joint-" + i),
              Map.entry("title", "Joint " + i + " of " + job),
              Map.entry("thread", "M8"),
              Map.entry("propertyClass", "8.8"),
              Map.entry("count", 1 + i % 6),
              Map.entry("place", i < SHARED ? "shared " + i : "job " + job + " " + i),
              Map.entry("surface", Map.of("vibrates", true)),
              Map.entry("undo", Map.of("text", "Loose.")),
              Map.entry(
                  "values",
                  List.of(
                      Map.of(
                          "value",
                          15 + i % 8,
                          "unit",
                          "N.m",
                          "source",
                          "MANUAL",
                          "document",
                          "p")))));
      if (i > 0) {
        order.add(
            Map.of(
                "before",
                "joint-" + (i - 1),
                "after",
                "joint-" + i,
                "binding",
                "FINAL",
                "reason",
                "r"));
      }
    }
    return Map.of(
        "format",
        "unimetric-pack",
        "version",
        2,
        "key",
        "job-" + job,
        "title",
        "Job " + job,
        "summary",
        "For measuring.",
        "machineKind",
        "ATV",
        "fits",
        "parts",
        "joints",
        joints,
        "order",
        order);
  }

  @Benchmark
  public JobPlan planTheVisit() {
    return JobPlan.of(
        visit.answered(Answers.NONE), Circumstances.of(List.of(), LocalDate.of(2026, 6, 1)));
  }

  /** One change, held against schema and rules. */
  @Benchmark
  public String shapeTheJob() {
    Shaping shaping = Shaping.of(document);
    shaping.take(
        new UUID(0, 1),
        List.of(
            new ShapeEdit.Put(
                List.of("joints", "joint-1", "thread"),
                JsonNodeFactory.instance.stringNode("M8"),
                JsonNodeFactory.instance.stringNode("M10"))),
        null);
    shaping.check();
    return shaping.document();
  }
}
