@NullMarked
package app.unimetric.server.demo;

import org.jspecify.annotations.NullMarked;
