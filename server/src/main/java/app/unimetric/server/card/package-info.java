/** The printed job card. */
@NullMarked
package app.unimetric.server.card;

import org.jspecify.annotations.NullMarked;
