package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.Samples;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Split;
import urnstew.core.formula.Split.Branch;
import urnstew.core.formula.Split.Group;
import urnstew.core.formula.Use;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Avoid.Kind;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.plan.PotSplit;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Volume;

class MealTest {
  private static final Pantry PANTRY = ReferencePantry.load();

  /** Eggs are rounded to whole ones: see WholePiecesTest. */
  static Stream<Formula> everyFormulaWithoutEggs() {
    return ReferenceFormulas.load().stream()
        .filter(
            formula ->
                ResolvedFormula.of(formula, ReferenceFormulas.larder()).portions().stream()
                    .noneMatch(one -> one.ingredient().kind() == IngredientKind.EGG));
  }

  @ParameterizedTest
  @MethodSource("everyFormulaWithoutEggs")
  void sizedUpAndBackEveryAmountIsExactlyAsBefore(Formula formula) {
    ResolvedFormula own = ResolvedFormula.of(formula, ReferenceFormulas.larder());
    Dish large = Dish.of(own, new Need(340, Mass.ofGrams(137)), formula.target());
    double back = own.mass().kilograms() / large.batch().mass().kilograms();
    ResolvedFormula again = large.batch().times(back);
    for (int i = 0; i < own.portions().size(); i++) {
      double before = own.portions().get(i).mass().kilograms();
      assertEquals(before, again.portions().get(i).mass().kilograms(), 1e-9 * before);
    }
    double wanted = 340 * 0.137 * (1 + Need.CLING_SHARE);
    assertEquals(wanted, large.made().kilograms(), 1e-9 * wanted);
  }

  @Test
  void aMealIsOneListLessWhatIsInStock() {
    Dish ragu = dish("ridge-ragu", 20);
    Dish base = dish("larder-base", 14);
    double onions = needed(List.of(ragu, base), Map.of(), "onion").needed().kilograms();
    double apart =
        needed(List.of(ragu), Map.of(), "onion").needed().kilograms()
            + needed(List.of(base), Map.of(), "onion").needed().kilograms();
    assertEquals(apart, onions, 1e-12);
    Purchase less = needed(List.of(ragu, base), Map.of("onion", Mass.ofGrams(200)), "onion");
    assertEquals(0.2, less.fromStock().kilograms(), 1e-12);
    assertEquals(onions - 0.2, less.packs().needed().kilograms(), 1e-12);
    Purchase plenty = needed(List.of(ragu, base), Map.of("onion", Mass.ofKilograms(50)), "onion");
    assertEquals(onions, plenty.fromStock().kilograms(), 1e-12);
    assertTrue(plenty.packs().bought().isEmpty());
  }

  @Test
  void extraOnTheTableAndHoldLossMakeTheBatchLarger() {
    Need plain = new Need(34, Mass.ofGrams(110));
    Need more =
        new Need(34, Mass.ofGrams(110), MassFraction.ofPercent(20), MassFraction.ofPercent(10));
    assertEquals(plain.mass().kilograms() * 1.2 / 0.9, more.mass().kilograms(), 1e-12);
  }

  /** P-01 and P-02, common practice. */
  @Test
  void servingsKeepToTheSchoolsOfSaucing() {
    Serving light = Serving.of(Use.DRY_PASTA, Style.LIGHT);
    Serving generous = Serving.of(Use.DRY_PASTA, Style.GENEROUS);
    assertTrue(light.beside().grams() >= 80 && light.beside().grams() <= 125);
    assertTrue(light.sauce().compareTo(light.beside()) <= 0, "up to the weight of the pasta");
    double times = generous.sauce().kilograms() / generous.beside().kilograms();
    assertTrue(times >= 2 && times <= 4, times + " times the pasta");
    double apart = generous.sauce().kilograms() / light.sauce().kilograms();
    assertTrue(apart >= 3 && apart <= 4, "three- to fourfold: " + apart);
    for (Use use : Use.values()) {
      Mass usual = Serving.of(use, Style.USUAL).sauce();
      assertTrue(Serving.of(use, Style.LIGHT).sauce().compareTo(usual) < 0, use.name());
      assertTrue(Serving.of(use, Style.GENEROUS).sauce().compareTo(usual) > 0, use.name());
    }
  }

  /** P-05, common practice: a fifth to a quarter of the pot stays empty. */
  @ParameterizedTest
  @CsvSource({"10,1", "25,2", "45,3"})
  void aBatchTooLargeForOnePotIsSpreadOverAsFewAsHoldIt(double liters, int pots) {
    List<Vessel> kitchen =
        List.of(Samples.pot(0.3, 0.2), Samples.pot(0.36, 0.2), Samples.pot(0.32, 0.28));
    Optional<PotSplit> split = PotSplit.of(Volume.ofLiters(liters), kitchen, 0.22);
    if (liters > 44) {
      assertTrue(split.isEmpty(), "all of them together do not hold it");
      return;
    }
    List<PotSplit.Share> shares = split.orElseThrow().shares();
    assertEquals(pots, shares.size());
    assertEquals(1, shares.stream().mapToDouble(PotSplit.Share::fraction).sum(), 1e-12);
    for (PotSplit.Share share : shares) {
      double full = share.volume().cubicMeters() / share.vessel().shape().capacity().cubicMeters();
      assertTrue(full <= 0.78 + 1e-9, full + " full");
    }
  }

