@NullMarked
package app.unimetric.core.surface;

import org.jspecify.annotations.NullMarked;
