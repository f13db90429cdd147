@NullMarked
package app.unimetric.server.today;

import org.jspecify.annotations.NullMarked;
