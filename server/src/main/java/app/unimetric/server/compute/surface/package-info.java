/** What goes on a surface. */
@NullMarked
package app.unimetric.server.compute.surface;

import org.jspecify.annotations.NullMarked;
