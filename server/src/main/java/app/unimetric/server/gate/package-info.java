/**
 * The one gate of the house: what is asked is judged here once, before any body is read, and every
 * filter behind goes by what the gate found. Rests on RFC 3986, sections 2.3, 3.3 and 6.2.2.
 */
@NullMarked
package app.unimetric.server.gate;

import org.jspecify.annotations.NullMarked;
