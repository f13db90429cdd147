/** The order of the work: what must wait for what, and the one row of tasks that keeps to it. */
@NullMarked
package app.unimetric.core.order;

import org.jspecify.annotations.NullMarked;
