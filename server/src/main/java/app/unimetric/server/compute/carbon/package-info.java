/** Tubes in clamps. */
@NullMarked
package app.unimetric.server.compute.carbon;

import org.jspecify.annotations.NullMarked;
