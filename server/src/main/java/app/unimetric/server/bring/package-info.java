/**
 * Sheets that people bring: looked at line by line, mended, accepted whole or not at all, undone.
 */
@NullMarked
package app.unimetric.server.bring;

import org.jspecify.annotations.NullMarked;
