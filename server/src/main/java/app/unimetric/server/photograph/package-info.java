/** Photographs taken at the bench, re-encoded and kept beside the log. */
@NullMarked
package app.unimetric.server.photograph;

import org.jspecify.annotations.NullMarked;
