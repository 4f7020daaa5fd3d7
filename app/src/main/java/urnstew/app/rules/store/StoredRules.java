package urnstew.app.rules.store;

import java.time.Duration;
import java.util.List;
import urnstew.app.platform.store.StoredUnits;

/** A rule set as it was in force. */
public record StoredRules(
    String id, String name, List<Provision> provisions, List<CookedTo> cooking) {
  /** One limit. */
  public record Provision(String limit, double value, String section, String reason) {}

  /** What a food is cooked to. */
  public record CookedTo(
      String food, StoredUnits.Temperature core, Duration kept, String section) {}
}
