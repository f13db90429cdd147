@NullMarked
package app.unimetric.server.people;

import org.jspecify.annotations.NullMarked;
