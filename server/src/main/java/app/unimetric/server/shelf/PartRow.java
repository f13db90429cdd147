package app.unimetric.server.shelf;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A part used once.
 *
 * @param pieces there are
 * @param price of one, in the workshop's currency; null when not entered
 * @param size such as M8 × 25; empty when not entered
 * @param strength its class; empty when not entered
 * @param orderNumber by which it is ordered; empty when not entered
 */
public record PartRow(
    String name,
    int pieces,
    @Nullable BigDecimal price,
    String size,
    String strength,
    String orderNumber) {}
