package app.unimetric.core.book;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Conflict;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Resolver;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.core.stated.UnitSlip;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What is doubtful about a line among all that is stated for its joint: by the same rules as a job
 * resolves its values (conflicts, unit slips).
 *
 * @param conflicts in words, with whom it disagrees
 * @param slips in words, with the unit it was probably meant in
 */
public record SpecDoubts(List<String> conflicts, List<String> slips) {
  private static final int MOST = 64;
  public static final SpecDoubts NONE = new SpecDoubts(List.of(), List.of());

  public SpecDoubts {
    conflicts = List.copyOf(conflicts);
    slips = List.copyOf(slips);
  }

  public boolean isNone() {
    return conflicts.isEmpty() && slips.isEmpty();
  }

  /**
   * @param others stated for the same joint; those of other years are passed over
   */
  public static SpecDoubts of(SpecLine line, List<SpecLine> others) {
    List<SpecLine> lines = new ArrayList<>(List.of(line));
    others.stream().filter(line::meets).limit(MOST - 1).forEach(lines::add);
    if (lines.size() == 1) {
      return NONE;
    }
    List<StatedValue> values = lines.stream().map(SpecLine::stated).toList();
    Resolution r =
        Resolver.resolve(
            values,
            new JointContext(
                null, null, Head.HEX, Duty.PLAIN, Aim.MIDDLE, null, Tolerances.USUAL, false));
    List<String> conflicts = new ArrayList<>();
    for (Conflict c : r.conflicts()) {
      if (c.a() == 0 || c.b() == 0) {
        SpecLine other = lines.get(c.a() == 0 ? c.b() : c.a());
        conflicts.add(
            "“"
                + line.torque()
                + "” and “"
                + other.torque()
                + "” ("
                + said(other)
                + ") cannot both be met; they lie "
                + Figure.fixed(Math.abs(c.percent()), 0)
                + " % apart.");
      }
    }
    List<String> slips = new ArrayList<>();
    for (UnitSlip s : r.unitSlips()) {
      if (s.index() == 0) {
        slips.add(
            "“"
                + line.torque()
                + "” was perhaps meant in "
                + s.likelyUnits().stream().map(TorqueUnit::sign).collect(Collectors.joining(" or "))
                + ": "
                + s.reason());
      }
    }
    return new SpecDoubts(conflicts, slips);
  }

  private static String said(SpecLine line) {
    return line.document().isEmpty() ? line.source().words() : line.document();
  }
}
