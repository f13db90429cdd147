/** A job as a document of version 1: joints, steps, order rules, checks. */
@NullMarked
package app.unimetric.core.pack;

import org.jspecify.annotations.NullMarked;
