@NullMarked
package app.unimetric.core.joint;

import org.jspecify.annotations.NullMarked;
