/** Runs of jobs at the bench: a log of what was said, and the sign-off that ends it. */
@NullMarked
package app.unimetric.server.run;

import org.jspecify.annotations.NullMarked;
