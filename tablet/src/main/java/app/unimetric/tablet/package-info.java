/** The core's replay for a browser: what it reads and writes is what the server sends and takes. */
@NullMarked
package app.unimetric.tablet;

import org.jspecify.annotations.NullMarked;
