@NullMarked
package app.unimetric.server;

import org.jspecify.annotations.NullMarked;
