/** What the workshop decided for itself, dated. */
@NullMarked
package app.unimetric.server.settings;

import org.jspecify.annotations.NullMarked;
