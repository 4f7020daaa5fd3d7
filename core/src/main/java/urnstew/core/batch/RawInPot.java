package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.explain.Caution;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Trait;
import urnstew.core.reduction.ReductionCurve;

/**
 * What was added at the stove and is not cooked through when the pot comes off. Limits: fish and
 * shellfish 63 °C, egg 68 °C, Food Code 3-401.11; two minutes in a pot as hot as that (assumption).
 */
final class RawInPot {
  private static final double THROUGH_SECONDS = 120;
  private static final double SEA_CELSIUS = 63;
  private static final double EGG_CELSIUS = 68;

  private final BatchHistory history;
  private final ReductionCurve likely;

  RawInPot(BatchHistory history, ReductionCurve likely) {
    this.history = history;
    this.likely = likely;
  }

  /** One caution of a kind, which names all that it is about. */
  List<Caution> all() {
    List<Caution> found = new ArrayList<>();
    say(
        found,
        "barely-cooked",
        raw(Ingredient::comesRawFromTheSea, SEA_CELSIUS),
        "to 63 °C all through, or guests are told and groups at risk get none.");
    say(
        found,
        "raw-egg",
        raw(what -> what.is(Trait.EGG), EGG_CELSIUS),
        "to 68 °C where it is held, or pasteurised egg for groups at risk, and guests are told.");
    return found;
  }

  private String raw(Predicate<Ingredient> which, double celsius) {
    return history.counting(Added.class).stream()
        .filter(added -> which.test(added.ingredient()) && !cooked(added, celsius))
        .map(added -> added.ingredient().name())
        .distinct()
        .collect(Collectors.joining(", "));
  }

  private static void say(List<Caution> found, String code, String names, String wayOut) {
    if (!names.isEmpty()) {
      found.add(new Caution(code, "In too late or too cold to cook: " + names + "; " + wayOut));
    }
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
}
