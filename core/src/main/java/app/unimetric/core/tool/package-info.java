@NullMarked
package app.unimetric.core.tool;

import org.jspecify.annotations.NullMarked;
