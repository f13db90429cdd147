/** Fits as they were measured, kept with what they came to. */
@NullMarked
package app.unimetric.documents.fit;

import org.jspecify.annotations.NullMarked;
