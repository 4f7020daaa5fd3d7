package urnstew.core.formula;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Diet;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Intake;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.Trait;
import urnstew.units.Mass;

/**
 * What an eater has to be told of, what causes it, and what nobody knows.
 *
 * <p>It is the one statement about whatever is cooked, kept or served: a formula, a plan, a pot, a
 * cup, a tub, a plate. Nothing is called absent while anything is unread or unknown.
 *
 * <p>Sulphites count from 10 mg/kg in the food as served (Reg. (EU) 1169/2011, Annex II; 21 CFR
 * 101.100(a)(4)): all that goes in is counted as if none boiled off, in the sauce without the
 * pieces that are served apart, since somebody may get the sauce alone. Both err to the safe side.
 *
 * @param allergens that it carries
 * @param asked allergens that it carries or not, by maker: the packs must be read
 * @param traits that break a diet
 * @param sulphitesMilligramsPerKilogram in the sauce as served, at most
 * @param unknown what was not read and what is not known, in a cook's words
 */
public record Declaration(
    List<Carried> allergens,
    List<Carried> asked,
    List<Borne> traits,
    double sulphitesMilligramsPerKilogram,
    List<String> unknown) {
  /** Threshold of the law, mg/kg. */
  public static final double SULPHITES_DECLARED_FROM = 10;

  /** Less sauce than this share of all, and it is the pieces that are eaten (assumption). */
  private static final double SAUCE_AT_LEAST = 0.1;

  public Declaration {
    allergens = List.copyOf(allergens);
    asked = List.copyOf(asked);
    traits = List.copyOf(traits);
    unknown = List.copyOf(unknown);
  }

  /**
   * An allergen and what it comes from.
   *
   * @param allergen which
   * @param causes names of the ingredients
   */
  public record Carried(Allergen allergen, List<String> causes) {
    public Carried {
      causes = List.copyOf(causes);
    }

    /** Ingredients that carry it although their names do not tell so. */
    public List<String> hidden() {
      return causes.stream().filter(name -> !allergen.isPlainIn(name)).toList();
    }
  }

  /**
   * What breaks a diet, and what it comes from.
   *
   * @param trait which
   * @param causes names of the ingredients
   */
  public record Borne(Trait trait, List<String> causes) {
    public Borne {
      causes = List.copyOf(causes);
    }
  }

  /**
   * A way of eating.
   *
   * @param diet which
   * @param brokenBy names of the ingredients that it leaves out; empty where none is known
   * @param doubts what must be known before it is kept; empty where all is
   */
  public record DietMet(Diet diet, List<String> brokenBy, List<String> doubts) {
    public DietMet {
      brokenBy = List.copyOf(brokenBy);
      doubts = List.copyOf(doubts);
    }

    /** Whether the dish may be called so: nothing breaks the diet, and nothing is in doubt. */
    public boolean isMet() {
      return brokenBy.isEmpty() && doubts.isEmpty();
    }
  }

  /** Of a formula, with what of it is not read, for so much on the table. */
  public static Declaration of(ResolvedFormula formula, Mass made) {
    return of(intakes(formula.portions()), made, unread(formula));
  }

  /** What goes in, as somebody eats it. */
  public static List<Intake> intakes(Collection<Portion> portions) {
    return portions.stream()
        .flatMap(Portion::goods)
        .map(one -> new Intake(one.ingredient(), one.mass()))
        .toList();
  }

  /** The lines of a formula and of its parts that nobody has read, in a cook's words. */
  public static List<String> unread(ResolvedFormula formula) {
    return Stream.concat(
            unread(formula.formula()).stream(),
            formula.parts().stream().flatMap(part -> unread(part.formula().formula()).stream()))
        .distinct()
        .toList();
  }

  /** The lines of a formula that nobody has read, in a cook's words. */
  public static List<String> unread(Formula formula) {
    return formula.unread().stream().map(line -> "'" + line + "' is not read").toList();
  }

  /**
   * Of all that goes in.
   *
   * @param made what comes out of it, with all its pieces
   * @param unknown what else is in it that nobody has read or named
   */
  public static Declaration of(List<Intake> intakes, Mass made, Collection<String> unknown) {
    double sulphites = sulphites(intakes, made);
    boolean unmeasured = intakes.stream().anyMatch(one -> sulphitesUnmeasured(one.ingredient()));
    Map<Allergen, Set<String>> carried = new TreeMap<>();
    Map<Allergen, Set<String>> asked = new TreeMap<>();
    Map<Trait, Set<String>> traits = new TreeMap<>();
    Set<String> open = new LinkedHashSet<>(unknown);
    for (Intake intake : intakes) {
      Ingredient one = intake.ingredient();
      one.labelling().allergens().forEach(a -> named(carried, a).add(one.name()));
      one.labelling().asks().forEach(a -> named(asked, a).add(one.name()));
      one.labelling().traits().forEach(t -> named(traits, t).add(one.name()));
      if (!one.labelling().unknown().isEmpty()) {
        open.add(one.name() + ": " + one.labelling().unknown());
      }
      if (one.labelling().sulphitesMilligramsPerKilogram() > 0) {
        named(carried, Allergen.SULPHITES).add(one.name());
      }
    }
    if (sulphites <= SULPHITES_DECLARED_FROM && !unmeasured) {
      carried.remove(Allergen.SULPHITES);
    }
    return new Declaration(
        list(carried, Carried::new),
        list(asked, Carried::new),
        list(traits, Borne::new),
        sulphites,
        List.copyOf(open));
  }

  /** A label names them and nobody has said how much: then they count. */
  private static boolean sulphitesUnmeasured(Ingredient one) {
    return one.labelling().allergens().contains(Allergen.SULPHITES)
        && one.labelling().sulphitesMilligramsPerKilogram() == 0;
  }

  private static double sulphites(List<Intake> intakes, Mass made) {
    double milligrams = 0;
    double apart = 0;
    for (Intake intake : intakes) {
      double kilograms = intake.mass().kilograms();
      milligrams += intake.ingredient().labelling().sulphitesMilligramsPerKilogram() * kilograms;
      apart += intake.ingredient().servedApartShare() * kilograms;
    }
    double all = made.kilograms();
    double sauce = all - apart < SAUCE_AT_LEAST * all ? all : all - apart;
    return sauce <= 0 ? 0 : milligrams / sauce;
  }

  private static <K> Set<String> named(Map<K, Set<String>> all, K key) {
    return all.computeIfAbsent(key, none -> new LinkedHashSet<>());
  }

  private interface Named<K, T> {
    T of(K key, List<String> causes);
  }

  private static <K, T> List<T> list(Map<K, Set<String>> all, Named<K, T> named) {
    return all.entrySet().stream()
        .map(entry -> named.of(entry.getKey(), List.copyOf(entry.getValue())))
        .toList();
  }

  /** Of both together: what either carries, breaks or leaves open. */
  public Declaration and(Declaration other) {
    return new Declaration(
        joined(allergens, other.allergens, Carried::allergen, Carried::causes, Carried::new),
        joined(asked, other.asked, Carried::allergen, Carried::causes, Carried::new),
        joined(traits, other.traits, Borne::trait, Borne::causes, Borne::new),
        Math.max(sulphitesMilligramsPerKilogram, other.sulphitesMilligramsPerKilogram),
        Stream.concat(unknown.stream(), other.unknown.stream()).distinct().toList());
  }

  private static <K, T> List<T> joined(
      List<T> one,
      List<T> two,
      Function<T, K> key,
      Function<T, List<String>> causes,
      Named<K, T> named) {
    Map<K, Set<String>> all = new TreeMap<>();
    Stream.concat(one.stream(), two.stream())
        .forEach(each -> named(all, key.apply(each)).addAll(causes.apply(each)));
    return list(all, named);
  }

  /** Every way of eating, with what breaks it and what leaves it in doubt. */
  public List<DietMet> diets() {
    return Arrays.stream(Diet.values()).map(this::met).toList();
  }

  private DietMet met(Diet diet) {
    List<String> brokenBy =
        traits.stream()
            .filter(borne -> diet.leavesOut(borne.trait()))
            .flatMap(borne -> borne.causes().stream())
            .distinct()
            .toList();
    Stream<String> packs =
        asked.stream()
            .filter(carried -> diet.isBrokenBy(carried.allergen()))
            .flatMap(carried -> carried.causes().stream())
            .map(name -> "the pack of " + name);
    return new DietMet(diet, brokenBy, Stream.concat(packs, unknown.stream()).distinct().toList());
  }

  /** Whether it may be said that nothing of the law is in it. */
  public boolean carriesNothing() {
    return allergens.isEmpty() && asked.isEmpty() && unknown.isEmpty();
  }

  /** All of it in short sentences, for a label, a list and a hand-over. */
  public List<String> inWords() {
    if (carriesNothing()) {
      return List.of("no declared allergen");
    }
    List<String> words = new ArrayList<>();
    if (!allergens.isEmpty()) {
      words.add("contains " + names(allergens));
    }
    if (!asked.isEmpty()) {
      words.add("read the packs for " + names(asked));
    }
    if (!unknown.isEmpty()) {
      words.add("not known: " + String.join("; ", unknown));
    }
    return words;
  }

  private static String names(List<Carried> all) {
    return all.stream().map(one -> one.allergen().words()).collect(Collectors.joining(", "));
  }

  /** What the whole of it is to whoever uses it as an ingredient. */
  public Labelling labelling() {
    return new Labelling(
        allergens.stream().map(Carried::allergen).collect(Collectors.toSet()),
        asked.stream().map(Carried::allergen).collect(Collectors.toSet()),
        traits.stream().map(Borne::trait).collect(Collectors.toSet()),
        sulphitesMilligramsPerKilogram,
        String.join("; ", unknown),
        Set.of());
  }

  /** Names of the ingredients that fall under what is to be avoided. */
  public static List<String> hits(Avoid avoid, Collection<Portion> portions) {
    return hits(avoid, intakes(portions));
  }

  /** The same of what somebody eats. */
  public static List<String> hits(Avoid avoid, List<Intake> intakes) {
    Predicate<Intake> hit = one -> avoid.hits(one.ingredient());
    Map<String, Boolean> names = new LinkedHashMap<>();
    intakes.stream()
        .filter(hit)
        .forEach(
            one ->
                names.merge(
                    one.ingredient().name(), avoid.asks(one.ingredient()), (a, b) -> a && b));
    return names.entrySet().stream()
        .map(entry -> entry.getValue() ? entry.getKey() + " (read its pack)" : entry.getKey())
        .toList();
  }
}
