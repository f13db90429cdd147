@NullMarked
package app.unimetric.server.log;

import org.jspecify.annotations.NullMarked;
