package app.unimetric.server.bring;

/** How many lines of a sheet came to something. */
record StandingCount(Standing standing, int lines) {}
