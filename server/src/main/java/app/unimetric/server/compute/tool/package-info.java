/** Torque tools and their settings. */
@NullMarked
package app.unimetric.server.compute.tool;

import org.jspecify.annotations.NullMarked;
