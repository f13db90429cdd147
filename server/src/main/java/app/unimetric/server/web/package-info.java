@NullMarked
package app.unimetric.server.web;

import org.jspecify.annotations.NullMarked;
