package app.unimetric.core.ask;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.thread.Profile;
import app.unimetric.core.thread.ScrewThread;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a bolt is made of and what it is screwed into, as far as a line says. Whatever is named is
 * used or asked about; nothing named is passed over for a class nobody named.
 */
final class BoltWords {
  private static final Pattern CLASS =
      Pattern.compile(
          "\\b(?:class |grade |gr\\.? )?(4\\.6|4\\.8|5\\.6|5\\.8|6\\.8|8\\.8|9\\.8|10\\.9|12\\.9|a[24]-(?:50|70|80|100)|ti-6al-4v|7075-t6(?!\\s*alumini?um))\\b(?!\\s*(?:n[·.]?m\\b|ft|in[-·. ]?lb|lb|kg|mm|-))");
  private static final Pattern GRADE =
      Pattern.compile(
          "\\b(?:sae[- ]?)?(?:grade|gr\\.?)\\s*(\\d{1,2})\\b(?![.]\\d)|\\bsae[- ]?(\\d{1,2})\\b");
  private static final Pattern STAINLESS_MARK = Pattern.compile("\\ba([24])\\b(?!-)");
  private static final Pattern INTO =
      Pattern.compile(
          "\\b(?:into|in)\\s+(?:a\\s+|an\\s+|the\\s+)?(?=cast\\b|alu|magnes|mild|alloy|medium|stainless|inox|steel|brass|titan|ti\\b|plastic|nylon|carbon|6061|7075)");
  private static final Map<String, Material> MATERIALS = new LinkedHashMap<>();

  static {
    MATERIALS.put(
        "cast alumini?um|cast alu|alu(?:mini?um)? casting|alumini?um cast(?:ing)?",
        Material.ALUMINIUM_CAST);
    MATERIALS.put(
        "7075(?:-t6)? alumini?um|alumini?um 7075(?:-t6)?|7075(?:-t6)?", Material.ALUMINIUM_7075_T6);
    MATERIALS.put(
        "(?:6061(?:-t6)? )?(?:alumini?um|alu|alloy(?! steel))(?: 6061(?:-t6)?)?",
        Material.ALUMINIUM_6061_T6);
    MATERIALS.put("cast magnesium|magnesium", Material.MAGNESIUM_CAST);
    MATERIALS.put("mild steel", Material.STEEL_MILD);
    MATERIALS.put("alloy steel", Material.STEEL_ALLOY);
    MATERIALS.put("medium steel", Material.STEEL_MEDIUM);
    MATERIALS.put("stainless(?: steel)?|inox", Material.STAINLESS);
    MATERIALS.put("steel", Material.STEEL_MILD);
    MATERIALS.put("brass", Material.BRASS);
    MATERIALS.put("titanium|ti", Material.TITANIUM);
    MATERIALS.put("plastic|nylon", Material.PLASTIC);
    MATERIALS.put("carbon(?: fib(?:re|er))?", Material.CARBON);
  }

  /**
   * What was found.
   *
   * @param material of the bolt; null when nothing was said of it
   * @param female what it is screwed into; null when not named
   * @param plastic whether bolt or thread is of plastic, which carries no promise
   * @param assumed what was taken for granted, in words
   */
  record Found(
      @Nullable PropertyClass material,
      @Nullable Material female,
      boolean plastic,
      List<String> assumed) {}

  private final TypedLine line;
  private final ScrewThread thread;
  private final boolean usualIfUnsaid;
  private final List<String> assumed = new ArrayList<>();

  private BoltWords(TypedLine line, ScrewThread thread, boolean usualIfUnsaid) {
    this.line = line;
    this.thread = thread;
    this.usualIfUnsaid = usualIfUnsaid;
  }

  /** Takes what is said of bolt and thread out of the line. */
  static Found take(TypedLine line, ScrewThread thread) {
    return new BoltWords(line, thread, true).found();
  }

  /** The same, but a class that nobody named stays unknown. */
  static Found takeNamed(TypedLine line, ScrewThread thread) {
    return new BoltWords(line, thread, false).found();
  }

