package urnstew.core.explain;

/**
 * A warning where it matters.
 *
 * @param code stable key
 * @param text in plain words, with the way out
 */
public record Caution(String code, String text) {}
