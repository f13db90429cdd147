/** Tools that say by themselves what they read, followed at the bench. */
@NullMarked
package app.unimetric.server.device;

import org.jspecify.annotations.NullMarked;
