/** Fasteners of one joint: order, and what they do to each other. */
@NullMarked
package app.unimetric.server.compute.group;

import org.jspecify.annotations.NullMarked;
