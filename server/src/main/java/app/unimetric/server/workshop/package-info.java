/** Beginning with a workshop, and what it decides for itself, on screen. */
@NullMarked
package app.unimetric.server.workshop;

import org.jspecify.annotations.NullMarked;
