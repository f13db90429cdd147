package app.unimetric.core.why;

/**
 * One line of a derivation: what was computed, from what, by whose rule.
 *
 * @param symbol as in the standard, such as {@code d2}
 * @param value the number, unrounded, in {@code unit}
 * @param unit a plain unit such as {@code mm}, {@code N·m}, {@code 1}
 * @param formula the formula in symbols
 * @param source standard and equation, or the workshop rule
 */
public record Derivation(String symbol, double value, String unit, String formula, String source) {}
