/** Who has a bench open hears of it when something is said there, whichever server took it. */
@NullMarked
package app.unimetric.server.live;

import org.jspecify.annotations.NullMarked;
