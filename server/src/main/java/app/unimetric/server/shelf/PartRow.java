package app.unimetric.server.shelf;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A part used once.
 *
 * @param pieces there are
 * @param price of one, in the workshop's currency; null when not entered
 */
public record PartRow(String name, int pieces, @Nullable BigDecimal price) {}
