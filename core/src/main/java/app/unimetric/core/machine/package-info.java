/** What a machine is known by. */
@NullMarked
package app.unimetric.core.machine;

import org.jspecify.annotations.NullMarked;
