package app.unimetric.core.stated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.why.Why;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures read in the wrong unit (field guide, section 4, rule 6). */
class UnitSlipsTest {
  private static String slips(String values, String joint) {
    Resolution r = Resolver.resolve(ResolverTest.values(values), ResolverTest.joint(joint));
    return r.unitSlips().stream()
        .map(
            s ->
                s.index()
                    + ":"
                    + s.likelyUnits().stream()
                        .map(TorqueUnit::sign)
                        .collect(Collectors.joining(",")))
        .collect(Collectors.joining(" "));
  }

  /** (a) the figure read in another unit agrees with another source within 3 %. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // 88 in·lbf = 9.9427 N·m; within 3 % of x for x from 9.6531 to 10.2502
        "mark 10 Nm; kit 88 Nm           | 1:in·lbf",
        "mark 9.66 Nm; kit 88 Nm         | 1:in·lbf",
        "mark 9.64 Nm; kit 88 Nm         | ''",
        "mark 10.24 Nm; kit 88 Nm        | 1:in·lbf",
        "mark 10.26 Nm; kit 88 Nm        | ''",
        // both ends of a range must agree, a single value only fall into it, 3 % beside its ends
        "mark 9-11 Nm; kit 80-97 Nm      | 1:in·lbf",
        "mark 9-11 Nm; kit 80-120 Nm     | ''",
        "mark 9-11 Nm; kit 88 Nm         | 1:in·lbf",
        "mark 10.24-12 Nm; kit 88 Nm     | 1:in·lbf",
        "mark 10.26-12 Nm; kit 88 Nm     | ''",
        "mark 8-9.66 Nm; kit 88 Nm       | 1:in·lbf,kgf·cm",
        "mark 8-9.64 Nm; kit 88 Nm       | 1:kgf·cm",
        // what agrees as stated is no slip
        "mark 10 Nm; kit 10 Nm           | ''",
        "mark 10 Nm; kit snug            | ''"
      })
  void agreesWithAnotherSourceInAnotherUnit(String values, String slips) {
    assertThat(slips(values, "plain")).isEqualTo(slips);
  }

  /** Who is accused where two values differ: never the better one because a worse one says so. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // 5 N·m read in kgf·m is 49: no M5 carries it; there the 50 is what is wrong
        "manual 5 Nm; memory 50 Nm       | M5         | '1:kgf·cm,in·lbf'",
        // each could be the slip of the other: the worse source is
        "manual 5 Nm; memory 50 Nm       | plain      | '1:kgf·cm'",
        "memory 5 Nm; manual 50 Nm       | plain      | '0:kgf·m'",
        "manual 22 Nm; memory 2.2 Nm     | plain      | '1:kgf·m'",
        // equally good: they just differ
        "manual 5 Nm; manual 50 Nm       | plain      | ''",
        // only one reading makes them agree, whatever its rank
        "mark 10 Nm; kit 88 Nm           | plain      | '1:in·lbf'"
      })
  void theBetterValueIsNotAccused(String values, String joint, String slips) {
    assertThat(slips(values, joint)).isEqualTo(slips);
  }

  /** An M6 8.8 breaks at 21.635 N·m where μ is 0.24 (800 MPa, worked by hand from VDI 2230-1). */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "manual 21.6 Nm | M6, pivot  | true",
        "manual 21.7 Nm | M6, pivot  | false",
        "manual 21.7 Nm | M6, adjust | false",
        "manual 21.7 Nm | M6, lock   | false",
        "manual 500 Nm  | plain      | true"
      })
  void whateverItIsForNoThreadCarriesMoreThanBreaksIt(String values, String joint, boolean ready) {
    Resolution r = Resolver.resolve(ResolverTest.values(values), ResolverTest.joint(joint));
    assertThat(r.ready()).as("%s", r.blockers()).isEqualTo(ready);
    assertThat(r.blockers().stream().anyMatch(b -> b.contains("carry at all"))).isEqualTo(!ready);
  }

  /**
   * (b) a clamping bolt of M6 8.8: T90 is 7.676 N·m at μ = 0.08 and 15.578 at 0.24 (VDI 2230-1,
   * table A1: 7.7 and 15.6), so that it is plausible from 0.7676 to 17.136 N·m.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "manual 10 Nm   | M6         | ''",
        "manual 0.768 Nm | M6        | ''",
        "manual 0.767 Nm | M6         | '0:ft·lbf,kgf·m'",
        "manual 17.13 Nm| M6         | ''",
        "manual 17.14 Nm | M6         | '0:in·lbf,kgf·cm'",
        "manual 88 Nm   | M6         | '0:in·lbf,kgf·cm'",
        "manual 88 Nm   | M6, pivot  | ''",
        "manual 88 Nm   | M6, adjust | ''",
        "manual 88 Nm   | M6, lock   | ''",
        "manual 88 Nm   | plain      | ''"
      })
  void isMoreOrLessThanTheBoltCanBeMeantToTake(String values, String joint, String slips) {
    assertThat(slips(values, joint)).isEqualTo(slips);
  }

  @Test
  void thePlausibleSpanIsTenPercentOfTheLowAndHundredAndTenOfTheHigh() {
    UnitSlips.Plausible span =
        UnitSlips.plausible(ResolverTest.joint("M6"), new Why()).orElseThrow();
    // VDI 2230-1 worked by hand: M6 8.8, hexagon, ν = 0.9
    assertThat(span.lowNm()).isCloseTo(0.76762, within(0.00001));
    assertThat(span.highNm()).isCloseTo(17.13558, within(0.00001));
  }

  @Test
  void saysWhatIsWrongAndWhatWouldBeRight() {
    Resolution high = Resolver.resolve(ResolverTest.values("kit 88 Nm"), ResolverTest.joint("M6"));
    assertThat(high.unitSlips().get(0).reason())
        .startsWith("88 N·m is more than this thread and class can carry (plausible: 0.8–17.1 N·m");
    Resolution low = Resolver.resolve(ResolverTest.values("kit 0.5 Nm"), ResolverTest.joint("M6"));
    assertThat(low.unitSlips().get(0).reason()).contains("far too little to clamp this thread");
    Resolution both =
        Resolver.resolve(ResolverTest.values("manual 10 Nm; kit 88 Nm"), ResolverTest.joint("M6"));
    assertThat(both.unitSlips().get(0).reason())
        .contains("can carry")
        .endsWith("88 N·m read in in·lbf agrees with 10 N·m of the vehicle maker's manual.");
    assertThat(both.unitSlips().get(0).statedUnit()).isEqualTo(TorqueUnit.NEWTON_METRE);
  }
}
