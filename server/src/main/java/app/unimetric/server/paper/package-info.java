/** What goes out on paper: templates filled in and set as PDF, readable in black and white. */
@NullMarked
package app.unimetric.server.paper;

import org.jspecify.annotations.NullMarked;
