/** What time it is, whatever somebody sets the computer's clock to. */
@NullMarked
package app.unimetric.server.clock;

import org.jspecify.annotations.NullMarked;
