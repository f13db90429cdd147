/** What goes on threads and faces, and what never does. */
@NullMarked
package app.unimetric.core.surface;

import org.jspecify.annotations.NullMarked;
