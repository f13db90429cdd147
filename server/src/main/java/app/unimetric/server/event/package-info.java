/** What happened and concerns others: they listen, and the one who says it knows none of them. */
@NullMarked
package app.unimetric.server.event;

import org.jspecify.annotations.NullMarked;
