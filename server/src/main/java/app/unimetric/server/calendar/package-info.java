/** When to look again, in anybody's calendar: a file, and feeds under secret addresses. */
@NullMarked
package app.unimetric.server.calendar;

import org.jspecify.annotations.NullMarked;
