/** Job packs as JSON documents. */
@NullMarked
package app.unimetric.documents.pack;

import org.jspecify.annotations.NullMarked;
