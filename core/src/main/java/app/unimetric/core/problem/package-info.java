/** What is wrong with an entry, with its place and what to do. */
@NullMarked
package app.unimetric.core.problem;

import org.jspecify.annotations.NullMarked;
