@NullMarked
package app.unimetric.core.quantity;

import org.jspecify.annotations.NullMarked;
