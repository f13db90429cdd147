/** What is turned and what it presses on: materials, classes, heads. */
@NullMarked
package app.unimetric.core.fastener;

import org.jspecify.annotations.NullMarked;
