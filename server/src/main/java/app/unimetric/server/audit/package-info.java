/** What happened at the doors of the workshop: who came in, what was refused, what left it. */
@NullMarked
package app.unimetric.server.audit;

import org.jspecify.annotations.NullMarked;
