package app.unimetric.perf;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.documents.pack.PackReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tools.jackson.databind.ObjectMapper;

/** A job sheet of 20 joints, from the document to the plan; wanted under 20 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class SheetBenchmark {
  private static final int JOINTS = 20;
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
  private final PackReader packs = new PackReader();
  private final String document = new ObjectMapper().writeValueAsString(document());
  private final JobPack pack = packs.read(document);
  private final List<CribTool> crib = crib();

  @Benchmark
  public JobPack readThePack() {
    return packs.read(document);
  }

  @Benchmark
  public JobPlan planTheJob() {
    return JobPlan.of(pack, Circumstances.of(crib, TODAY));
  }

  @Benchmark
  public RunSheet readPlanAndLayOutTheRun() {
    JobPack read = packs.read(document);
    return RunSheetWriter.write(JobPlan.of(read, Circumstances.of(crib, TODAY)));
  }

  private static Map<String, Object> document() {
    List<Object> joints = new ArrayList<>();
    List<Object> order = new ArrayList<>();
    for (int i = 0; i < JOINTS; i++) {
      joints.add(
          Map.ofEntries(
              Map.entry("id", "joint-" + i),
              Map.entry("title", "Joint " + i),
              Map.entry("thread", "M8"),
              Map.entry("propertyClass", "8.8"),
              Map.entry("count", 4 + i % 5),
              Map.entry("layout", "CIRCLE"),
              Map.entry("critical", true),
              Map.entry("surface", Map.of("bolt", "STEEL", "female", "STEEL", "vibrates", true)),
              Map.entry(
                  "values",
                  List.of(
                      Map.of(
                          "form",
                          "VALUE",
                          "value",
                          22,
                          "unit",
                          "N.m",
                          "source",
                          "MANUAL",
                          "document",
                          "Demo manual"),
                      Map.of(
                          "form",
                          "RANGE",
                          "min",
                          15.5,
                          "max",
                          17,
                          "unit",
                          "[ft_i].[lbf_av]",
                          "source",
                          "SISTER_SHEET",
                          "document",
                          "Demo sheet")))));
      if (i > 0) {
        order.add(
            Map.of("before", "joint-" + (i - 1), "after", "joint-" + i, "reason", "It locates."));
      }
    }
    return Map.ofEntries(
        Map.entry("format", "unimetric-pack"),
        Map.entry("version", 1),
        Map.entry("key", "bench"),
        Map.entry("title", "Twenty joints"),
        Map.entry("summary", "For measuring."),
        Map.entry("machineKind", "MOTORCYCLE"),
        Map.entry("models", List.of()),
        Map.entry("fits", "Bars"),
        Map.entry("cautions", List.of("Demo data.")),
        Map.entry("joints", joints),
        Map.entry("order", order));
  }

  private static List<CribTool> crib() {
    List<CribTool> crib = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      crib.add(
          new CribTool(
              "tool-" + i,
              "Tool " + i,
              ToolType.CLICK,
              new TorqueTool(2 + i, 25 + 10 * i, null, 0.5, TorqueUnit.NEWTON_METRE, List.of()),
              TODAY.minusDays(40L * i),
              300 * i,
              null));
    }
    return crib;
  }
}
