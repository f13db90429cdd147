/** Stored documents of a job sheet: each thing said on it before the job starts. */
@NullMarked
package app.unimetric.documents.sheet;

import org.jspecify.annotations.NullMarked;
