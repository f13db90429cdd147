package app.unimetric.core.device;

/**
 * What a dial gauge reads at one moment.
 *
 * @param atMs since the turn began, ms
 * @param angleDeg turned since the turn began, degrees
 * @param readingMm against where it was set to nothing, mm
 */
public record DialSample(int atMs, double angleDeg, double readingMm) {}
