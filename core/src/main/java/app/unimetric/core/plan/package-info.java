/**
 * A pack, a crib and a workshop's policy brought together: what is done, with what, in what order.
 */
@NullMarked
package app.unimetric.core.plan;

import org.jspecify.annotations.NullMarked;
