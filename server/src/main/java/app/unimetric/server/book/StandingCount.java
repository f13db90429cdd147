package app.unimetric.server.book;

/** How many lines of a sheet came to something. */
record StandingCount(ImportLine.Standing standing, int lines) {}
