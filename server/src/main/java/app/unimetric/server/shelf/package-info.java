@NullMarked
package app.unimetric.server.shelf;

import org.jspecify.annotations.NullMarked;
