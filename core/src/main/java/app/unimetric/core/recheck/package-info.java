/** When to look again. */
@NullMarked
package app.unimetric.core.recheck;

import org.jspecify.annotations.NullMarked;
