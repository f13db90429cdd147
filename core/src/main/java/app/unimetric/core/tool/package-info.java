/** Torque tools and what to set on them. */
@NullMarked
package app.unimetric.core.tool;

import org.jspecify.annotations.NullMarked;
