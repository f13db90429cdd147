/** A job as its document says it: joints, steps, order rules, checks. */
@NullMarked
package app.unimetric.core.pack;

import org.jspecify.annotations.NullMarked;
