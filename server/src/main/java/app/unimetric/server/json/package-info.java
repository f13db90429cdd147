@NullMarked
package app.unimetric.server.json;

import org.jspecify.annotations.NullMarked;
