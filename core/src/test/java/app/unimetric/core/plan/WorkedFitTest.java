package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.FitQuestion;
import app.unimetric.core.pack.SamplePack;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkedFitTest {
  private static WorkedFit worked(@Nullable FitVerdict verdict) {
    return new WorkedFit(FitCall.SPINDLE, "?", verdict, List.of("1.00 mm are left."));
  }

  @ParameterizedTest
  @CsvSource({
    "FITS, false, true",
    "FITS, true, true",
    "DOES_NOT, true, false",
    "TOO_CLOSE, true, false",
    ", true, true",
    ", false, false",
  })
  void whatWasWorkedOutDecidesAndAWordOnlyWhereItSaysNothing(
      @Nullable FitVerdict verdict, boolean word, boolean fits) {
    assertThat(worked(verdict).fits(word)).isEqualTo(fits);
  }

  @Test
  void aWordAloneIsEnoughWhereLookingIs() {
    assertThat(new FitQuestion("bolt clears the pipe", null).takesAnybodysWord()).isTrue();
    assertThat(new FitQuestion("width", FitCall.SPINDLE).takesAnybodysWord()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "DOES_NOT, false, Does not fit: width. 1.00 mm are left.",
    "TOO_CLOSE, false, Not measured well enough: width. 1.00 mm are left.",
  })
  void whatDoesNotFitIsInTheWayWithItsReason(FitVerdict verdict, boolean fits, String words) {
    FitAnswer answer = new FitAnswer("width", fits, "", "Bram", worked(verdict));
    assertThat(blockers(answer)).containsExactly(words);
  }

  @Test
  void whatFitsIsNotInTheWay() {
    assertThat(blockers(new FitAnswer("width", true, "", "Bram", worked(FitVerdict.FITS))))
        .isEmpty();
  }

  private static List<String> blockers(FitAnswer answer) {
    Map<String, Object> document = SamplePack.document();
    document.put("fitChecks", List.of("width"));
    return Given.of(List.of(), LocalDate.of(2026, 11, 27))
        .answered(List.of(answer))
        .plan(SamplePack.read(document))
        .blockers()
        .stream()
        .filter(b -> b.kind() == Blocker.Kind.FIT_NOT_CHECKED)
        .map(Blocker::message)
        .toList();
  }

  @ParameterizedTest
  @CsvSource({
    "FITS, true, fits: 1.00 mm are left. (Bram)",
    "TOO_CLOSE, false, too close to call: 1.00 mm are left. (Bram)",
    "DOES_NOT, false, does not fit: 1.00 mm are left. (Bram)",
  })
  void itIsSaidInALine(FitVerdict verdict, boolean fits, String words) {
    assertThat(new FitAnswer("width", fits, "", "Bram", worked(verdict)).words()).isEqualTo(words);
  }

  @Test
  void aNoteStandsBehindAndAWordAlone() {
    assertThat(new FitAnswer("width", true, "twice", "Asta", worked(FitVerdict.FITS)).words())
        .isEqualTo("fits: 1.00 mm are left. twice (Asta)");
    assertThat(new FitAnswer("width", true, "", "Asta", null).words()).isEqualTo("fits (Asta)");
  }
}
