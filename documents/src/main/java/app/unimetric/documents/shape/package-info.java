/** Changes to the document of a job, each with its way back. */
@NullMarked
package app.unimetric.documents.shape;

import org.jspecify.annotations.NullMarked;
