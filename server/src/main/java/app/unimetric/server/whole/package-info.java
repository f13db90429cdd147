/** A whole workshop out and in, in formats that other programs read. */
@NullMarked
package app.unimetric.server.whole;

import org.jspecify.annotations.NullMarked;
