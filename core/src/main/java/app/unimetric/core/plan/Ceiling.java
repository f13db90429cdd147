package app.unimetric.core.plan;

/**
 * The torque at which the bolt reaches 90 % of its yield strength.
 *
 * @param torqueNm N·m
 * @param by what limits
 */
public record Ceiling(double torqueNm, String by) {}
