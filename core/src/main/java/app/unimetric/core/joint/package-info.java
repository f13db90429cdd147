/** Torque, friction and clamp load of one bolted joint. */
@NullMarked
package app.unimetric.core.joint;

import org.jspecify.annotations.NullMarked;
