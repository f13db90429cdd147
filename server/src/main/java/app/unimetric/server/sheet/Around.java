package app.unimetric.server.sheet;

import app.unimetric.core.plan.HandTools;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.tool.CribTool;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the plans of all jobs depend on: crib, shelf, the shop's settings and the day. */
record Around(
    List<CribTool> crib,
    @Nullable HandTools handTools,
    Shelf shelf,
    Policy policy,
    LocalDate today) {
  Around {
    crib = List.copyOf(crib);
  }

  /** Without uses that no plan looks at, so that a pull at one bench leaves other plans alone. */
  Around withoutUses() {
    return new Around(
        crib.stream().map(CribTool::lookedAtByPlans).toList(), handTools, shelf, policy, today);
  }
}
