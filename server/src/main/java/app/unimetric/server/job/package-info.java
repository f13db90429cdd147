/** Jobs on machines. */
@NullMarked
package app.unimetric.server.job;

import org.jspecify.annotations.NullMarked;
