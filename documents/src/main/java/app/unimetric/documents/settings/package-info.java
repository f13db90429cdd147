/** What a workshop decided for itself, as stored. */
@NullMarked
package app.unimetric.documents.settings;

import org.jspecify.annotations.NullMarked;
