@NullMarked
package app.unimetric.server.problem;

import org.jspecify.annotations.NullMarked;
