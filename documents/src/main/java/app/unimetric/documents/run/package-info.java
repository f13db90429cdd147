/** Stored documents of a job: run sheet, entries, record, print. */
@NullMarked
package app.unimetric.documents.run;

import org.jspecify.annotations.NullMarked;
