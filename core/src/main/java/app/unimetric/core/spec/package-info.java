/** Stated torque values and how they come to one band and one aim. */
@NullMarked
package app.unimetric.core.spec;

import org.jspecify.annotations.NullMarked;
