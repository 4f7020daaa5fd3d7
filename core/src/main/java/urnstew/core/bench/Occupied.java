package urnstew.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What is not there for a while: a pot that stands on the stove now, a cook at another work.
 *
 * @param resource vessel, burner, machine, oven or cook
 * @param fromSeconds when it begins
 * @param untilSeconds when it is over
 */
public record Occupied(String resource, int fromSeconds, int untilSeconds) {
  /** All of one resource as intervals that do not touch, the first first. */
  public static List<Occupied> joined(List<Occupied> all) {
    List<Occupied> joined = new ArrayList<>();
    for (Occupied next :
        all.stream().sorted(Comparator.comparingInt(Occupied::fromSeconds)).toList()) {
      Occupied last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last == null || last.untilSeconds < next.fromSeconds) {
        joined.add(next);
      } else {
        int until = Math.max(last.untilSeconds, next.untilSeconds);
        joined.set(joined.size() - 1, new Occupied(last.resource, last.fromSeconds, until));
      }
    }
    return joined;
  }

  boolean meets(int from, int until) {
    return from < untilSeconds && fromSeconds < until;
  }
}
