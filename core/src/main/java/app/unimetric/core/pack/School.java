package app.unimetric.core.pack;

import app.unimetric.core.problem.Problems;
import java.util.Arrays;
import java.util.List;

/**
 * Where good people differ and a workshop holds to one way; the first choice is the usual one
 * (guide, sections 6 to 8).
 */
public enum School {
  CONTROLS(
      "Controls on a bar",
      new Choice("firm", "firm: aimed at like any other joint"),
      new Choice(
          "fall",
          "just able to turn in a fall: the lower third of the band, tested not to move under braking")),
  CLICK(
      "Click once or twice",
      new Choice("once", "once, then stop"),
      new Choice(
          "twice", "twice: the second slow pull checks that nothing moves, it adds nothing")),
  CUPS(
      "On the thread between two cups",
      new Choice("seize", "anti-seize: it lasts"),
      new Choice("grease", "grease: it is easier to clean")),
  TAPERS(
      "Square tapers",
      new Choice("clean", "clean and dry"),
      new Choice("film", "a film of grease where the maker says so")),
  GASKET(
      "The gasket of a cover",
      new Choice("new", "new every time"),
      new Choice("reused", "reused where it is whole, with the reason"));

  /**
   * One way to do it.
   *
   * @param id as packs name the answer
   * @param words what it says
   */
  public record Choice(String id, String words) {}

  private final String question;
  private final List<Choice> choices;

  School(String question, Choice... choices) {
    this.question = question;
    this.choices = List.of(choices);
  }

  /** What is asked, in words. */
  public String question() {
    return question;
  }

  /** The usual one first. */
  public List<Choice> choices() {
    return choices;
  }

  /** What a workshop holds to that has decided nothing. */
  public Choice usual() {
    return choices.get(0);
  }

  /**
   * The choice of this id.
   *
   * @throws app.unimetric.core.problem.InvalidInput at “schools” where there is none
   */
  Choice choice(String id) {
    new Problems()
        .require(
            choices.stream().anyMatch(c -> c.id().equals(id)),
            "schools",
            "know no “" + id + "” for “" + question + "”.")
        .orThrow();
    return choices.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
  }

  /** All of them, in the order they are asked. */
  public static List<School> all() {
    return Arrays.asList(values());
  }
}
