package urnstew.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * When everything is done, the first beginning first.
 *
 * @param placements one for each activity
 */
public record Schedule(List<Placement> placements) {
  public Schedule {
    placements =
        placements.stream()
            .sorted(Comparator.comparingInt(Placement::startSeconds).thenComparing(Placement::key))
            .toList();
  }

  /**
   * Where an activity is.
   *
   * @throws IllegalArgumentException if it is not placed
   */
  public Placement of(String key) {
    return find(key)
        .orElseThrow(() -> new IllegalArgumentException("'" + key + "' is not placed."));
  }

  /** The same; empty where it is not placed. */
  public Optional<Placement> find(String key) {
    return placements.stream().filter(one -> one.key().equals(key)).findFirst();
  }

  Map<String, Placement> byKey() {
    return placements.stream().collect(Collectors.toMap(Placement::key, Function.identity()));
  }
}
