@NullMarked
package app.unimetric.server.security;

import org.jspecify.annotations.NullMarked;