  private Found found() {
    Material female = into();
    Matcher marked = line.take(CLASS);
    Matcher graded = line.take(GRADE);
    Matcher stainless = line.take(STAINLESS_MARK);
    Material named = line.takeWord(MATERIALS);
    PropertyClass material =
        marked != null
            ? PropertyClass.parse(marked.group(1))
            : graded != null
                ? grade(graded.group(1) == null ? graded.group(2) : graded.group(1), named)
                : stainless != null ? stainless(stainless.group(1)) : null;
    Material made = line.takeWord(MATERIALS);
    if (material != null && named != null && !isOf(material, named)) {
      made = made == null ? named : made;
      named = null;
    }
    if (material == null && named != null) {
      material = ofWord(named);
    }
    female = female == null ? made : female;
    boolean plastic = named == Material.PLASTIC || female == Material.PLASTIC;
    if (material == null && !plastic && usualIfUnsaid) {
      material = usual();
    }
    if (female == Material.CARBON) {
      throw InvalidInput.at("text", "No thread is cut in carbon; name the insert's material.");
    }
    if (material != null) {
      material
          .whyNotOn(thread)
          .ifPresent(
              why -> {
                throw InvalidInput.at("text", why);
              });
    }
    return new Found(material, plastic ? Material.PLASTIC : female, plastic, assumed);
  }

  private @Nullable Material into() {
    Matcher marker = line.take(INTO);
    return marker == null ? null : line.takeWordFrom(marker.start(), MATERIALS);
  }

  private PropertyClass grade(String figure, @Nullable Material named) {
    if (named == Material.TITANIUM && figure.equals("5")) {
      return PropertyClass.TI_6AL_4V;
    }
    if (!figure.matches("[258]")) {
      throw InvalidInput.at(
          "text", "Grade " + figure + " is not on file; grades 2, 5 and 8 of inch bolts are.");
    }
    return PropertyClass.parse("SAE-" + figure);
  }

  private PropertyClass stainless(String steel) {
    assumed.add(
        "A" + steel + "-70 is assumed, the usual stainless; name the whole mark to change that.");
    return PropertyClass.parse("A" + steel + "-70");
  }

  /** Whether a material says no more than the mark beside it. */
  private static boolean isOf(PropertyClass material, Material named) {
    return switch (named) {
      case STAINLESS -> material.isStainless();
      case TITANIUM -> material == PropertyClass.TI_6AL_4V;
      case ALUMINIUM_6061_T6, ALUMINIUM_7075_T6 -> material == PropertyClass.AL_7075_T6;
      default -> false;
    };
  }

  private @Nullable PropertyClass ofWord(Material named) {
    String into = "; write “into " + named.words() + "” if the thread is meant.";
    switch (named) {
      case STAINLESS -> {
        assumed.add("A stainless bolt, A2-70 assumed, the usual" + into);
        return PropertyClass.A2_70;
      }
      case TITANIUM -> {
        assumed.add("A titanium bolt, Ti-6Al-4V assumed" + into);
        return PropertyClass.TI_6AL_4V;
      }
      case ALUMINIUM_6061_T6, ALUMINIUM_7075_T6 -> {
        assumed.add(
            "An aluminium bolt, 7075-T6 assumed; write “into aluminium” if the thread is meant.");
        return PropertyClass.AL_7075_T6;
      }
      case STEEL_MILD, PLASTIC -> {
        return null;
      }
      default ->
          throw InvalidInput.at(
              "text",
              "A bolt of "
                  + named.words()
                  + " has no class on file; name the mark on it, or write “into "
                  + named.words()
                  + "” if the thread is meant.");
    }
  }

  private PropertyClass usual() {
    if (thread.profile() == Profile.ISO) {
      assumed.add("Class 8.8 is assumed; name the mark on the head to change that.");
      return PropertyClass.C8_8;
    }
    if (PropertyClass.SAE_5.whyNotOn(thread).isPresent()) {
      throw InvalidInput.at(
          "text",
          "No SAE grade is defined for "
              + thread.designation()
              + " ("
              + Figure.rounded(thread.nominalDiameterMm(), 2)
              + " mm); name the class the bolt is marked with, such as A2-70.");
    }
    assumed.add("Grade 5 is assumed; name the grade on the head to change that.");
    return PropertyClass.SAE_5;
  }
}
