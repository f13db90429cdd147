/** Stated values by make, model, years and place, kept from one job to the next. */
@NullMarked
package app.unimetric.server.book;

import org.jspecify.annotations.NullMarked;
