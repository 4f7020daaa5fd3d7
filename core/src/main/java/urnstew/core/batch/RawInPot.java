package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.explain.Caution;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Trait;
import urnstew.core.reduction.Trajectory;

/**
 * What was added at the stove and is not cooked through when the pot comes off. Limits: fish and
 * shellfish 63 °C, egg 68 °C, Food Code 3-401.11; two minutes in a pot as hot as that (assumption).
 */
final class RawInPot {
  private static final double THROUGH_SECONDS = 120;
  private static final double SEA_CELSIUS = 63;
  private static final double EGG_CELSIUS = 68;

  private final BatchHistory history;
  private final Trajectory likely;

  RawInPot(BatchHistory history, Trajectory likely) {
    this.history = history;
    this.likely = likely;
  }

  List<Caution> all() {
    List<Caution> found = new ArrayList<>();
    for (Added added : history.counting(Added.class)) {
      caution(added).ifPresent(found::add);
    }
    return found;
  }

  private Optional<Caution> caution(Added added) {
    Ingredient what = added.ingredient();
    if (what.comesRawFromTheSea() && !cooked(added, SEA_CELSIUS)) {
      return Optional.of(
          said(
              "barely-cooked",
              "%s goes in too late or too cold to cook: to 63 °C all through, or guests are told"
                  + " and groups at risk get none.",
              what));
    }
    if (what.is(Trait.EGG) && !cooked(added, EGG_CELSIUS)) {
      return Optional.of(
          said(
              "raw-egg",
              "%s goes in too late or too cold to set: to 68 °C where it is held, or pasteurised egg for"
                  + " groups at risk, and guests are told.",
              what));
    }
    return Optional.empty();
  }

  /** Whether it is as hot as that, and long enough before the pot comes off. */
  private boolean cooked(Added added, double celsius) {
    double through = Math.max(0, history.simmerSeconds(added.at())) + THROUGH_SECONDS;
    double off =
        history
            .finished()
            .map(finished -> history.simmerSeconds(finished.at()))
            .orElse(likely.last().seconds());
    return through <= off && likely.at(through).celsius() >= celsius;
  }

  private static Caution said(String code, String text, Ingredient what) {
    return new Caution(code, String.format(Locale.ROOT, text, what.name()));
  }
}
