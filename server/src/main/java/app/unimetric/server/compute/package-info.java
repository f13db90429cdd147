@NullMarked
package app.unimetric.server.compute;

import org.jspecify.annotations.NullMarked;
