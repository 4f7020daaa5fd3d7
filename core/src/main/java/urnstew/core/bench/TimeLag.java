package urnstew.core.bench;

import java.util.Optional;

/**
 * What lies between the end of one activity and the beginning of another.
 *
 * @param before key of the first
 * @param after key of the second
 * @param shortestSeconds at least; negative where they may overlap so far
 * @param longestSeconds at most; empty where it keeps
 * @param costPerMinute how much a minute of waiting between them hurts what waits, 0 for nothing
 */
public record TimeLag(
    String before,
    String after,
    int shortestSeconds,
    Optional<Integer> longestSeconds,
    int costPerMinute) {}
