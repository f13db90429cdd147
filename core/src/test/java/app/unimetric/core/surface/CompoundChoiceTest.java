package app.unimetric.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.thread.ScrewThread;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What goes on (field guide, section 8). A situation is told as "M8, STEEL in STEEL, vibrates"; it
 * comes apart with hand tools unless it "stays", and its nut is in reach unless "no nut".
 */
class CompoundChoiceTest {
  private static CompoundAdvice choose(String situation) {
    ScrewThread thread = ScrewThread.parse("M8");
    Material bolt = Material.STEEL;
    Material female = Material.STEEL;
    Material clamped = null;
    Lock lock = Lock.NONE;
    Surface surface = Surface.THREAD;
    Hole hole = Hole.THROUGH;
    Double temperature = null;
    Compound asked = null;
    Set<Circumstance> circumstances = EnumSet.copyOf(Situation.USUAL);
    for (String word : situation.split(", *")) {
      if (word.matches("M\\d.*")) {
        thread = ScrewThread.parse(word);
      } else if (word.contains(" in ")) {
        bolt = Material.valueOf(word.split(" in ")[0]);
        female = Material.valueOf(word.split(" in ")[1]);
      } else if (word.startsWith("round ")) {
        clamped = Material.valueOf(word.substring(6));
      } else if (word.startsWith("maker ")) {
        asked = Compound.valueOf(word.substring(6));
      } else if (word.endsWith("°C")) {
        temperature = Double.valueOf(word.replace("°C", ""));
      } else if (Arrays.stream(Lock.values()).anyMatch(l -> l.name().equals(word))) {
        lock = Lock.valueOf(word);
      } else if (Arrays.stream(Surface.values()).anyMatch(s -> s.name().equals(word))) {
        surface = Surface.valueOf(word);
      } else {
        switch (word) {
          case "vibrates" -> circumstances.add(Circumstance.VIBRATES);
          case "stays" -> circumstances.remove(Circumstance.COMES_APART);
          case "near plastic" -> circumstances.add(Circumstance.NEAR_PLASTIC);
          case "near carbon" -> circumstances.add(Circumstance.NEAR_CARBON);
          case "assembled" -> circumstances.add(Circumstance.ASSEMBLED);
          case "no nut" -> circumstances.remove(Circumstance.NUT_ACCESS);
          case "blind" -> hole = Hole.BLIND;
          case "no thread" -> thread = null;
          case "plain" -> {}
          default -> throw new IllegalArgumentException(word);
        }
      }
    }
    return CompoundChoice.choose(
        new Situation(
            thread, bolt, female, clamped, lock, surface, hole, circumstances, temperature, asked));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // metal threads that vibrate
        "vibrates                                  | MEDIUM",
        "M5, vibrates                              | LOW",
        "M5.1x0.8, vibrates                        | MEDIUM",
        "no thread, vibrates                       | MEDIUM",
        "ALUMINIUM in STEEL, vibrates              | LOW",
        "STEEL in BRASS, vibrates                  | LOW",
        "STEEL in ALUMINIUM_CAST, vibrates         | MEDIUM",
        "M12, vibrates, stays                      | HIGH",
        "M11.9x1, vibrates, stays                  | MEDIUM",
        "M12, vibrates                             | MEDIUM",
        "M12, vibrates, stays, near carbon         | MEDIUM",
        "M12, vibrates, stays, round CARBON        | MEDIUM",
        "vibrates, assembled                       | WICKING",
        "assembled                                 | GREASE",
        // one lock per joint unless the maker asks for two
        "CASTLE_PIN, vibrates                      | CLEAN_DRY",
        "TAB, vibrates                             | CLEAN_DRY",
        "NYLON_INSERT, vibrates                    | CLEAN_DRY",
        "SERRATED, vibrates                        | CLEAN_DRY",
        "ALL_METAL, vibrates                       | CLEAN_DRY",
        "CASTLE_PIN, maker MEDIUM                  | CLEAN_DRY",
        "NYLON_INSERT, maker MEDIUM                | CLEAN_DRY",
        "SERRATED, maker MEDIUM                    | MEDIUM",
        "ALL_METAL, maker LOW                      | LOW",
        // the maker's word, unless it would harm
        "maker ANTI_SEIZE, vibrates                | ANTI_SEIZE",
        "maker HIGH                                | HIGH",
        "maker HIGH, near carbon                   | CLEAN_DRY",
        "maker MEDIUM, near carbon                 | MEDIUM",
        "maker MEDIUM, near plastic                | CLEAN_DRY",
        "maker GREASE, near plastic                | GREASE",
        // plastic, heat, stainless
        "near plastic, vibrates                    | CLEAN_DRY",
        "STEEL in PLASTIC                          | CLEAN_DRY",
        "round PLASTIC                             | CLEAN_DRY",
        "120°C, vibrates                           | MEDIUM",
        "121°C, vibrates                           | CLEAN_DRY",
        "STAINLESS in STAINLESS, vibrates          | MEDIUM",
        "STAINLESS in STAINLESS                    | ANTI_SEIZE",
        "STAINLESS in STEEL                        | GREASE",
        "STEEL in STAINLESS, vibrates, M5          | LOW",
        // quiet threads
        "plain                                     | GREASE",
        "STEEL in ALUMINIUM_CAST                   | ANTI_SEIZE",
        "STEEL in MAGNESIUM_CAST                   | ANTI_SEIZE",
        "ALUMINIUM in ALUMINIUM_CAST               | GREASE",
        "TITANIUM in TITANIUM                      | ANTI_SEIZE",
        "TITANIUM in STEEL                         | ANTI_SEIZE",
        "STEEL in CARBON                           | GREASE",
        // other surfaces
        "FACE, vibrates                            | CLEAN_DRY",
        "CLAMP, round CARBON                       | CARBON_PASTE",
        "CLAMP, near carbon                        | CARBON_PASTE",
        "CLAMP, STEEL in ALUMINIUM                 | GREASE",
        "CLAMP, STEEL in ALUMINIUM, stays          | CLEAN_DRY",
        "CLAMP, STEEL in STEEL                     | CLEAN_DRY",
        "PRESS_FIT, STEEL in CARBON                | RETAINING_LOW",
        "PRESS_FIT, STEEL in ALUMINIUM, vibrates   | RETAINING_MEDIUM",
        "PRESS_FIT, STEEL in ALUMINIUM             | GREASE",
        "SPLINE, STEEL in ALUMINIUM                | ANTI_SEIZE",
        "SPLINE, STEEL in STEEL                    | GREASE"
      })
  void whatGoesOn(String situation, Compound advice) {
    CompoundAdvice chosen = choose(situation);
    assertThat(chosen.advice()).isEqualTo(advice);
    assertThat(chosen.reasons()).hasSize(1);
  }

  /** Where it is put, by the product, the surface and the hole. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "vibrates                       | On the bolt where the nut will sit; a few drops.",
        "vibrates, no nut               | In the nut, or wiped on with a swab; a few drops.",
        "vibrates, blind                | A few drops in the hole, not on the bolt.",
        "vibrates, assembled            | Along the edge where bolt and thread meet.",
        "plain, blind                   | On the threads and under the head.",
        "CLAMP, round CARBON            | On the clamped surface only, thinly; keep it off the threads.",
        "SPLINE                         | On the seating surface, thinly and all round.",
        "PRESS_FIT, vibrates            | On the seating surface, thinly and all round.",
        "FACE                           | Nowhere: leave the surface bare."
      })
  void whereItGoes(String situation, String where) {
    assertThat(choose(situation).where()).isEqualTo(where);
  }

  /** What must be kept away, and only where it would harm. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "near plastic           | No anaerobic compound: it stress-cracks plastic.",
        "STEEL in PLASTIC       | No anaerobic compound: it stress-cracks plastic.",
        "near carbon            | No high-strength compound near carbon: it cannot be removed without heat that destroys it.",
        "STEEL in CARBON        | No high-strength compound near carbon: it cannot be removed without heat that destroys it.",
        "CARBON in STEEL        | No high-strength compound near carbon: it cannot be removed without heat that destroys it.",
        "CLAMP, round CARBON    | No grease on a carbon clamp: it slips.",
        "CLAMP, near carbon     | No assembly paste in the threads.",
        "PRESS_FIT, STEEL in CARBON | No high-strength retaining compound: it can destroy the frame at removal.",
        "NYLON_INSERT           | No threadlocker on a nylon-insert nut: it does not help and spoils the insert.",
        "200°C                  | No product whose sheet does not cover the temperature: it lets go hot.",
        "M5, vibrates           | No medium or high strength: it can twist a small or soft screw off at removal.",
        "vibrates               | No grease or oil on these threads: it kills the threadlocker."
      })
  void whatIsKeptAway(String situation, String never) {
    assertThat(choose(situation).never()).contains(never);
  }

  @ParameterizedTest
  @CsvSource({
    "plain",
    "SERRATED",
    "STEEL in ALUMINIUM_CAST",
    "FACE",
    "SPLINE",
    "'M12, vibrates, stays'"
  })
  void whereNothingHarmsNothingIsForbidden(String situation) {
    assertThat(choose(situation).never()).isEmpty();
  }

  /** Preparation by kind of product; stainless and titanium cure slowly. */
  @Test
  void preparation() {
    assertThat(choose("vibrates").preparation())
        .containsExactly(
            "Remove old compound, degrease both threads, let them dry.",
            "Bring all bolts of the joint to final torque before the first one's fixture time; times are on the product's own sheet.");
    assertThat(choose("STAINLESS in STEEL, vibrates").preparation())
        .hasSize(3)
        .contains("Cures slowly on this metal: use the activator its sheet names.");
    assertThat(choose("TITANIUM in STEEL, vibrates").preparation()).hasSize(3);
    assertThat(choose("FACE").preparation()).containsExactly("Wipe clean and dry.");
    assertThat(choose("plain").preparation())
        .containsExactly("Clean off dirt and old grease first.");
  }

  @ParameterizedTest
  @EnumSource(Compound.class)
  void theFirstSixHardenWithoutAir(Compound compound) {
    Set<Compound> anaerobic =
        EnumSet.of(
            Compound.LOW,
            Compound.MEDIUM,
            Compound.HIGH,
            Compound.WICKING,
            Compound.RETAINING_LOW,
            Compound.RETAINING_MEDIUM);
    assertThat(compound.isAnaerobic()).isEqualTo(anaerobic.contains(compound));
  }

  /** Strength words, never a maker's colours. */
  @Test
  void products() {
    assertThat(Arrays.stream(Compound.values()).map(Compound::words))
        .containsExactly(
            "low-strength threadlocker",
            "medium-strength threadlocker",
            "high-strength threadlocker",
            "wicking threadlocker",
            "low-strength retaining compound",
            "medium-strength retaining compound",
            "grease",
            "anti-seize",
            "assembly paste",
            "nothing: clean and dry");
  }

  @ParameterizedTest
  @CsvSource({"-101", "1501"})
  void temperaturesThatCannotBe(double celsius) {
    assertThatThrownBy(() -> choose(celsius + "°C")).isInstanceOf(InvalidInput.class);
  }
}
