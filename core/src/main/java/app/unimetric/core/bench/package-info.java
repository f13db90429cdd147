/** The guided run: what is to be done step by step, and the replay of what was. */
@NullMarked
package app.unimetric.core.bench;

import org.jspecify.annotations.NullMarked;
