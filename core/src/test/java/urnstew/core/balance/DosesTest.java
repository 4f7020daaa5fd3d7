package urnstew.core.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import urnstew.core.Samples;
import urnstew.core.formula.Family;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class DosesTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final InPot NOW = InPot.beforeTheFinish(Samples.marinara());
  private static final RemainingProcess COURSE = course(Samples.marinara());
  private static final TasteProfile AFTER = TasteProfile.of(COURSE.after(NOW));

  private static RemainingProcess course(ResolvedFormula formula) {
    return RemainingProcess.of(formula, formula.formula().target(), Optional.of(1.2));
  }

  private static Rescue rescue(List<Dosable> bases, Optional<Dosable> again) {
    return new Rescue(NOW, COURSE, Family.PLAIN, PANTRY, bases, again);
  }

  private static List<Remedy> from(Fault fault) {
    return rescue(List.of(), Optional.empty()).from(fault, 1);
  }

  private static Stream<Remedy.Add> added(Fault fault) {
    return from(fault).stream().filter(Remedy.Add.class::isInstance).map(Remedy.Add.class::cast);
  }

  private static Dose dose(Fault fault, String id) {
    return added(fault)
        .map(Remedy.Add::dose)
        .filter(d -> d.what().ingredient().orElseThrow().id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** models.md: about 0.6 to 1.25 g soda a kilogram for 0.3 pH (stoichiometry, tomato). */
  @Test
  void sodaForThreeTenthsOfPh() {
    InPot tomato = Pots.of("canned-whole-tomato", 1000);
    double wanted = TasteProfile.of(tomato).pH() + 0.3;
    Dose dose =
        Dose.reaching(
            Dosable.of(Samples.ingredient("baking-soda")),
            tomato,
            RemainingProcess.OVER,
            pot -> TasteProfile.of(pot).pH(),
            wanted,
            Mass.ofGrams(5));
    assertTrue(dose.reaches());
    assertEquals(wanted, dose.after().pH(), 1e-4);
    assertTrue(dose.mass().grams() > 0.6 && dose.mass().grams() < 1.25, dose.mass().toString());
    assertEquals(0.274, dose.moreSodiumKilograms() / dose.mass().kilograms(), 0.001);
  }

  /** S-04: only base or dilution lowers acid; sugar and fat mask; time concentrates. */
  @Test
  void whatSoftensASharpSauceAndHow() {
    double aim = AFTER.sharpnessPercent() * (1 - Sharpness.NOTICED);
    added(Fault.SHARP)
        .filter(add -> add.dose().reaches())
        .forEach(
            add ->
                assertEquals(
                    aim, add.dose().after().sharpnessPercent(), 1e-4, add.title() + " is fair"));
    assertEquals(AFTER.pH(), dose(Fault.SHARP, "sugar").after().pH(), 0.005);
    assertEquals(AFTER.pH(), dose(Fault.SHARP, "butter").after().pH(), 0.01);
    assertTrue(dose(Fault.SHARP, "baking-soda").after().pH() > AFTER.pH() + 0.05);
    assertTrue(dose(Fault.SHARP, "baking-soda").after().acid().value() < AFTER.acid().value());
    assertTrue(dose(Fault.SHARP, "water").after().acid().value() < AFTER.acid().value());
    Remedy.Time time =
        (Remedy.Time)
            from(Fault.SHARP).stream()
                .filter(Remedy.Time.class::isInstance)
                .findFirst()
                .orElseThrow();
    TasteProfile now = TasteProfile.of(NOW);
    assertTrue(time.reduced().acid().value() > now.acid().value(), "acids stay");
    assertEquals(
        now.sugarToAcidRatio(), time.reduced().sugarToAcidRatio(), 0.03 * now.sugarToAcidRatio());
  }

  /** S-04, the reverse: vinegar or lemon, at the start or at the end; its water boils off. */
  @Test
  void aFlatSauceIsLifted() {
    Dose lemon = dose(Fault.FLAT, "lemon-juice");
    assertTrue(lemon.reaches());
    assertEquals(
        AFTER.sharpnessPercent() * (1 + Sharpness.NOTICED), lemon.after().sharpnessPercent(), 1e-4);
    assertTrue(lemon.after().pH() < AFTER.pH());
    List<Dose> vinegars =
        added(Fault.FLAT)
            .filter(a -> a.dose().what().ingredient().orElseThrow().id().equals("wine-vinegar-red"))
            .map(Remedy.Add::dose)
            .toList();
    assertTrue(vinegars.get(0).made().compareTo(vinegars.get(1).made()) > 0, "at the end wetter");
    assertTrue(dose(Fault.FLAT, "white-wine").longer().orElseThrow().compareTo(Duration.ZERO) > 0);
  }

  /** S-05: fair cups; doses of one comparison bring equal sodium, of the other equal savour. */
  @Test
  void helpersAreComparedFairly() {
    MassFraction sodium = new MassFraction(0.002);
    double savoury = 1.3 * AFTER.savouryPercent();
    List<SavourySource> all = SavourySource.of(NOW, COURSE, PANTRY, sodium, savoury);
    double wanted = 0.393 * 0.002 * NOW.mass().kilograms();
    for (SavourySource helper : all) {
      if (helper.atEqualSodium().reaches()) {
        assertEquals(wanted, helper.atEqualSodium().moreSodiumKilograms(), 1e-4 * wanted);
      }
      if (helper.atEqualSavour().reaches()) {
        assertEquals(savoury, helper.atEqualSavour().after().savouryPercent(), 1e-4 * savoury);
      }
    }
    assertTrue(all.stream().filter(h -> h.atEqualSavour().reaches()).count() >= 4);
    assertFalse(all.get(0).atEqualSavour().reaches(), "salt is not savoury");
    assertFalse(
        all.get(5)
            .atEqualSavour()
            .what()
            .ingredient()
            .orElseThrow()
            .labelling()
            .allergens()
            .isEmpty());
  }

  @Test
  void savourAllowsSomeSaltToGo() {
    assertEquals(0.1, SavourySource.lessSaltShare(1, 2), 1e-12);
    assertEquals(0.3, SavourySource.lessSaltShare(1, 100), 1e-12);
    assertEquals(0, SavourySource.lessSaltShare(2, 1), 1e-12);
  }

  /**
   * Too salty: base without salt keeps the thickness, water thins; potato and sugar are in vain.
   */
  @Test
  void aSaltySauceIsStretched() {
    InPot salty = NOW.plus(Pots.part("table-salt", 6));
    InPot unsalted =
        InPot.of(
            Samples.marinara().portions().stream()
                .filter(p -> !p.ingredient().id().equals("table-salt"))
                .toList(),
            Samples.marinara().beforeTheFinish());
    Dosable again = Dosable.of("again", unsalted);
    Rescue rescue =
        new Rescue(salty, COURSE, Family.PLAIN, PANTRY, List.of(again), Optional.of(again));
    List<Remedy> remedies = rescue.from(Fault.TOO_SALTY, 1);
    Dose base = ((Remedy.Add) remedies.get(0)).dose();
    assertTrue(base.reaches());
    assertEquals(1.05, base.after().salt().percent(), 1e-4);
    assertEquals(
        COURSE.after(salty).contents().equivalentSolids().value(),
        base.equivalentSolids().value(),
        0.003);
    assertTrue(base.longer().orElseThrow().toMinutes() > 3, "its water has to go");
    assertTrue(
        remedies.stream()
            .anyMatch(
                r ->
                    r instanceof Remedy.Act act
                        && act.kind() == Remedy.Kind.IN_VAIN
                        && act.title().contains("potato")));
    assertTrue(
        remedies.get(remedies.size() - 1) instanceof Remedy.Act act
            && act.kind() == Remedy.Kind.STOP);
  }

  @Test
  void thicknessIsReachedWithPasteAndLetDownWithWater() {
    InPot thin = Pots.of("canned-whole-tomato", 1000);
    RemainingProcess to7 =
        new RemainingProcess(
            Optional.of(new MassFraction(0.07)), List.of(), List.of(), List.of(), Optional.of(1.0));
    Rescue rescue = new Rescue(thin, to7, Family.PLAIN, PANTRY, List.of(), Optional.empty());
    Dose paste =
        rescue.from(Fault.TOO_THIN, 1).stream()
            .filter(Remedy.Add.class::isInstance)
            .map(r -> ((Remedy.Add) r).dose())
            .findFirst()
            .orElseThrow();
    assertTrue(paste.reaches());
    assertEquals(0.07, paste.equivalentSolids().value(), 1e-5);
    InPot thick = thin.reducedTo(new MassFraction(0.09));
    Rescue down = new Rescue(thick, to7, Family.PLAIN, PANTRY, List.of(), Optional.empty());
    Remedy.Add water = (Remedy.Add) down.from(Fault.TOO_THICK, 1).get(0);
    assertEquals(0.07, water.dose().equivalentSolids().value(), 1e-5);
  }

  @Test
  void aGreasyPotIsSkimmedToItsBand() {
    InPot fat = NOW.plus(Pots.part("lard", 200));
    Rescue rescue = new Rescue(fat, COURSE, Family.PLAIN, PANTRY, List.of(), Optional.empty());
    Remedy.Skim skim = (Remedy.Skim) rescue.from(Fault.GREASY, 1).get(0);
    InPot end = COURSE.after(fat);
    double left =
        (end.fatKilograms() - skim.fat().kilograms())
            / (end.mass().kilograms() - skim.fat().kilograms());
    assertEquals(skim.fatPercent(), 100 * left, 1e-6);
    assertEquals(8.0, skim.fatPercent(), 1e-9);
  }

  @ParameterizedTest
  @EnumSource(Fault.class)
  void everyFaultHasAWayOrAnEnd(Fault fault) {
    List<Remedy> remedies = from(fault);
    assertFalse(remedies.isEmpty(), fault.words());
    remedies.forEach(r -> assertFalse(r.title().isBlank() || r.tells().isBlank()));
  }

  /** No invented cure: what is burnt is started again. */
  @ParameterizedTest
  @EnumSource(names = {"SCORCHED", "BITTER_GARLIC", "WRONG_HERB"})
  void nothingIsPouredOverWhatIsBurnt(Fault fault) {
    assertEquals(0, added(fault).count());
    assertTrue(
        from(fault).stream()
            .anyMatch(r -> r instanceof Remedy.Act act && act.kind() == Remedy.Kind.STOP));
  }

  /** From any pot: half of a dose does a part of what all of it does. */
  @Test
  void moreOfADoseDoesMore() {
    SplittableRandom random = new SplittableRandom(11);
    int seen = 0;
    for (int i = 0; i < 200; i++) {
      InPot pot =
          Pots.of(
              "canned-whole-tomato", 500 + 1500 * random.nextDouble(),
              "onion", 300 * random.nextDouble(),
              "beef-mince", 600 * random.nextDouble(),
              "table-salt", 12 * random.nextDouble());
      MassFraction target = new MassFraction(0.06 + 0.1 * random.nextDouble());
      RemainingProcess course =
          new RemainingProcess(
              Optional.of(target),
              List.of(),
              List.of(Pots.part("butter", 20)),
              List.of(),
              Optional.empty());
      TasteProfile none = TasteProfile.of(course.after(pot));
      for (Fault fault : List.of(Fault.SHARP, Fault.FLAT, Fault.WANTS_SALT)) {
        Rescue rescue = new Rescue(pot, course, Family.RAGU, PANTRY, List.of(), Optional.empty());
        for (Remedy remedy : rescue.from(fault, 1)) {
          if (remedy instanceof Remedy.Add add && add.dose().mass().grams() > 0.01) {
            Mass half = add.dose().mass().times(0.5);
            InPot then = add.atTheEnd() ? course.after(pot) : pot;
            RemainingProcess rest = add.atTheEnd() ? RemainingProcess.OVER : course;
            TasteProfile some = Dose.of(add.dose().what(), half, then, rest).after();
            ToDoubleFunction<TasteProfile> figure =
                fault == Fault.WANTS_SALT || add.title().startsWith("Salt")
                    ? tastes -> tastes.salt().value()
                    : TasteProfile::sharpnessPercent;
            double from = figure.applyAsDouble(none);
            double to = figure.applyAsDouble(add.dose().after());
            double between = figure.applyAsDouble(some);
            assertTrue((between - from) * (to - between) > 0, add.title() + " in " + fault);
            seen++;
          }
        }
      }
    }
    assertTrue(seen > 2000, "doses seen: " + seen);
  }

  @ParameterizedTest
  @CsvSource({
    // what, for a pot of 6.42 kg in g, measure, dissolved
    "sugar, 25, TEASPOON, false",
    "butter, 128, TEASPOON, false",
    "baking-soda, 3.4, DROP, true",
    "table-salt, 12, TEASPOON, true",
    "lemon-juice, 10, DROP, false",
    "wine-vinegar-red, 60, TEASPOON, false",
  })
  void aCupIsDosedWithWhatAKitchenHas(
      String id, double grams, CupDose.Measure measure, boolean dissolved) {
    Mass pot = new Mass(6.42);
    Mass cup = Mass.ofGrams(150);
    CupDose dose = CupDose.of(Samples.ingredient(id), Mass.ofGrams(grams), pot, cup);
    assertEquals(measure, dose.measure(), dose.toString());
    assertEquals(dissolved, dose.solution().isPresent());
    assertTrue(dose.count() >= 0.125, "never less than can be told apart");
    assertEquals(
        dose.inCup().kilograms() / cup.kilograms(),
        dose.forPot().kilograms() / pot.kilograms(),
        1e-12,
        "the pot gets what the cup got");
    assertEquals(grams, dose.forPot().grams(), 0.4 * grams);
  }

  /** 10 g in 100 ml, a drop of 0.05 ml: 5 mg a drop (arithmetic). */
  @Test
  void dropsOfASolutionAreCounted() {
    CupDose soda =
        CupDose.of(
            Samples.ingredient("baking-soda"),
            Mass.ofGrams(3.4),
            new Mass(6.42),
            Mass.ofGrams(150));
    assertEquals(10.0, soda.solution().orElseThrow());
    assertEquals(Math.rint(3.4 * 150 / 6420 / 0.005), soda.count());
    assertEquals(soda.count() * 0.005, soda.inCup().grams(), 1e-9);
  }

  @Test
  void whatCannotBeMeasuredAsksForALargerCup() {
    InvalidInput small =
        assertThrows(
            InvalidInput.class,
            () ->
                CupDose.of(
                    Samples.ingredient("anchovy"), Mass.ofGrams(4), new Mass(6), Mass.ofGrams(50)));
    assertEquals("cup", small.parameter());
    assertTrue(small.limit().contains("1500 g"), small.limit());
  }

  /** Heat given is heat taken: 0.2 kg at 10 °C into 5 kg, water-like (arithmetic). */
  @Test
  void aLiaisonComesToItsWindow() {
    InPot sauce = Pots.of("water", 5000);
    InPot bowl = Pots.of("water", 200);
    Liaison liaison =
        Liaison.of(
            sauce.contents().everything(),
            bowl.contents().everything(),
            Temperature.ofCelsius(10),
            Temperature.ofCelsius(90));
    assertEquals(5, liaison.spoonfuls());
    assertEquals(50, liaison.bowl().celsius(), 0.5);
    assertEquals(74 + 0.4 * 24 / 4.8, liaison.pot().celsius(), 0.2);
    assertThrows(
        InvalidInput.class,
        () ->
            Liaison.of(
                bowl.contents().everything(),
                sauce.contents().everything(),
                Temperature.ofCelsius(10),
                Temperature.ofCelsius(90)));
  }

  @Test
  void aFinishSaysHowAndHowLongItHolds() {
    Finish butter = Finish.of(Samples.ingredient("butter")).orElseThrow();
    assertTrue(butter.window().orElseThrow().to().celsius() < 90, "off the heat");
    Finish yolk = Finish.of(Samples.ingredient("egg-yolk")).orElseThrow();
    assertEquals(70, yolk.window().orElseThrow().from().celsius());
    assertTrue(yolk.hold().compareTo(butter.hold()) < 0);
    assertTrue(Finish.of(Samples.ingredient("basil")).isPresent(), "by its kind");
    assertTrue(Finish.of(Samples.ingredient("canned-whole-tomato")).isEmpty());
  }
}
