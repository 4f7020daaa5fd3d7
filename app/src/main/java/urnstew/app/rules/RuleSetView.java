package urnstew.app.rules;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.core.rules.CookedFood;
import urnstew.core.rules.Limit;

/** A rule set as the screens see it. */
public record RuleSetView(
    String id,
    String name,
    @Nullable String basisName,
    boolean inForce,
    List<LimitView> limits,
    List<CookedView> cooking,
    List<ChangeView> changes) {

  /** One limit; what a copy changed stands beside what its basis has. */
  public record LimitView(
      Limit limit,
      String inWords,
      Limit.Unit unit,
      double value,
      double least,
      double most,
      String section,
      String reason,
      double basisValue,
      boolean laxer) {}

  /** A core temperature. */
  public record CookedView(CookedFood food, double celsius, long seconds, String section) {}

  /** Who changed what and why. */
  public record ChangeView(
      Limit limit, double value, String reason, Instant changedAt, String changedBy) {}
}
