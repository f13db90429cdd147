@NullMarked
package app.unimetric.core.problem;

import org.jspecify.annotations.NullMarked;
