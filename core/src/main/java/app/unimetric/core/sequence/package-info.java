@NullMarked
package app.unimetric.core.sequence;

import org.jspecify.annotations.NullMarked;
