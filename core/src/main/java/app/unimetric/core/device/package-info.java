/**
 * Tools that say by themselves what they read, each behind one small interface, and what the curve
 * of a pull tells of the fastener.
 */
@NullMarked
package app.unimetric.core.device;

import org.jspecify.annotations.NullMarked;
