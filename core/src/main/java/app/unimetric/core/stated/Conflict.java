package app.unimetric.core.stated;

/**
 * Two sources that cannot both be met.
 *
 * @param a index of the governing value
 * @param b index of the one that disagrees
 * @param percent how far b's aim lies from a's, 100·(aim_b − aim_a)/aim_a
 */
public record Conflict(int a, int b, double percent) {}
