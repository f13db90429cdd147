package app.unimetric.server.event;

import java.util.UUID;

/**
 * Something was said at the bench of a job.
 *
 * @param entries how many there are now
 */
public record RunMoved(UUID jobId, int entries) {}
