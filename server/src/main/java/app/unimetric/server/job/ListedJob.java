package app.unimetric.server.job;

import java.util.UUID;

/**
 * A job as lists show it, without its pack.
 *
 * @param number as people call it
 * @param machineId of the machine it is on now, where that turned out to be another
 * @param started whether the work at the bench has begun
 * @param version of the job, raised with everything said on its sheet that two may say at once
 */
public record ListedJob(
    UUID id,
    int number,
    String title,
    UUID machineId,
    String machineName,
    boolean started,
    boolean cancelled,
    int version) {}
