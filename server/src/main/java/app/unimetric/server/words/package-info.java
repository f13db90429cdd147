/** Words that something is looked for by. */
@NullMarked
package app.unimetric.server.words;

import org.jspecify.annotations.NullMarked;
