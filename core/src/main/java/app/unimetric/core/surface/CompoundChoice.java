package app.unimetric.core.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.thread.ScrewThread;
import java.util.ArrayList;
import java.util.List;

/** Chooses what goes on a surface: one lock per joint, the right product, and what to keep away. */
public final class CompoundChoice {
  /**
   * Above this, °C, an ordinary anaerobic product can no longer be counted on without its sheet.
   */
  private static final double HOT_C = 120;

  private static final double SMALL_SCREW_MM = 5;
  private static final double LARGE_STUD_MM = 12;

  private final Situation s;
  private final List<String> reasons = new ArrayList<>();
  private final List<String> never = new ArrayList<>();

  private CompoundChoice(Situation s) {
    this.s = s;
  }

  public static CompoundAdvice choose(Situation situation) {
    return new CompoundChoice(situation).run();
  }

  private CompoundAdvice run() {
    warn();
    Compound advice = bySurface();
    return new CompoundAdvice(advice, where(advice), preparation(advice), never, reasons);
  }

  private void warn() {
    if (s.touchesPlastic()) {
      never.add("No anaerobic compound: it stress-cracks plastic.");
    }
    if (s.touchesCarbon()) {
      never.add(
          "No high-strength compound near carbon: it cannot be removed without heat that destroys it.");
    }
    if (s.surface() == Surface.CLAMP && s.touchesCarbon()) {
      never.add("No grease on a carbon clamp: it slips.");
      never.add("No assembly paste in the threads.");
    }
  }

  private Compound bySurface() {
    return switch (s.surface()) {
      case FACE -> because(Compound.CLEAN_DRY, "Friction and seating faces stay bare and clean.");
      case CLAMP -> clamp();
      case PRESS_FIT -> pressFit();
      case SPLINE ->
          s.unlikeMetals()
              ? because(Compound.ANTI_SEIZE, "Unlike metals on a spline or taper corrode together.")
              : because(
                  Compound.GREASE, "A spline or taper that must come apart again is greased.");
      case THREAD -> thread();
    };
  }

  private Compound clamp() {
    if (s.touchesCarbon()) {
      return because(
          Compound.CARBON_PASTE,
          "Assembly paste lets carbon hold at a lower clamp load; on the clamped surface only.");
    }
    return s.mustComeApart() && s.unlikeMetals()
        ? because(
            Compound.GREASE,
            "Unlike metals that sit in each other corrode together; a thin film of grease parts them.")
        : because(Compound.CLEAN_DRY, "Metal on metal holds by clean, dry friction.");
  }

  private Compound pressFit() {
    if (s.touchesCarbon()) {
      never.add("No high-strength retaining compound: it can destroy the frame at removal.");
      return because(
          Compound.RETAINING_LOW,
          "A cup in a carbon shell is bedded in low-strength retaining compound, with primer if its sheet asks.");
    }
    return s.vibrates()
        ? because(
            Compound.RETAINING_MEDIUM,
            "A loose metal fit is held by medium-strength retaining compound.")
        : because(Compound.GREASE, "Metal in metal is pressed in with grease.");
  }

  private Compound thread() {
    if (s.lock() != Lock.NONE) {
      return locked();
    }
    Compound asked = s.makerSays();
    if (asked != null) {
      return maker(asked);
    }
    if (s.touchesPlastic()) {
      return because(Compound.CLEAN_DRY, "Near plastic no compound is used on the thread.");
    }
    Double temperature = s.temperatureC();
    if (temperature != null && temperature > HOT_C) {
      never.add("No product whose sheet does not cover the temperature: it lets go hot.");
      return because(
          Compound.CLEAN_DRY,
          "A hot joint is locked mechanically, unless a product's sheet covers the temperature.");
    }
    if (s.is(Circumstance.ASSEMBLED) && s.vibrates()) {
      return because(
          Compound.WICKING,
          "The joint is together: a wicking grade creeps in, on clean joints only.");
    }
    if (s.bolt() == Material.STAINLESS && s.female() == Material.STAINLESS) {
      return stainless();
    }
    return s.vibrates() ? vibrating() : quiet();
  }

