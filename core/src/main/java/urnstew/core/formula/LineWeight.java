package urnstew.core.formula;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import urnstew.core.formula.LineAmount.Amount.Counted;
import urnstew.core.formula.LineAmount.Amount.Spooned;
import urnstew.core.formula.LineAmount.Amount.Weighed;
import urnstew.core.formula.LineAmount.Container;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.HouseholdWeights;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Pack;
import urnstew.units.Mass;
import urnstew.units.Volume;
import urnstew.units.text.Measures;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityKind;
import urnstew.units.text.QuantityText;
import urnstew.units.text.Understanding;

/** What an amount weighs of an ingredient, as it goes in; nothing where nobody knows. */
final class LineWeight {
  private static final Pattern SHELLED =
      Pattern.compile("flesh|shelled|meat|fillet", Pattern.CASE_INSENSITIVE);
  private static final double MOSTLY_SHELL = 0.6;
  private static final String DRAINED = "drained";

  /**
   * Level spoons of US customary use: a sixteenth and an eighth of a teaspoon (common practice).
   */
  private static final Map<String, Double> PARTS_OF_A_TEASPOON =
      Map.of("pinch", 1 / 16.0, "dash", 1 / 8.0);

  private static final Set<String> ONE_SIZE = Set.of("can", "tin", "bunch", "head", "loaf");

  private static final double TEASPOON = Volume.CUBIC_METERS_PER_US_GALLON / 768;

  private final Function<String, Measures> own;
  private final Pint pint;

  LineWeight(Function<String, Measures> own, Pint pint) {
    this.own = own;
    this.pint = pint;
  }

  /** Of several that a name can mean, those that come like that: in a can, fresh by the piece. */
  List<Ingredient> meant(LineAmount amount, List<Ingredient> could) {
    boolean fresh = !(amount.amount() instanceof Weighed) && amount.from() == Container.NONE;
    List<Ingredient> fitting =
        could.stream()
            .filter(
                one -> amount.from() == Container.CAN ? isCanned(one) : !fresh || !isCanned(one))
            .toList();
    return could.size() > 1 && !fitting.isEmpty() ? fitting : could;
  }

  private static boolean isCanned(Ingredient one) {
    return one.name().toLowerCase(Locale.ROOT).startsWith("canned");
  }

  /** What must be known before the amount can mean anything. */
  Optional<String> question(LineAmount amount, Ingredient found, String line) {
    boolean byShell =
        !(amount.amount() instanceof Counted)
            && found.buying().edibleShare() < MOSTLY_SHELL
            && !SHELLED.matcher(line).find();
    return byShell
        ? Optional.of(
            String.format(
                Locale.ROOT,
                "With the shell or without? Of a kilogram as bought %.0f g are left: type the"
                    + " weight without shell, and 'flesh' after the name.",
                found.buying().edibleShare() * 1000))
        : Optional.empty();
  }

  /**
   * A mass that goes in.
   *
   * @param mass of it
   * @param drained whether a can was poured off
   */
  record Weight(Mass mass, boolean drained) {}

  /**
   * The mass that goes in.
   *
   * @param measure what is counted: a size, a piece, a pack; empty where nothing is said
   * @param note what is done to it: a drained can holds less
   */
  Optional<Weight> of(LineAmount amount, Ingredient found, String measure, String note) {
    if (amount.amount() instanceof Weighed weighed) {
      return weighed(amount, weighed, found).map(mass -> outOfTheCan(amount, found, note, mass));
    }
    if (amount.amount() instanceof Spooned spooned) {
      return spooned(spooned, found).map(mass -> outOfTheCan(amount, found, note, mass));
    }
    Counted counted = (Counted) amount.amount();
    String of = counted.measure().isEmpty() ? measure : counted.measure();
    return one(found, of).map(mass -> new Weight(mass.times(counted.count()), false));
  }

  /** With the measures of that very ingredient: a handful of basil is not one of salt. */
  private Optional<Mass> weighed(LineAmount amount, Weighed weighed, Ingredient found) {
    if (amount.from() != Container.NONE) {
      return Optional.of(new Mass(weighed.kilograms()));
    }
    QuantityText reader = new QuantityText(QuantityKind.MASS, "", pint, own.apply(found.id()));
    return reader.read(amount.entered()) instanceof Understanding.Understood read
        ? Optional.of(new Mass(read.value()))
        : Optional.empty();
  }

  private static Optional<Mass> spooned(Spooned spooned, Ingredient found) {
    return HouseholdWeights.shipped()
        .of(found, spooned.unit())
        .map(one -> one.times(spooned.count()))
        .or(
            () ->
                found
                    .measuring()
                    .spoonDensity()
                    .map(density -> new Volume(spooned.cubicMeters()).at(density)));
  }

  private static Optional<Mass> one(Ingredient found, String measure) {
    Optional<Mass> household =
        HouseholdWeights.shipped().of(found, measure.isEmpty() ? HouseholdWeights.PIECE : measure);
    if (household.isPresent() || measure.isEmpty()) {
      return household;
    }
    Double part = PARTS_OF_A_TEASPOON.get(measure);
    if (part != null) {
      return found
          .measuring()
          .spoonDensity()
          .map(density -> new Volume(TEASPOON * part).at(density));
    }
    List<Pack> packs =
        found.buying().packs().stream()
            .filter(pack -> !pack.loose() && isIn(pack, measure, found))
            .toList();
    return packs.size() == 1 ? Optional.of(packs.get(0).net()) : Optional.empty();
  }

  /** A bottle is one of wine; what comes in bags and boxes is of every size. */
  private static boolean isIn(Pack pack, String measure, Ingredient of) {
    boolean usual =
        ONE_SIZE.contains(measure)
            || measure.equals("bottle") && of.kind() == IngredientKind.WINE
            || measure.startsWith("No. ");
    return usual
        && (pack.name().startsWith(measure)
            || Arrays.asList(pack.name().split("[ ,]+")).contains(measure));
  }

  /** What is left of a can when it is drained: by its note, or since it is only used drained. */
  private Weight outOfTheCan(LineAmount amount, Ingredient found, String note, Mass net) {
    if (amount.from() == Container.NONE) {
      return new Weight(net, false);
    }
    double yieldShare =
        drainedShare(found)
            * Handlings.shipped().in(note, found).stream()
                .filter(handling -> handling.word().equals(DRAINED))
                .mapToDouble(Handling::yieldShare)
                .findFirst()
                .orElse(1);
    return new Weight(net.times(yieldShare), yieldShare < 1);
  }

  /** By the packs that say what is in them when they are drained. */
  private double drainedShare(Ingredient found) {
    return found.buying().packs().stream()
        .filter(pack -> pack.name().endsWith(", " + DRAINED))
        .mapToDouble(this::share)
        .filter(share -> share > 0)
        .findFirst()
        .orElse(1);
  }

  private double share(Pack pack) {
    String size = pack.name().replaceFirst(" (?:can|tin|jar).*$", "");
    return new QuantityText(QuantityKind.MASS, "", pint).read(size)
            instanceof Understanding.Understood gross
        ? pack.net().kilograms() / gross.value()
        : 0;
  }
}
