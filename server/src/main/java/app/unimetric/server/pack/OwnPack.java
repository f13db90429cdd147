package app.unimetric.server.pack;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A version of a pack that somebody brought.
 *
 * @param document JSON
 * @param addedById null where only the name is known
 * @param confirmedBy the lead who confirmed it for the others; null while it is its bringer's alone
 */
public record OwnPack(
    String key,
    int version,
    String document,
    String addedBy,
    @Nullable UUID addedById,
    Instant addedAt,
    @Nullable String confirmedBy) {

  /** What follows the key of a pack of the catalogue where the shop's own beside it is meant. */
  public static final String OWN = "@own";

  /** Who answers for what stands in it, beside whatever maker it names. */
  public String enteredBy() {
    String confirmed = confirmedBy;
    return "entered by "
        + addedBy
        + (confirmed == null
            ? ", not confirmed"
            : confirmed.equals(addedBy) ? "" : ", confirmed by " + confirmed);
  }
}
