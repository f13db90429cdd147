/** Torques, their units and bands. */
@NullMarked
package app.unimetric.core.quantity;

import org.jspecify.annotations.NullMarked;