  private Compound locked() {
    Compound asked = s.makerSays();
    return switch (s.lock()) {
      case CASTLE_PIN, TAB ->
          because(Compound.CLEAN_DRY, "The pin or tab is the lock; nothing else is needed.");
      case NYLON_INSERT -> {
        never.add("No threadlocker on a nylon-insert nut: it does not help and spoils the insert.");
        yield because(
            Compound.CLEAN_DRY,
            "The insert is the lock; replace the nut after the maker's count of uses.");
      }
      default ->
          asked != null
              ? maker(asked)
              : because(
                  Compound.CLEAN_DRY,
                  "A serrated or all-metal nut locks itself; compound only if the maker says.");
    };
  }

  private Compound maker(Compound asked) {
    boolean harms =
        (asked.isAnaerobic() && s.touchesPlastic())
            || (asked == Compound.HIGH && s.touchesCarbon());
    if (harms) {
      return because(
          Compound.CLEAN_DRY,
          "The sheet asks for "
              + asked.words()
              + ", but it would harm the plastic or carbon here: ask the maker.");
    }
    return because(asked, "The maker's sheet asks for it.");
  }

  private Compound stainless() {
    if (s.vibrates()) {
      return because(
          Compound.MEDIUM,
          "Stainless in stainless galls; the threadlocker, with activator, also lubricates. Turn slowly.");
    }
    return because(
        Compound.ANTI_SEIZE, "Stainless in stainless galls: anti-seize, and turn slowly.");
  }

  private Compound vibrating() {
    ScrewThread thread = s.thread();
    double d = thread == null ? SMALL_SCREW_MM + 1 : thread.nominalDiameterMm();
    if (d <= SMALL_SCREW_MM || s.bolt().isLightMetal() || s.female() == Material.BRASS) {
      never.add("No medium or high strength: it can twist a small or soft screw off at removal.");
      return because(
          Compound.LOW,
          "A small screw or soft metal that vibrates: low strength holds and comes off again.");
    }
    if (!s.mustComeApart() && d >= LARGE_STUD_MM && !s.touchesCarbon()) {
      return because(Compound.HIGH, "Meant to stay, and large enough to be heated for removal.");
    }
    never.add("No grease or oil on these threads: it kills the threadlocker.");
    return because(Compound.MEDIUM, "The joint vibrates and must come apart with hand tools.");
  }

  private Compound quiet() {
    if (s.bolt() == Material.TITANIUM) {
      return because(
          Compound.ANTI_SEIZE, "Titanium galls in any thread: anti-seize, and turn slowly.");
    }
    if (s.unlikeMetals()) {
      return because(
          Compound.ANTI_SEIZE,
          "Unlike metals corrode together; lower the torque if the value was stated dry.");
    }
    return because(
        Compound.GREASE,
        "Greased threads turn evenly, so that the torque means the clamp load it should.");
  }

  private Compound because(Compound advice, String reason) {
    reasons.add(reason);
    return advice;
  }

  private String where(Compound advice) {
    if (advice == Compound.CLEAN_DRY) {
      return "Nowhere: leave the surface bare.";
    }
    if (s.surface() == Surface.CLAMP) {
      return "On the clamped surface only, thinly; keep it off the threads.";
    }
    if (s.surface() != Surface.THREAD) {
      return "On the seating surface, thinly and all round.";
    }
    if (advice == Compound.WICKING) {
      return "Along the edge where bolt and thread meet.";
    }
    if (!advice.isAnaerobic()) {
      return "On the threads and under the head.";
    }
    if (s.hole() == Hole.BLIND) {
      return "A few drops in the hole, not on the bolt.";
    }
    return s.is(Circumstance.NUT_ACCESS)
        ? "On the bolt where the nut will sit; a few drops."
        : "In the nut, or wiped on with a swab; a few drops.";
  }

  private List<String> preparation(Compound advice) {
    List<String> steps = new ArrayList<>();
    if (advice.isAnaerobic()) {
      steps.add("Remove old compound, degrease both threads, let them dry.");
      if (s.bolt() == Material.STAINLESS || s.bolt() == Material.TITANIUM) {
        steps.add("Cures slowly on this metal: use the activator its sheet names.");
      }
      steps.add(
          "Bring all bolts of the joint to final torque before the first one's fixture time; times are on the product's own sheet.");
    } else if (advice == Compound.CLEAN_DRY) {
      steps.add("Wipe clean and dry.");
    } else {
      steps.add("Clean off dirt and old grease first.");
    }
    return steps;
  }
}
