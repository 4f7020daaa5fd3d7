package urnstew.core.bench;

/**
 * Hands.
 *
 * @param name of the cook
 * @param fromSeconds when they come
 * @param untilSeconds when they leave
 */
public record Cook(String name, int fromSeconds, int untilSeconds) {}
