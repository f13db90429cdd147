package app.unimetric.server.event;

import java.util.UUID;

/** A photograph of a job came. */
public record Photographed(UUID jobId) {}
