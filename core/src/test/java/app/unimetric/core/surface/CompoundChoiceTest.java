package app.unimetric.core.surface;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.thread.MetricThread;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CompoundChoiceTest {
  private MetricThread thread = MetricThread.parse("M8");
  private Material bolt = Material.STEEL;
  private Material female = Material.STEEL;
  private Material clamped = Material.STEEL;
  private Lock lock = Lock.NONE;
  private Surface surface = Surface.THREAD;
  private boolean comesApart = true;
  private boolean vibrates = true;
  private boolean nearPlastic;
  private Double temperature;
  private boolean assembled;
  private Hole hole = Hole.THROUGH;
  private Compound makerSays;

  private Set<Circumstance> circumstances() {
    Set<Circumstance> all = EnumSet.of(Circumstance.NUT_ACCESS);
    if (comesApart) {
      all.add(Circumstance.COMES_APART);
    }
    if (vibrates) {
      all.add(Circumstance.VIBRATES);
    }
    if (nearPlastic) {
      all.add(Circumstance.NEAR_PLASTIC);
    }
    if (assembled) {
      all.add(Circumstance.ASSEMBLED);
    }
    return all;
  }

  private CompoundAdvice choose() {
    return CompoundChoice.choose(
        new Situation(
            thread,
            bolt,
            female,
            clamped,
            lock,
            surface,
            hole,
            circumstances(),
            temperature,
            makerSays));
  }

  @Test
  void vibratingMetalThreadsThatComeApartGetMediumStrength() {
    assertThat(choose().advice()).isEqualTo(Compound.MEDIUM);
    assertThat(choose().never()).anyMatch(s -> s.contains("grease"));
  }

  @Test
  void smallScrewsGetLowStrength() {
    thread = MetricThread.parse("M5");
    assertThat(choose().advice()).isEqualTo(Compound.LOW);
  }

  @Test
  void largeStudsThatStayGetHighStrength() {
    thread = MetricThread.parse("M12");
    comesApart = false;
    assertThat(choose().advice()).isEqualTo(Compound.HIGH);
  }

  @Test
  void aLockIsEnough() {
    for (Lock one : Lock.values()) {
      lock = one;
      assertThat(choose().advice())
          .isEqualTo(one == Lock.NONE ? Compound.MEDIUM : Compound.CLEAN_DRY);
    }
    lock = Lock.NYLON_INSERT;
    makerSays = Compound.MEDIUM;
    assertThat(choose().advice()).isEqualTo(Compound.CLEAN_DRY);
    lock = Lock.SERRATED;
    assertThat(choose().advice()).isEqualTo(Compound.MEDIUM);
  }

  @Test
  void plasticIsKeptFromAnaerobics() {
    nearPlastic = true;
    makerSays = Compound.MEDIUM;
    assertThat(choose().advice()).isEqualTo(Compound.CLEAN_DRY);
    assertThat(choose().reasons()).anyMatch(s -> s.contains("ask the maker"));
  }

  @Test
  void quietUnlikeMetalsGetAntiSeizeAndLikeOnesGrease() {
    vibrates = false;
    assertThat(choose().advice()).isEqualTo(Compound.GREASE);
    female = Material.ALUMINIUM_CAST;
    assertThat(choose().advice()).isEqualTo(Compound.ANTI_SEIZE);
  }

  @Test
  void carbonClampsGetPasteAndNeverGrease() {
    surface = Surface.CLAMP;
    clamped = Material.CARBON;
    assertThat(choose().advice()).isEqualTo(Compound.CARBON_PASTE);
    assertThat(choose().never()).anyMatch(s -> s.contains("No grease"));
    assertThat(choose().where()).contains("clamped surface only");
  }

  @Test
  void hotStainlessAndAssembledJoints() {
    temperature = 300.0;
    assertThat(choose().advice()).isEqualTo(Compound.CLEAN_DRY);
    temperature = null;
    assembled = true;
    assertThat(choose().advice()).isEqualTo(Compound.WICKING);
    assembled = false;
    bolt = Material.STAINLESS;
    female = Material.STAINLESS;
    assertThat(choose().preparation()).anyMatch(s -> s.contains("activator"));
    vibrates = false;
    assertThat(choose().advice()).isEqualTo(Compound.ANTI_SEIZE);
  }

  @Test
  void blindHolesTakeTheDropsInTheHole() {
    hole = Hole.BLIND;
    assertThat(choose().where()).contains("in the hole");
  }

  @Test
  void facesStayBareAndPressFitsGetWhatTheyNeed() {
    surface = Surface.FACE;
    assertThat(choose().advice()).isEqualTo(Compound.CLEAN_DRY);
    surface = Surface.PRESS_FIT;
    female = Material.CARBON;
    assertThat(choose().advice()).isEqualTo(Compound.RETAINING_LOW);
    surface = Surface.SPLINE;
    female = Material.ALUMINIUM;
    assertThat(choose().advice()).isEqualTo(Compound.ANTI_SEIZE);
  }
}
