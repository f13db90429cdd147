package app.unimetric.server.job;

import java.time.Instant;
import java.util.UUID;

/**
 * Something worked out at the joint desk for one joint.
 *
 * @param state the desk's address part that brings it back
 * @param summary what it came to, in words
 */
record DeskNote(
    UUID id, String jointId, String state, String summary, String notedBy, Instant notedAt) {}
