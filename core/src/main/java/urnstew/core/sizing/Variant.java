package urnstew.core.sizing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Ribbon;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Diet;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/**
 * A dish that is made of a share of a base.
 *
 * <p>The share stands for the tomatoes of the dish: k = S_d/S_b, non-fat solids of what is tomato
 * in both. What else it brings counts towards what the dish takes. It is taken out at the latest
 * moment at which all that is in the base may be in the dish: it must not carry an allergen that
 * the dish is free of, nor break a diet that the dish keeps.
 *
 * @param dish as it would be made on its own
 * @param factor of the base's own size that it takes; 0 where it cannot be made of it
 * @param leavesBefore the moment before which its share is taken; empty where the base is done
 * @param share of the base
 * @param joinsAt title of the stage at which the share goes in
 * @param still what goes in beside it
 * @param toLoseKilograms water that must still leave; below 0 what lets it down
 * @param brings what the share holds more of than the dish takes
 * @param warnings promises that a later step breaks
 */
public record Variant(
    Dish dish,
    double factor,
    Optional<Moment> leavesBefore,
    Mass share,
    String joinsAt,
    ResolvedFormula still,
    double toLoseKilograms,
    List<More> brings,
    List<String> warnings) {
  private static final String WATER = "water";
  private static final double WORTH_SHARE = 0.05;
  private static final double WORTH_GRAMS = 1;

  public Variant {
    brings = List.copyOf(brings);
    warnings = List.copyOf(warnings);
  }

  /** So much more of an ingredient than the dish takes. */
  public record More(Ingredient ingredient, Mass mass) {}

  /** What the eaters of the dish have in it: of the share, and beside it. */
  public List<Portion> ingredients(ResolvedFormula base) {
    return Stream.concat(
            taken(base, leavesBefore).stream().map(one -> one.times(factor)),
            still.portions().stream())
        .toList();
  }

  /** Names of what the share brings that some of its eaters leave out. */
  public List<String> brings(ResolvedFormula base, List<Avoid> avoids) {
    List<Portion> taken = factor > 0 ? taken(base, leavesBefore) : List.of();
    return avoids.stream()
        .flatMap(avoid -> Declaration.hits(avoid, taken).stream())
        .distinct()
        .toList();
  }

  /**
   * Works out what a dish takes of a base.
   *
   * @param base at its own size
   * @param ribbon of it
   * @throws InvalidInput if one of them holds no tomato
   */
  static Variant of(ResolvedFormula base, Ribbon ribbon, Dish dish) {
    double wanted = tomato(dish.batch().portions());
    if (wanted <= 0 || tomato(base.portions()) <= 0) {
      throw new InvalidInput(
          "base",
          "no-tomato",
          "A base stands for the tomatoes of a dish, and one of the two holds none.",
          "a base and a dish with tomatoes",
          "Make it on its own, or choose another base.");
    }
    Optional<Moment> leaves = firstUnsafe(base, dish);
    List<Portion> taken = taken(base, leaves);
    double held = tomato(taken);
    if (held <= 0) {
      return onItsOwn(dish, leaves);
    }
    double factor = wanted / held;
    Mass share =
        leaves.map(moment -> moment.pot(base, ribbon)).orElse(ribbon.end().total()).times(factor);
    return made(dish, leaves, taken, factor, share);
  }

  private static Variant made(
      Dish dish, Optional<Moment> leaves, List<Portion> taken, double factor, Mass share) {
    Portion joins =
        dish.batch().portions().stream()
            .filter(Variant::isTomato)
            .findFirst()
            .orElseThrow(IllegalStateException::new);
    Map<String, Double> brought = new HashMap<>();
    taken.stream()
        .filter(one -> !isTomato(one) && !one.ingredient().id().equals(WATER))
        .forEach(
            one ->
                brought.merge(one.ingredient().id(), one.mass().kilograms() * factor, Double::sum));
    Map<String, Double> over = new HashMap<>(brought);
    List<Portion> still = new ArrayList<>();
    for (Portion portion : dish.batch().portions()) {
      rest(portion, joins.stage(), over).ifPresent(still::add);
    }
    double in = share.kilograms() + still.stream().mapToDouble(one -> one.mass().kilograms()).sum();
    return new Variant(
        dish,
        factor,
        leaves,
        share,
        joins.stageTitle(),
        new ResolvedFormula(dish.batch().formula(), still),
        in - dish.made().kilograms(),
        brings(taken, over, brought),
        warnings(taken, still));
  }

  private static Variant onItsOwn(Dish dish, Optional<Moment> leaves) {
    return new Variant(
        dish,
        0,
        leaves,
        Mass.ZERO,
        "",
        dish.batch(),
        dish.batch().mass().kilograms() - dish.made().kilograms(),
        List.of(),
        List.of(
            leaves.map(moment -> "'" + moment.title() + "' of the base").orElse("The base")
                + " brings what this dish is free of before there is tomato in it: make it on its"
                + " own."));
  }

  /** What is left to add of a portion; its part of what the share brings is taken off. */
  private static Optional<Portion> rest(Portion portion, int joins, Map<String, Double> over) {
    String id = portion.ingredient().id();
    boolean water = id.equals(WATER) && portion.stage() >= joins;
    if (isTomato(portion) || water) {
      return Optional.empty();
    }
    double there = over.getOrDefault(id, 0.0);
    double used = Math.min(there, portion.mass().kilograms());
    over.put(id, there - used);
    Mass left = new Mass(portion.mass().kilograms() - used);
    return left.kilograms() > WORTH_SHARE * portion.mass().kilograms()
        ? Optional.of(portion.of(left))
        : Optional.empty();
  }

  private static List<More> brings(
      List<Portion> taken, Map<String, Double> over, Map<String, Double> brought) {
    return taken.stream()
        .map(Portion::ingredient)
        .filter(
            one -> {
              double more = over.getOrDefault(one.id(), 0.0);
              return 1000 * more >= WORTH_GRAMS
                  && more > WORTH_SHARE * brought.getOrDefault(one.id(), 0.0);
            })
        .collect(Collectors.toMap(Ingredient::id, one -> one, (first, same) -> first))
        .values()
        .stream()
        .sorted(Comparator.comparing(Ingredient::name))
        .map(one -> new More(one, new Mass(over.getOrDefault(one.id(), 0.0))))
        .toList();
  }

  /** What the common pot was free of, and is not where this is added. */
  private static List<String> warnings(List<Portion> taken, List<Portion> still) {
    List<String> warnings = new ArrayList<>();
    for (Portion portion : still) {
      List<String> broken = new ArrayList<>();
      for (Allergen allergen : portion.ingredient().labelling().allergens()) {
        if (taken.stream().noneMatch(one -> carries(one, allergen))) {
          broken.add("free of " + allergen.words());
        }
      }
      Arrays.stream(Diet.values())
          .filter(diet -> !diet.allows(portion.ingredient()))
          .filter(diet -> taken.stream().allMatch(one -> diet.allows(one.ingredient())))
          .forEach(diet -> broken.add(diet.words()));
      if (!broken.isEmpty()) {
        String words =
            String.format(
                Locale.ROOT,
                "%s in '%s' breaks what the base promises, %s: keep pan and spoon apart from it.",
                portion.ingredient().name(),
                portion.stageTitle(),
                String.join(", ", broken));
        if (!warnings.contains(words)) {
          warnings.add(words);
        }
      }
    }
    return warnings;
  }

  private static Optional<Moment> firstUnsafe(ResolvedFormula base, Dish dish) {
    List<Portion> own = dish.batch().portions();
    List<Diet> kept =
        Declaration.of(dish.batch(), dish.made()).diets().stream()
            .filter(Declaration.DietMet::isMet)
            .map(Declaration.DietMet::diet)
            .toList();
    return base.portions().stream()
        .filter(
            portion ->
                kept.stream().anyMatch(diet -> !diet.allows(portion.ingredient()))
                    || portion.ingredient().labelling().allergens().stream()
                        .anyMatch(a -> own.stream().noneMatch(one -> carries(one, a))))
        .map(Moment::of)
        .min(Comparator.comparing(Moment::stage).thenComparing(Moment::after));
  }

  private static boolean carries(Portion portion, Allergen allergen) {
    return portion.ingredient().labelling().allergens().contains(allergen);
  }

  private static List<Portion> taken(ResolvedFormula base, Optional<Moment> leaves) {
    return base.portions().stream()
        .filter(portion -> leaves.map(moment -> moment.isAfter(portion)).orElse(true))
        .toList();
  }

  private static boolean isTomato(Portion portion) {
    return portion.ingredient().kind() == IngredientKind.TOMATO;
  }

  private static double tomato(List<Portion> portions) {
    return portions.stream()
        .filter(Variant::isTomato)
        .mapToDouble(
            one -> one.ingredient().perKilogram().solids().kilograms() * one.mass().kilograms())
        .sum();
  }
}
