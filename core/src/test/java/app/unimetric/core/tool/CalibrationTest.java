package app.unimetric.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Calibration, checks in the shop and what else happens to a tool (guide, section 10). */
class CalibrationTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  @ParameterizedTest
  @CsvSource({
    "CLICK, 10, 6",
    "CLICK, 10.01, 4",
    "DIAL, 25, 4",
    "DIGITAL, 5, 6",
    "PRESET, 6, 6",
    "BEAM, 240, 6",
    "BEAM, 5, 6",
    "SCREWDRIVER, 12, 6",
    "SCREWDRIVER, 3, 6"
  })
  void whatAToolMayBeOffByTypeAndMaximum(ToolType type, double maxNm, double percent) {
    assertThat(type.permissiblePercent(maxNm)).isEqualTo(percent);
    TorqueTool plain =
        new TorqueTool(maxNm / 5, maxNm, null, null, TorqueUnit.NEWTON_METRE, List.of());
    CribTool kept = new CribTool("t", "T", type, plain, DAY, 0, null);
    assertThat(kept.tool().deviation()).isEqualTo(percent / 100);
    CribTool certified = new CribTool("t", "T", type, plain.deviating(2), DAY, 0, null);
    assertThat(certified.tool().deviation()).as("as certified").isEqualTo(0.02);
  }

  /** Points as "set/measured" with an optional "=stated %". */
  private static Certificate certificate(String typed, double maxNm, double permissible) {
    List<CertificatePoint> points = new ArrayList<>();
    for (String point : typed.trim().split(" +")) {
      String[] parts = point.split("[/=]");
      points.add(
          new CertificatePoint(
              Double.parseDouble(parts[0]),
              Double.parseDouble(parts[1]),
              parts.length > 2 ? Double.valueOf(parts[2]) : null));
    }
    return new Certificate(points, maxNm, permissible);
  }

  @ParameterizedTest
  @CsvSource({
    "20/20 60/60 100/100, 100, 4, true, 0",
    "104/100 20/20 60/60, 100, 4, true, 4",
    "104.01/100 20/20 60/60, 100, 4, false, 4.01",
    "96/100 20/20 60/60, 100, 4, true, 4",
    "95.99/100 20/20 60/60, 100, 4, false, 4.01",
    // the deviation is of what was measured, not of what was set
    "100/96.2 20/20 60/60, 100, 4, true, 3.95",
    "100/96.1 20/20 60/60, 100, 4, false, 4.06",
  })
  void aCertificateIsJudgedByItsWorstPoint(
      String points, double max, double permissible, boolean passes, double worst) {
    Certificate c = certificate(points, max, permissible);
    assertThat(c.passes()).isEqualTo(passes);
    assertThat(c.worstPercent()).isCloseTo(worst, within(0.005));
    assertThat(c.reasons()).hasSize(1);
    assertThat(c.reasons().get(0)).startsWith(passes ? "Passed" : "Failed");
  }

  @ParameterizedTest
  @CsvSource({
    "20/20 60/60, 100 %",
    "60/60 100/100, 20 %",
    "20/20 100/100, 60 %",
    "31/31 60/60 100/100, 20 %",
    "20/20 49/49 100/100, 60 %",
  })
  void whereATriedPointIsWantingThatIsSaid(String points, String at) {
    assertThat(certificate(points, 100, 4).reasons())
        .anySatisfy(r -> assertThat(r).contains("No point near " + at));
    assertThat(certificate("30/30 50/50 90/90", 100, 4).reasons()).as("near enough").hasSize(1);
  }

  @ParameterizedTest
  @CsvSource({
    "100/98=2.04, false",
    "100/98=-2.04, false",
    "100/98=2.15, false",
    "100/98=2.3, true",
    "100/98=0.1, true",
    "100/100=0.1, false"
  })
  void aDeviationThatItsFiguresDoNotGiveIsAskedAbout(String point, boolean asked) {
    assertThat(
            certificate("20/20 60/60 " + point, 100, 4).reasons().stream()
                .anyMatch(r -> r.contains("ask who wrote it")))
        .isEqualTo(asked);
  }

  @Test
  void aCertificateHasPoints() {
    assertThatThrownBy(() -> new Certificate(List.of(), 100, 4)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new CertificatePoint(0, 10, null)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new CertificatePoint(10, 1e6, null)).isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @CsvSource({
    // 10 kg on 500 mm: 49.03 N·m
    "10, 0, 500, 0, 0, 49, 0, PASSED, -0.07",
    "10, 0, 500, 0, 0, 51, 0, FAILED, 4.01",
    "10, 0, 500, 0, 0, 50.99, 0, PASSED, 3.99",
    // the same reading with a tape that is 5 mm off: nobody can tell
    "10, 0, 500, 5, 0, 50.9, 0, TOO_CLOSE, 3.81",
    "10, 0.2, 500, 0, 0, 51.5, 0, TOO_CLOSE, 5.03",
    "10, 0, 500, 5, 0, 51.6, 0, FAILED, 5.24",
    // half a mark of a coarse scale
    "10, 0, 500, 0, 0, 50.9, 0.5, TOO_CLOSE, 3.81",
    // an arm 10 degrees from level carries less
    "10, 0, 500, 0, 10, 48.29, 0, PASSED, 0.00",
  })
  void aKnownMassTellsAToolThatIsAstray(
      double kg,
      double kgOff,
      double mm,
      double mmOff,
      double degrees,
      double reading,
      double readingOff,
      KnownMass.Outcome outcome,
      double deviation) {
    KnownMass check = new KnownMass(kg, kgOff, mm, mmOff, degrees, reading, readingOff, 4);
    assertThat(check.deviationPercent()).isCloseTo(deviation, within(0.01));
    assertThat(check.outcome()).isEqualTo(outcome);
    assertThat(check.words())
        .contains(
            switch (outcome) {
              case PASSED -> "It held";
              case FAILED -> "out of use";
              case TOO_CLOSE -> "Too close";
            });
  }

  @Test
  void uncertaintiesAddAsSquares() {
    KnownMass check = new KnownMass(10, 0.3, 500, 20, 0, 49, 0, 4);
    assertThat(check.uncertaintyPercent()).isCloseTo(5, within(1e-9));
    assertThat(check.words()).contains("m·g·L·cos θ", "sure to ± 5.0 %");
  }

  private static ToolEntry entry(String typed, int minute) {
    String[] words = typed.split("-");
    return new ToolEntry(
        ToolEntry.Kind.valueOf(words[0]),
        DAY.plusDays(minute),
        at(minute),
        words.length == 1,
        typed);
  }

  private static Instant at(int minute) {
    return Instant.parse("2026-05-04T08:00:00Z").plusSeconds(60L * minute);
  }

  /** The log as words, one a minute; "-no" for one that did not hold. */
  private static ToolStanding after(String log) {
    List<ToolEntry> entries = new ArrayList<>();
    if (!log.isEmpty()) {
      for (String word : log.split(" ")) {
        entries.add(entry(word, entries.size()));
      }
    }
    return ToolStanding.of(entries);
  }

  @ParameterizedTest
  @CsvSource({
    "'', , , ",
    "CALIBRATED, 0, , 0",
    "CALIBRATED, 0, , 0",
    "CALIBRATED DROPPED, 0, dropped on 2026-05-05, 0",
    "CALIBRATED OVERLOADED, 0, loaded beyond its maximum, 0",
    // a check in the shop does not clear a drop, a calibration does
    "CALIBRATED DROPPED CHECKED, 0, dropped, 0",
    "CALIBRATED DROPPED CALIBRATED, 2, , 2",
    "CALIBRATED CHECKED-no, 0, failed its check of 2026-05-05, 0",
    "CALIBRATED CHECKED-no CHECKED, 0, failed its check, 0",
    "CALIBRATED CALIBRATED-no, 0, failed its calibration of 2026-05-05, 0",
    "CALIBRATED CALIBRATED-no CALIBRATED, 2, , 2",
    "CALIBRATED RETIRED BACK, 0, , 0",
  })
  void aToolStandsAsItsLogSays(String log, Integer calibrated, String out, Integer good) {
    ToolStanding s = after(log);
    assertThat(s.calibratedOn()).isEqualTo(calibrated == null ? null : DAY.plusDays(calibrated));
    boolean byCertificate = good != null && log.split(" ")[good].equals("CALIBRATED");
    assertThat(s.lastGood())
        .isEqualTo(
            good == null
                ? null
                : byCertificate
                    ? DAY.plusDays(good).atStartOfDay(java.time.ZoneOffset.UTC).toInstant()
                    : at(good));
    if (out == null) {
      assertThat(s.out()).isNull();
    } else {
      assertThat(s.out()).contains(out);
    }
  }

  @Test
  void aCertificateFromBeforeTheDropClearsNothing() {
    ToolEntry dropped = entry("DROPPED", 3);
    ToolEntry before =
        new ToolEntry(ToolEntry.Kind.CALIBRATED, DAY.plusDays(2), at(9), true, "found late");
    ToolEntry sameDay =
        new ToolEntry(ToolEntry.Kind.CALIBRATED, DAY.plusDays(3), at(10), true, "after it");
    assertThat(ToolStanding.of(List.of(dropped, before)).out()).contains("dropped");
    assertThat(ToolStanding.of(List.of(dropped, before)).calibratedOn()).isEqualTo(DAY.plusDays(2));
    assertThat(ToolStanding.of(List.of(dropped, before, sameDay)).out()).isNull();
  }

  @Test
  void aToolThatIsDroppedTwiceIsOutOfUseFromTheFirstDropOn() {
    ToolStanding s = after("CALIBRATED DROPPED DROPPED CHECKED-no CALIBRATED");
    assertThat(s.spans()).extracting(p -> p.from()).containsExactly(at(1));
    assertThat(s.spans()).extracting(p -> p.until()).containsExactly(at(4));
  }

  @Test
  void whenItWasOutOfUseIsKept() {
    ToolStanding s = after("CALIBRATED DROPPED CHECKED CALIBRATED CHECKED-no RETIRED");
    assertThat(s.retired()).isTrue();
    assertThat(s.spans()).extracting(p -> p.from()).containsExactly(at(1), at(4));
    assertThat(s.spans()).extracting(p -> p.until()).containsExactly(at(3), null);
    assertThat(s.spans().get(0).holds(at(1))).isTrue();
    assertThat(s.spans().get(0).holds(at(3))).isFalse();
    assertThat(s.spans().get(0).holds(at(0))).isFalse();
    assertThat(s.spans().get(1).holds(at(900))).isTrue();
  }
}
