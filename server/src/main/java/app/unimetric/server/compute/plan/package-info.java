/** A whole job, and when to look again. */
@NullMarked
package app.unimetric.server.compute.plan;

import org.jspecify.annotations.NullMarked;
