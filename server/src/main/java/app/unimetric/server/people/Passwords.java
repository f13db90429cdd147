package app.unimetric.server.people;

import app.unimetric.core.problem.Problems;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import me.gosimple.nbvcxz.resources.ConfigurationBuilder;
import me.gosimple.nbvcxz.resources.Dictionary;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** What passwords and PINs must be like, and how they are kept: as digests only. */
@Component
class Passwords {
  private static final int SHORTEST_PASSWORD = 10;
  private static final int LONGEST_PASSWORD = 128;
  private static final int FEWEST_LETTERS = 3;
  private static final int SHORTEST_PIN = 4;
  private static final int LONGEST_PIN = 8;

  /** Dictionaries of the library that hold passwords people were seen to choose. */
  private static final String COMMON = "passwords";

  private final Map<String, Integer> common =
      ConfigurationBuilder.getDefaultDictionaries().stream()
          .filter(d -> d.getDictionaryName().equals(COMMON))
          .map(Dictionary::getDictonary)
          .findFirst()
          .orElseThrow();
  private final PasswordEncoder encoder;

  Passwords(PasswordEncoder encoder) {
    this.encoder = encoder;
  }

  /**
   * The digest of a password somebody chose.
   *
   * @param name of that person, which it must not hold
   * @throws app.unimetric.core.problem.InvalidInput at “password”, saying what to do
   */
  String password(String typed, String name) {
    String plain = typed.toLowerCase(Locale.ROOT);
    new Problems()
        .require(
            typed.length() >= SHORTEST_PASSWORD && typed.length() <= LONGEST_PASSWORD,
            "password",
            "must have 10 to 128 characters; a few words in a row do well.")
        .require(
            typed.codePoints().noneMatch(Character::isISOControl),
            "password",
            "holds a character no keyboard makes; type it anew.")
        .require(
            !isCommon(plain),
            "password",
            "is one that very many people use; choose one of your own.")
        .require(
            !plain.equals(name.strip().toLowerCase(Locale.ROOT)),
            "password",
            "is your name; choose another.")
        .orThrow();
    return digest(typed);
  }

  /** Also with figures or signs put behind a common word, or hardly more than one key pressed. */
  private boolean isCommon(String plain) {
    return common.containsKey(plain)
        || common.containsKey(plain.replaceAll("[^\\p{L}]+$", ""))
        || plain.codePoints().distinct().count() < FEWEST_LETTERS;
  }

  /**
   * The digest of a PIN somebody chose.
   *
   * @param least digits the workshop asks for
   * @throws app.unimetric.core.problem.InvalidInput at “pin”
   */
  String pin(String typed, int least) {
    int shortest = Math.max(SHORTEST_PIN, least);
    new Problems()
        .require(
            typed.matches("[0-9]{" + shortest + "," + LONGEST_PIN + "}"),
            "pin",
            "must have " + shortest + " to " + LONGEST_PIN + " digits.")
        .require(!isRow(typed), "pin", "is the first anybody would try; mix the digits.")
        .orThrow();
    return digest(typed);
  }

  /** The same digit all along, or counting up or down by one. */
  private static boolean isRow(String digits) {
    for (int step = -1; step <= 1; step++) {
      boolean row = digits.length() > 1;
      for (int i = 1; i < digits.length(); i++) {
        row &= digits.charAt(i) - digits.charAt(i - 1) == step;
      }
      if (row) {
        return true;
      }
    }
    return false;
  }

  String digest(String secret) {
    return Objects.requireNonNull(encoder.encode(secret));
  }

  /** Whether a secret is the one of a digest; never where there is none. */
  boolean matches(String typed, @Nullable String digest) {
    return digest != null && typed.length() <= LONGEST_PASSWORD && encoder.matches(typed, digest);
  }

  /** Whether it was kept in an older way and should be kept anew. */
  boolean isDated(String digest) {
    return encoder.upgradeEncoding(digest);
  }
}
