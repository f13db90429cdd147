package app.unimetric.core.device;

/**
 * What a torque wrench reads at one moment of a pull.
 *
 * @param atMs since the pull began, ms
 * @param angleDeg turned since the pull began, degrees
 * @param torqueNm N·m
 */
public record Sample(int atMs, double angleDeg, double torqueNm) {}
