/** Torques as people state them: units, text, several values. */
@NullMarked
package app.unimetric.server.compute.torque;

import org.jspecify.annotations.NullMarked;
