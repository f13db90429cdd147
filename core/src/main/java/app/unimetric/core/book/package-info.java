/** Stated values as a shop keeps them: a line of a spec sheet, and what is doubtful among lines. */
@NullMarked
package app.unimetric.core.book;

import org.jspecify.annotations.NullMarked;
