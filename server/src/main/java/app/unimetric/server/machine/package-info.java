@NullMarked
package app.unimetric.server.machine;

import org.jspecify.annotations.NullMarked;
