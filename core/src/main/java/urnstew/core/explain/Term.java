package urnstew.core.explain;

/**
 * One input of a figure.
 *
 * @param name in a cook's words
 * @param symbol as it stands in the formula
 * @param value in {@code unit}
 * @param unit SI unit, empty for a plain number
 */
public record Term(String name, String symbol, double value, String unit) {}
