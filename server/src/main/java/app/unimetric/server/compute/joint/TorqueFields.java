package app.unimetric.server.compute.joint;

import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** The torque that is brought on, as the calls take it: one figure or a band. */
public record TorqueFields(
    @Schema(description = "N·m") @Nullable Double torqueNm,
    @Nullable Span torqueBandNm,
    @Schema(description = "percent, 0 to 50; left out: 6 to 10 N·m, 4 above")
        @Nullable Double toolDeviationPercent,
    @Schema(description = "N·m, taken off before it clamps") @Nullable Double prevailingNm) {

  @Schema(name = "TorqueSpan", description = "N·m")
  public record Span(double min, double max) {}

  /** Nothing is brought on. */
  public static final TorqueFields NONE = new TorqueFields(null, null, null, null);

  /** The same tool and thread with another torque; null for none. */
  public TorqueFields with(@Nullable TorqueBand band) {
    if (band == null) {
      return new TorqueFields(null, null, toolDeviationPercent, prevailingNm);
    }
    return band.isSingle()
        ? new TorqueFields(band.minNm(), null, toolDeviationPercent, prevailingNm)
        : new TorqueFields(
            null, new Span(band.minNm(), band.maxNm()), toolDeviationPercent, prevailingNm);
  }

  public boolean torqueGiven() {
    return torqueNm != null || torqueBandNm != null;
  }

  /** The torque of the core; null without one. */
  public @Nullable AppliedTorque torque() {
    Double single = torqueNm;
    Span band = torqueBandNm;
    new Problems()
        .require(
            single == null || band == null,
            "torqueNm",
            "Give either torqueNm or torqueBandNm, not both.")
        .require(
            torqueGiven() || prevailingNm == null,
            "prevailingNm",
            "belongs to a torque; give that too.")
        .orThrow();
    TorqueBand applied;
    if (single != null) {
      applied = Fields.under("torqueNm", () -> band(single, single, "", ""));
    } else if (band != null) {
      applied = Fields.under("torqueBandNm", () -> band(band.min(), band.max(), "min", "max"));
    } else {
      return null;
    }
    return AppliedTorque.of(applied, toolDeviationPercent, prevailingNm);
  }

  private static TorqueBand band(double low, double high, String lowField, String highField) {
    new Problems().positive(high, Torque.MAX_NM, highField).orThrow();
    new Problems().within(low, 0, Torque.MAX_NM, lowField).orThrow();
    new Problems().require(low <= high, "min", "must not be above max.").orThrow();
    return TorqueBand.of(low, high);
  }
}
