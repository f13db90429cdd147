/** What a person types into the ask line, beyond a bare torque. */
@NullMarked
package app.unimetric.core.ask;

import org.jspecify.annotations.NullMarked;
