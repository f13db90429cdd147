/** Whether parts fit, by measurement, before anything is taken apart. */
@NullMarked
package app.unimetric.core.fit;

import org.jspecify.annotations.NullMarked;
