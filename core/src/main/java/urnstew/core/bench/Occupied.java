package urnstew.core.bench;

/**
 * What is not there for a while: a pot that stands on the stove now, a cook at another work.
 *
 * @param resource vessel, burner, machine, oven or cook
 * @param fromSeconds when it begins
 * @param untilSeconds when it is over
 */
public record Occupied(String resource, int fromSeconds, int untilSeconds) {
  boolean meets(int from, int until) {
    return from < untilSeconds && fromSeconds < until;
  }
}
