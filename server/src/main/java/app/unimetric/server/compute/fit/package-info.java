/** Whether parts fit. */
@NullMarked
package app.unimetric.server.compute.fit;

import org.jspecify.annotations.NullMarked;