  @Test
  void aPotIsPartedAtTheLatestMomentThatKeepsEveryPromise() {
    Dish ragu = dish("ridge-ragu", 20);
    Group noMilk = new Group("no milk", 4, List.of(new Avoid(Kind.ALLERGEN, "MILK")));
    Group noGarlic = new Group("no garlic", 2, List.of(new Avoid(Kind.TRAIT, "GARLIC")));
    Group noOnion = new Group("no onion", 1, List.of(new Avoid(Kind.TRAIT, "ONION")));
    Split split =
        Split.of(
            ragu.batch(),
            ragu.ribbon(),
            20,
            List.of(noMilk, noGarlic, noOnion),
            ReferenceFormulas.larder().pantryOf(ragu.batch().formula()));
    Branch milk = split.branches().get(0);
    assertEquals("Simmer", milk.leavesAt().orElseThrow().title());
    assertEquals(Duration.ofMinutes(40), milk.leavesAt().orElseThrow().after());
    assertEquals(2, milk.swaps().size());
    assertTrue(milk.share().kilograms() > 0.2 * ragu.made().kilograms());
    assertEquals(List.of(), milk.warnings(), "the celery of the stock is in the ragu anyhow");
    assertTrue(split.branches().get(1).leavesAt().isEmpty(), "there is no garlic in it");
    Branch onion = split.branches().get(2);
    assertEquals(0, onion.leavesAt().orElseThrow().stage());
    assertTrue(onion.warnings().get(0).contains("pot of their own"));
    assertEquals(0, split.until().orElseThrow().stage());
  }

  @Test
  void whatAStandInBringsThatTheDishWasFreeOfIsTold() {
    Dish shells = dish("cream-shell", 20);
    Group noMilk = new Group("no milk", 4, List.of(new Avoid(Kind.ALLERGEN, "MILK")));
    Split split =
        Split.of(
            shells.batch(),
            shells.ribbon(),
            20,
            List.of(noMilk),
            ReferenceFormulas.larder().pantryOf(shells.batch().formula()));
    String warning = split.branches().get(0).warnings().toString();
    assertTrue(warning.contains("brings celery"), warning);
  }

  /** One of four without fish: three steaks are bought, and what stands in for the fourth. */
  @Test
  void whoLeavesSomethingOutIsNotShoppedForWithTheRest() {
    Dish steaks = dish("fish-steak", 4);
    Group noFish = new Group("without fish", 1, List.of(new Avoid(Kind.ALLERGEN, "FISH")));
    Split split =
        Split.of(
            steaks.batch(),
            steaks.ribbon(),
            4,
            List.of(noFish),
            ReferenceFormulas.larder().pantryOf(steaks.batch().formula()));
    ResolvedFormula cooked = split.cooked(steaks.batch(), 4);
    for (ResolvedFormula.Portion portion : steaks.batch().portions()) {
      boolean fish = new Avoid(Kind.ALLERGEN, "FISH").hits(portion.ingredient());
      double before = portion.mass().kilograms();
      double now =
          cooked.portions().stream()
              .filter(one -> one.ingredient().id().equals(portion.ingredient().id()))
              .filter(one -> one.note().equals(portion.note()))
              .mapToDouble(one -> one.mass().kilograms())
              .sum();
      assertEquals(fish ? 0.75 * before : before, now, 1e-12, portion.ingredient().id());
    }
    double standIns =
        split.branches().get(0).swaps().stream()
            .flatMap(swap -> swap.instead().stream())
            .mapToDouble(one -> one.mass().kilograms())
            .sum();
    double told =
        cooked.portions().stream()
            .filter(one -> one.note().equals("for without fish"))
            .mapToDouble(one -> one.mass().kilograms())
            .sum();
    assertEquals(standIns, told, 1e-12);
    Group all = new Group("no fish", 4, List.of(new Avoid(Kind.ALLERGEN, "FISH")));
    Split none =
        Split.of(
            steaks.batch(),
            steaks.ribbon(),
            4,
            List.of(all),
            ReferenceFormulas.larder().pantryOf(steaks.batch().formula()));
    assertTrue(
        none.cooked(steaks.batch(), 4).portions().stream()
            .noneMatch(one -> new Avoid(Kind.ALLERGEN, "FISH").hits(one.ingredient())));
  }

  /** A base that is also eaten as it is: the same pot, nothing is left to make beside it. */
  @Test
  void aDishThatIsTheBaseItselfIsAShareOfIt() {
    Dish base = dish("larder-base", 14);
    Dish harbour = dish("harbour-garden", 8);
    ResolvedFormula own = Samples.formula("larder-base");
    BaseBatch pot = BaseBatch.of(own, own.formula().target(), List.of(base, harbour), Mass.ZERO);
    Variant itself = pot.variants().get(0);
    assertEquals(base.made().kilograms(), itself.share().kilograms(), 1e-6);
    assertEquals(List.of(), itself.still().portions());
    assertEquals(0, itself.toLoseKilograms(), 1e-6);
  }

  /** T-17, common practice: in loads that do not cool the oil; more heat allows larger ones. */
  @Test
  void friedSlicesGoInByLoads() {
    Dish slices = dish("fried-slices", 40);
    int weak = slices.fryingLoads(new Power(1500)).getOrDefault("Fry", 0);
    int strong = slices.fryingLoads(new Power(6000)).getOrDefault("Fry", 0);
    assertTrue(weak > strong && strong >= 2, weak + " and " + strong + " loads");
    assertEquals(Map.of(), dish("ridge-ragu", 40).fryingLoads(new Power(1500)));
  }

  private static Dish dish(String id, int covers) {
    ResolvedFormula own = Samples.formula(id);
    return Dish.of(own, new Need(covers, Mass.ofGrams(120)), own.formula().target());
  }

  private static Purchase needed(List<Dish> dishes, Map<String, Mass> stock, String ingredient) {
    return ShoppingList.of(dishes.stream().map(Dish::batch).toList(), stock, PackGoal.LEAST_COST)
        .items()
        .stream()
        .filter(item -> item.ingredient().id().equals(ingredient))
        .findFirst()
        .orElseThrow();
  }
}
