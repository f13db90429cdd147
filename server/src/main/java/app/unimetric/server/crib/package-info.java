@NullMarked
package app.unimetric.server.crib;

import org.jspecify.annotations.NullMarked;
