/** What the application may do in its own database. */
@NullMarked
package app.unimetric.server.database;

import org.jspecify.annotations.NullMarked;
