/** What the joint desk and the ask line show, of several calls at once. */
@NullMarked
package app.unimetric.server.compute.desk;

import org.jspecify.annotations.NullMarked;
