package app.unimetric.server.book;

import java.time.Instant;

/** What somebody said of a value, such as where it does not hold. */
record BookNote(String words, String saidBy, Instant saidAt) {}
