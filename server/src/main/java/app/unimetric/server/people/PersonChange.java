package app.unimetric.server.people;

import java.time.Instant;

/** What was changed of a person, by whom. */
record PersonChange(String what, String saidBy, Instant saidAt) {}
