/** The sheet of a job: what is said on it before it starts, and the plan that comes of it. */
@NullMarked
package app.unimetric.server.sheet;

import org.jspecify.annotations.NullMarked;
