/** Photographs taken at the bench: what they show, and where they are looked at again. */
@NullMarked
package app.unimetric.core.photograph;

import org.jspecify.annotations.NullMarked;
