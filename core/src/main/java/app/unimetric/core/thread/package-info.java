/** Threads: geometry, hand, stress area. */
@NullMarked
package app.unimetric.core.thread;

import org.jspecify.annotations.NullMarked;
