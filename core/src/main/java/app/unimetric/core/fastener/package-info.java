@NullMarked
package app.unimetric.core.fastener;

import org.jspecify.annotations.NullMarked;
