/** Odometers and hour meters. */
@NullMarked
package app.unimetric.core.meter;

import org.jspecify.annotations.NullMarked;
