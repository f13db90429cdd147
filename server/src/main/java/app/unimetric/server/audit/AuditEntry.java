package app.unimetric.server.audit;

import java.time.Instant;

/**
 * Something that happened at the doors.
 *
 * @param id in the order of happening
 * @param who signed in, or as whom somebody tried; empty for a stranger
 * @param about what it was about
 * @param address from where
 */
public record AuditEntry(
    long id, AuditKind kind, String who, String about, String address, Instant happenedAt) {}
