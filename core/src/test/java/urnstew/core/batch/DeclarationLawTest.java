package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.Restored;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.correction.Target;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.Declaration.Carried;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;
import urnstew.core.formula.Without;
import urnstew.core.lot.TubIngredient;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Diet;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Intake;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.pantry.Trait;
import urnstew.core.plan.PlanInputs;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Law 1: what is said of allergens, diets and sulphites follows everything that went in, and
 * nothing is called absent while anything is unread, unknown or unnamed. Random histories: formula,
 * schools, stand-ins, unread lines, unread labels, pours, additions, tubs of earlier pots,
 * strike-outs, ladlings, splits and mergers. A second reckoning walks along with its own sets.
 */
class DeclarationLawTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final List<Formula> SHELF =
      ReferenceFormulas.load().stream().filter(f -> f.target().isPresent()).toList();
  private static final List<Ingredient> GOODS = List.copyOf(PANTRY.all());
  private static final Instant LATER = Samples.NOON.plus(Duration.ofHours(7));

  /** What the second reckoning knows of something that somebody may eat. */
  private static final class Known {
    final Set<Allergen> carries = EnumSet.noneOf(Allergen.class);
    final Set<Allergen> asks = EnumSet.noneOf(Allergen.class);
    final Set<Trait> traits = EnumSet.noneOf(Trait.class);
    boolean open;

    void add(Labelling label) {
      label.allergens().stream().filter(a -> a != Allergen.SULPHITES).forEach(carries::add);
      asks.addAll(label.asks());
      traits.addAll(label.traits());
      open |= !label.unknown().isEmpty();
    }

    void add(Known other) {
      carries.addAll(other.carries);
      asks.addAll(other.asks);
      traits.addAll(other.traits);
      open |= other.open;
    }
  }

  private record Pot(BatchHistory history, Known known, List<Labelled> in) {}

  private record Labelled(Labelling label, Mass mass) {}

  private record Tub(Declaration declaration, Ingredient ingredient, Known known) {}

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void whatIsSaidFollowsEverythingThatWentIn(int seed) {
    Random random = new Random(seed);
    List<Tub> tubs = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      Pot pot = pot(random, tubs);
      if (random.nextInt(3) == 0) {
        pot = stoppedAndGoneOnWith(pot, random);
      }
      Mass made = new Mass(1 + 20 * random.nextDouble());
      Declaration said = BatchDeclaration.of(pot.history(), made);
      held(said, pot.known());
      sulphitesHeld(said, pot, made);
      tubs.add(tub(said, pot, i));
      if (tubs.size() > 2 && random.nextInt(4) == 0) {
        tubs.add(merged(tubs.get(random.nextInt(i + 1)), tubs.get(random.nextInt(i + 1))));
      }
    }
    tubs.forEach(tub -> held(tub.declaration(), tub.known()));
  }

  /**
   * What is kept tells all that is surely in, and nothing that never goes in; whoever goes on with
   * it tells, at the end, what would have been told without the stop.
   */
  private static Pot stoppedAndGoneOnWith(Pot pot, Random random) {
    Instant at = Samples.NOON.plus(Duration.ofMinutes(12 + random.nextInt(300)));
    BatchHistory stopped =
        pot.history()
            .with(
                new BatchEvent.Finished(
                    new UUID(3, random.nextLong()), at, Optional.empty(), "", true),
                LATER);
    Unfinished unfinished = Unfinished.of(stopped).orElseThrow();
    Declaration kept = BatchDeclaration.of(stopped, unfinished.mass());
    Set<Allergen> told = EnumSet.noneOf(Allergen.class);
    kept.allergens().forEach(one -> told.add(one.allergen()));
    told.remove(Allergen.SULPHITES);
    assertTrue(pot.known().carries.containsAll(told), "nothing that never goes in");
    assertTrue(told.containsAll(surelyIn(pot)), "all that is surely in");
    Ingredient tub =
        TubIngredient.of("tub-k", unfinished, unfinished.contents().everything(), kept.labelling());
    ResolvedFormula rest = unfinished.rest(tub, "warm it");
    boolean done = rest.beforeTheFinish().cooked().equivalentSolids().percent() >= 24;
    return done ? pot : new Pot(history(rest), pot.known(), List.of());
  }

  /** Of lines that are there from the first, and of whatever was put in. */
  private static Set<Allergen> surelyIn(Pot pot) {
    Set<Allergen> in = EnumSet.noneOf(Allergen.class);
    ResolvedFormula formula = pot.history().snapshot().inputs().formula();
    Set<Integer> written = new HashSet<>();
    for (BatchEvent event : pot.history().events()) {
      if (event instanceof Poured poured) {
        written.add(poured.line());
      }
    }
    for (int line = 0; line < formula.portions().size(); line++) {
      ResolvedFormula.Portion portion = formula.portions().get(line);
      if (!written.contains(line) && formula.phases().entry(portion).atFirst()) {
        in.addAll(portion.ingredient().labelling().allergens());
      }
    }
    for (Added added : pot.history().counting(Added.class)) {
      in.addAll(added.ingredient().labelling().allergens());
    }
    in.remove(Allergen.SULPHITES);
    return in;
  }

  private static void held(Declaration said, Known known) {
    Set<Allergen> carried = EnumSet.noneOf(Allergen.class);
    said.allergens().stream()
        .map(Carried::allergen)
        .filter(a -> a != Allergen.SULPHITES)
        .forEach(carried::add);
    assertEquals(known.carries, carried);
    Set<Allergen> asked = EnumSet.noneOf(Allergen.class);
    said.asked().stream().map(Carried::allergen).forEach(asked::add);
    assertTrue(asked.containsAll(known.asks), said.toString());
    assertEquals(known.open, !said.unknown().isEmpty());
    if (said.inWords().contains("no declared allergen")) {
      assertTrue(known.carries.isEmpty() && known.asks.isEmpty() && !known.open, said.toString());
    }
    for (Declaration.DietMet kept : said.diets()) {
      if (kept.isMet()) {
        assertFalse(known.open, "nothing is " + kept.diet().words() + " that is not known");
        assertTrue(known.traits.stream().noneMatch(kept.diet()::leavesOut), kept.toString());
        assertTrue(known.asks.stream().noneMatch(kept.diet()::isBrokenBy), kept.toString());
      }
    }
  }

  /** Never below what a kilogram of all that comes out would hold. */
  private static void sulphitesHeld(Declaration said, Pot pot, Mass made) {
    double milligrams =
        pot.in().stream()
            .mapToDouble(
                one -> one.label().sulphitesMilligramsPerKilogram() * one.mass().kilograms())
            .sum();
    assertTrue(said.sulphitesMilligramsPerKilogram() >= milligrams / made.kilograms() - 1e-9);
    boolean declared =
        said.allergens().stream().anyMatch(one -> one.allergen() == Allergen.SULPHITES);
    if (milligrams / made.kilograms() > Declaration.SULPHITES_DECLARED_FROM) {
      assertTrue(declared, said.toString());
    }
  }

  private static Tub tub(Declaration said, Pot pot, int i) {
    ResolvedFormula formula = pot.history().snapshot().inputs().formula();
    var kind = formula.beforeTheFinish().cooked().everything();
    return new Tub(
        said,
        TubIngredient.of(
            "tub-" + i, formula, urnstew.core.lot.Carried.by(formula), kind, said.labelling()),
        pot.known());
  }

  private static Tub merged(Tub one, Tub two) {
    Declaration both = one.declaration().and(two.declaration());
    Known known = new Known();
    known.add(one.known());
    known.add(two.known());
    Ingredient first = one.ingredient();
    return new Tub(both, labelled(first, both.labelling()), known);
  }

  private static Ingredient labelled(Ingredient one, Labelling label) {
    return new Ingredient(
        one.id(),
        one.name(),
        one.kind(),
        one.perKilogram(),
        one.salt(),
        one.taste(),
        one.measuring(),
        one.thickener(),
        one.pieces(),
        one.buying(),
        label,
        one.provenance());
  }

  private static Pot pot(Random random, List<Tub> tubs) {
    Formula formula = SHELF.get(random.nextInt(SHELF.size()));
    List<School> schools = new ArrayList<>();
    for (Choice choice : formula.choices()) {
      schools.add(
          new School(
              choice.question(),
              choice.options().get(random.nextInt(choice.options().size())).name()));
    }
    Formula chosen = formula.choosing(schools);
    if (random.nextInt(3) == 0) {
      Allergen out = Allergen.values()[random.nextInt(Allergen.values().length)];
      Avoid avoid = new Avoid(Avoid.Kind.ALLERGEN, out.name());
      chosen =
          Without.of(chosen, List.of(avoid), ReferenceFormulas.larder().pantryOf(chosen)).formula();
    }
    boolean unread = random.nextInt(4) == 0;
    if (unread) {
      chosen = withUnread(chosen, "2 handfuls of something");
    }
    ResolvedFormula resolved =
        unlabelled(ResolvedFormula.of(chosen, ReferenceFormulas.larder()), random);
    BatchHistory history = history(resolved);
    return happened(history, random, tubs, unread);
  }

  private static Formula withUnread(Formula formula, String line) {
    List<Stage> stages = new ArrayList<>(formula.stages());
    stages.set(0, stages.get(0).leavingUnread(List.of(line)));
    return formula.with(stages);
  }

  /** Now and then something has a label that nobody read. */
  private static ResolvedFormula unlabelled(ResolvedFormula formula, Random random) {
    if (random.nextInt(4) > 0) {
      return formula;
    }
    int which = random.nextInt(formula.portions().size());
    List<ResolvedFormula.Portion> portions = new ArrayList<>(formula.portions());
    portions.set(which, portions.get(which).of(unread(portions.get(which).ingredient())));
    return new ResolvedFormula(formula.formula(), portions);
  }

  private static Ingredient unread(Ingredient one) {
    return labelled(
        one, new Labelling(Set.of(), Set.of(), Set.of(), 0, "its label is not read", Set.of()));
  }

  private static BatchHistory history(ResolvedFormula formula) {
    PlanInputs inputs =
        Samples.lit(1)
            .snapshot()
            .inputs()
            .with(formula)
            .with(new Target.Solids(MassFraction.ofPercent(24)));
    BatchSnapshot like = Samples.lit(1).snapshot();
    return new BatchHistory(
        new BatchSnapshot(
            inputs, like.preparation(), like.instruments(), like.clock(), like.modelVersion()),
        List.of());
  }

  private static Pot happened(BatchHistory start, Random random, List<Tub> tubs, boolean unread) {
    List<BatchEvent> events = new ArrayList<>();
    List<BatchEvent> effective = new ArrayList<>();
    int count = random.nextInt(9);
    for (int i = 0; i < count; i++) {
      Instant at = Samples.NOON.plusSeconds(60L * (i + 1));
      UUID id = new UUID(random.nextLong(), i);
      switch (random.nextInt(6)) {
        case 0 -> {
          int lines = start.snapshot().inputs().formula().portions().size();
          Mass mass = random.nextInt(3) == 0 ? Mass.ZERO : Mass.ofGrams(random.nextInt(900) + 1.0);
          add(events, effective, new Poured(id, at, random.nextInt(lines), mass));
        }
        case 1, 2 -> {
          Ingredient what =
              !tubs.isEmpty() && random.nextInt(3) == 0
                  ? tubs.get(random.nextInt(tubs.size())).ingredient()
                  : GOODS.get(random.nextInt(GOODS.size()));
          what = random.nextInt(8) == 0 ? unread(what) : what;
          Mass mass = Mass.ofGrams(1.0 + random.nextInt(400));
          add(events, effective, new Added(id, at, what, mass, Temperature.ofCelsius(20)));
        }
        case 3 -> events.add(new LadledOut(id, at, Mass.ofGrams(50)));
        case 4 -> events.add(new PiecesTakenOut(id, at, List.of()));
        default -> strikeOrRestore(events, effective, random, id, at);
      }
    }
    return reckoned(new BatchHistory(start.snapshot(), events), effective, unread);
  }

  private static void add(List<BatchEvent> events, List<BatchEvent> effective, BatchEvent event) {
    events.add(event);
    effective.add(event);
  }

  private static void strikeOrRestore(
      List<BatchEvent> events, List<BatchEvent> effective, Random random, UUID id, Instant at) {
    if (effective.isEmpty()) {
      return;
    }
    BatchEvent which = effective.get(random.nextInt(effective.size()));
    events.add(new StruckOut(id, at, which.id(), ""));
    if (random.nextBoolean()) {
      events.add(new Restored(new UUID(1, random.nextLong()), at, which.id()));
    } else {
      effective.remove(which);
    }
  }

  private static Pot reckoned(BatchHistory history, List<BatchEvent> effective, boolean unread) {
    Known known = new Known();
    known.open = unread;
    List<Labelled> in = new ArrayList<>();
    List<ResolvedFormula.Portion> lines = history.snapshot().inputs().formula().portions();
    for (int i = 0; i < lines.size(); i++) {
      Optional<Mass> poured = Optional.empty();
      for (BatchEvent event : effective) {
        if (event instanceof Poured p && p.line() == i) {
          poured = Optional.of(p.mass());
        }
      }
      if (poured.map(mass -> mass.kilograms() > 0).orElse(true)) {
        Labelling label = lines.get(i).ingredient().labelling();
        known.add(label);
        poured.ifPresent(mass -> in.add(new Labelled(label, mass)));
      }
    }
    for (BatchEvent event : effective) {
      if (event instanceof Added added) {
        known.add(added.ingredient().labelling());
        in.add(new Labelled(added.ingredient().labelling(), added.mass()));
      }
    }
    known.asks.removeAll(new HashSet<>(known.carries));
    return new Pot(history, known, in);
  }

  private static Declaration of(String formula) {
    ResolvedFormula resolved = Samples.formula(formula);
    return Declaration.of(resolved, resolved.mass());
  }

  /** What meets it on the plate is told with it. */
  @Test
  void cheeseAtTheTableTellsItsMilk() {
    assertTrue(
        of("cellar-cheek").allergens().stream()
            .anyMatch(carried -> carried.allergen() == Allergen.MILK));
  }

  /** 21 CFR 101.100(a)(4); the food as served may be the sauce alone. */
  @Test
  void takingTheFishAwayDoesNotBringSulphitesOut() {
    ResolvedFormula with = Samples.formula("fish-steak");
    Avoid avoid = new Avoid(Avoid.Kind.ALLERGEN, "FISH");
    ResolvedFormula less =
        ResolvedFormula.of(
            Without.of(
                    with.formula(),
                    List.of(avoid),
                    ReferenceFormulas.larder().pantryOf(with.formula()))
                .formula(),
            ReferenceFormulas.larder());
    assertTrue(sulphites(with));
    assertTrue(sulphites(less));
  }

  @Test
  void steaksInASauceDiluteNothingInIt() {
    Intake wine = new Intake(PANTRY.ingredient("white-wine"), Mass.ofGrams(100));
    Ingredient steak = PANTRY.ingredient("swordfish");
    double alone =
        Declaration.of(List.of(wine), new Mass(0.9), List.of()).sulphitesMilligramsPerKilogram();
    double juice = 1 - steak.servedApartShare();
    Declaration with =
        Declaration.of(List.of(wine, new Intake(steak, new Mass(1))), new Mass(0.9 + 1), List.of());
    assertEquals(alone * 0.9 / (0.9 + juice), with.sulphitesMilligramsPerKilogram(), 1e-9);
  }

  private static boolean sulphites(ResolvedFormula formula) {
    Mass made =
        formula
            .formula()
            .target()
            .map(target -> formula.beforeTheFinish().cooked().reducedTo(target))
            .orElse(formula.beforeTheFinish().cooked())
            .plus(formula.atTheFinish())
            .total();
    return Declaration.of(formula, made).allergens().stream()
        .anyMatch(one -> one.allergen() == Allergen.SULPHITES);
  }

  @Test
  void aPackThatMustBeReadIsNeitherAbsentNorSafe() {
    Declaration sausage = of("drover-ragu");
    assertTrue(sausage.asked().stream().anyMatch(one -> one.allergen() == Allergen.WHEAT));
    assertFalse(sausage.carriesNothing());
    assertTrue(new Avoid(Avoid.Kind.ALLERGEN, "WHEAT").hits(PANTRY.ingredient("pork-sausage")));
    assertTrue(
        PANTRY.ingredient("hard-cheese-lysozyme").labelling().allergens().contains(Allergen.EGG));
    assertTrue(PANTRY.ingredient("hard-cheese").labelling().asks().contains(Allergen.EGG));
  }

  @Test
  void aSauceWithNothingInItSaysSoAndOneLineUnreadTakesItBack() {
    ResolvedFormula base = Samples.formula("larder-base");
    assertEquals(List.of("no declared allergen"), of("larder-base").inWords());
    Formula open = withUnread(base.formula(), "6 oysters");
    Declaration said =
        Declaration.of(ResolvedFormula.of(open, ReferenceFormulas.larder()), base.mass());
    assertEquals(List.of("not known: '6 oysters' is not read"), said.inWords());
    assertTrue(said.diets().stream().noneMatch(Declaration.DietMet::isMet));
    assertTrue(
        of("larder-base").diets().stream()
            .anyMatch(one -> one.diet() == Diet.VEGAN && one.isMet()));
  }

  /** A label that names sulphites without a figure counts, however little goes in. */
  @Test
  void sulphitesWithoutAFigureAreDeclared() {
    Ingredient own =
        labelled(
            PANTRY.ingredient("capers"),
            new Labelling(Set.of(Allergen.SULPHITES), Set.of(), Set.of(), 0, "", Set.of()));
    Declaration said =
        Declaration.of(List.of(new Intake(own, Mass.ofGrams(1))), new Mass(5), List.of());
    assertEquals(List.of("contains sulphites"), said.inWords());
  }
}
