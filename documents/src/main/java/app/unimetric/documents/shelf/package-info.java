/** What product sheets say, as stored. */
@NullMarked
package app.unimetric.documents.shelf;

import org.jspecify.annotations.NullMarked;
