package app.unimetric.server.event;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A job was signed off. Published within the transaction that took the signature: what its
 * listeners write is there with it, or not at all.
 *
 * @param number as people call the job
 * @param part what was fitted, in words
 * @param day of signing, in the workshop's zone
 */
public record SignedOff(
    UUID jobId,
    int number,
    UUID machineId,
    JobPack pack,
    String part,
    AsBuilt built,
    Signature by,
    Instant at,
    LocalDate day) {}
