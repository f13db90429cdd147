/** The packs on offer: the application's own, and those a workshop brought in. */
@NullMarked
package app.unimetric.server.pack;

import org.jspecify.annotations.NullMarked;
