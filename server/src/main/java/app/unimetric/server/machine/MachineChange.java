package app.unimetric.server.machine;

import java.time.Instant;

/** What was changed of a machine, by whom. */
record MachineChange(String what, String saidBy, Instant saidAt) {}
