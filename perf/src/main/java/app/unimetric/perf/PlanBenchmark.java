package app.unimetric.perf;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.documents.pack.PackReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Large packs of at most 10 settings with rules drawn by chance: 60 joints wanted under 10 ms, 400
 * under 200 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlanBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
  private static final int SETTINGS = 10;

  @Param({"60", "400"})
  public int joints;

  /** Rules for each joint to earlier ones. */
  @Param({"1", "3"})
  public int rulesEach;

  private JobPack pack;
  private Circumstances given;

  @Setup
  public void read() {
    Random random = new Random(60);
    List<Object> list = new ArrayList<>();
    List<Object> order = new ArrayList<>();
    for (int i = 0; i < joints; i++) {
      list.add(
          Map.ofEntries(
              Map.entry("id", "joint-" + i),
              Map.entry("title", "Joint " + i),
              Map.entry("thread", "M8"),
              Map.entry("propertyClass", "8.8"),
              Map.entry("count", 1 + i % 6),
              Map.entry("layout", "CIRCLE"),
              Map.entry("role", i % 20 == 0 ? "ADJUST" : i % 20 == 1 ? "LOCK" : "CLAMP"),
              Map.entry("surface", Map.of("bolt", "STEEL", "female", "STEEL", "vibrates", true)),
              Map.entry(
                  "values",
                  List.of(
                      Map.of(
                          "form",
                          "VALUE",
                          "value",
                          10 + random.nextInt(SETTINGS),
                          "unit",
                          "N.m",
                          "source",
                          "MANUAL",
                          "document",
                          "Demo manual")))));
      for (int rule = 0; i > 0 && rule < rulesEach; rule++) {
        order.add(
            Map.of("before", "joint-" + random.nextInt(i), "after", "joint-" + i, "reason", "So."));
      }
    }
    pack =
        new PackReader()
            .take(
                Map.of(
                    "format",
                    "unimetric-pack",
                    "version",
                    1,
                    "key",
                    "bench",
                    "title",
                    "Many joints",
                    "summary",
                    "For measuring.",
                    "machineKind",
                    "ATV",
                    "fits",
                    "All",
                    "joints",
                    list,
                    "order",
                    order));
    List<CribTool> crib = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      crib.add(
          new CribTool(
              "tool-" + i,
              "Tool " + i,
              ToolType.CLICK,
              new TorqueTool(2 + i, 25 + 10 * i, null, 0.5, TorqueUnit.NEWTON_METRE, List.of()),
              TODAY.minusDays(30),
              300,
              null));
    }
    given =
        new Circumstances(
            List.of(),
            crib,
            null,
            new Shelf(
                List.of(new Shelf.Product("Bottle", Compound.MEDIUM, 25.0, 1440.0, null)),
                List.of()),
            null,
            List.of(),
            Map.of(),
            Map.of(),
            Policy.USUAL,
            TODAY);
  }

  @Benchmark
  public JobPlan plan() {
    return JobPlan.of(pack, given);
  }
}
