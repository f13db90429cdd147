/** Fits kept for machines, as found and as left. */
@NullMarked
package app.unimetric.server.fit;

import org.jspecify.annotations.NullMarked;
