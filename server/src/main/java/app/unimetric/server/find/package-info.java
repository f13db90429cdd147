/** What the workshop itself answers to a line of words. */
@NullMarked
package app.unimetric.server.find;

import org.jspecify.annotations.NullMarked;
