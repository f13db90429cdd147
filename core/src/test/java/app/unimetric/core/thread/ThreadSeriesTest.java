package app.unimetric.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The threads offered, as the reference data list them. */
class ThreadSeriesTest {
  private static final Map<String, ThreadSeries> OFFERED =
      ThreadSeries.all().stream()
          .collect(Collectors.toMap(ThreadSeries::name, Function.identity()));

  /** Coarse of ISO 262, diameter × pitch. */
  @ParameterizedTest
  @CsvSource({
    "2, 0.4",
    "2.5, 0.45",
    "3, 0.5",
    "4, 0.7",
    "5, 0.8",
    "6, 1",
    "8, 1.25",
    "10, 1.5",
    "12, 1.75",
    "14, 2",
    "16, 2",
    "18, 2.5",
    "20, 2.5",
    "22, 2.5",
    "24, 3"
  })
  void coarse(double d, double pitch) {
    ScrewThread thread = ScrewThread.of(d, pitch);
    assertThat(thread.isCoarse()).isTrue();
    assertThat(CoarsePitch.of(d)).contains(pitch);
    ThreadSeries offered = OFFERED.get(thread.designation());
    assertThat(offered.thread()).isEqualTo(thread);
    assertThat(offered.note()).isEqualTo("coarse");
    assertThat(offered.hand()).isEqualTo(Hand.RIGHT);
    assertThat(CoarsePitch.all()).hasSize(15);
  }

  /** Fine, and the axles and cups of bicycles; all right-hand but for what stands below. */
  @ParameterizedTest
  @CsvSource({
    "8, 1, fine",
    "10, 1, fine",
    "10, 1.25, fine",
    "12, 1, fine",
    "12, 1.25, fine",
    "12, 1.5, fine",
    "14, 1.5, fine",
    "16, 1.5, fine",
    "18, 1.5, fine",
    "20, 1.5, fine",
    "22, 1.5, fine",
    "24, 2, fine",
    "8, 0.75, bicycle",
    "9, 1, bicycle axle",
    "15, 1.5, bicycle axle",
    "47, 1, thread-together bottom bracket; hand per part",
    "48.5, 1, thread-together bottom bracket; hand per part"
  })
  void fineAndBicycle(double d, double pitch, String note) {
    ThreadSeries offered = OFFERED.get(ScrewThread.of(d, pitch).designation());
    assertThat(offered.note()).isEqualTo(note);
    assertThat(offered.hand()).isEqualTo(Hand.RIGHT);
    assertThat(offered.thread().isCoarse()).isFalse();
  }

  /** Inch threads: 1 in = 25.4 mm; the left pedal and the drive-side cup are left-hand. */
  @ParameterizedTest
  @CsvSource({
    "'9/16 in × 20, right pedal', 14.2875, 1.27, RIGHT",
    "'9/16 in × 20, left pedal', 14.2875, 1.27, LEFT",
    "'1.375 in × 24, drive side', 34.925, 1.058333, LEFT",
    "'1.375 in × 24, other side', 34.925, 1.058333, RIGHT",
    "36 mm × 24 tpi, 36, 1.058333, RIGHT"
  })
  void byInches(String name, double d, double pitch, Hand hand) {
    ThreadSeries offered = OFFERED.get(name);
    assertThat(offered.thread().nominalDiameterMm()).isCloseTo(d, within(1e-6));
    assertThat(offered.thread().pitchMm()).isCloseTo(pitch, within(1e-6));
    assertThat(offered.hand()).isEqualTo(hand);
    assertThat(offered.note().contains("left-hand")).isEqualTo(hand == Hand.LEFT);
  }

  @Test
  void eachOnce() {
    assertThat(ThreadSeries.all()).hasSize(15 + 12 + 5 + 5 + 22).doesNotHaveDuplicates();
  }
}
