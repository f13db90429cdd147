/** Whether the server lives, told to whoever keeps it running. */
@NullMarked
package app.unimetric.server.alive;

import org.jspecify.annotations.NullMarked;
