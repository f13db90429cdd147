/** Stated torque values and how they come to one band and one aim. */
@NullMarked
package app.unimetric.core.stated;

import org.jspecify.annotations.NullMarked;
