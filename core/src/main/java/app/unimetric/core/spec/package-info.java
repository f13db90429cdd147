@NullMarked
package app.unimetric.core.spec;

import org.jspecify.annotations.NullMarked;
