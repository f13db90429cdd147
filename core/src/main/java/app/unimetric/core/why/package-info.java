/** How a number came about. */
@NullMarked
package app.unimetric.core.why;

import org.jspecify.annotations.NullMarked;
