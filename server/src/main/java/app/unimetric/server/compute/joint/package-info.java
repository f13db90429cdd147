/** One bolted joint. */
@NullMarked
package app.unimetric.server.compute.joint;

import org.jspecify.annotations.NullMarked;
