/** Clamping carbon without crushing it: pressure, slip, climbing to hold, gaps. */
@NullMarked
package app.unimetric.core.carbon;

import org.jspecify.annotations.NullMarked;
