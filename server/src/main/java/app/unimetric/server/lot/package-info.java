@NullMarked
package app.unimetric.server.lot;

import org.jspecify.annotations.NullMarked;
