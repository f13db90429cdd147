@NullMarked
package app.unimetric.server.bench;

import org.jspecify.annotations.NullMarked;
