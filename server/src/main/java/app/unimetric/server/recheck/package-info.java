@NullMarked
package app.unimetric.server.recheck;

import org.jspecify.annotations.NullMarked;
