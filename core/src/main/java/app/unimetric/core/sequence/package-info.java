/** Order and passes over fasteners, and order between groups. */
@NullMarked
package app.unimetric.core.sequence;

import org.jspecify.annotations.NullMarked;
