package urnstew.core.lot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.formula.Declaration;
import urnstew.core.rules.RuleSet;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Area;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Temperature;
import urnstew.units.Volume;

class LotTest {
  private static final RuleSet CODE = RuleSet.shipped("food-code-2022").orElseThrow();
  private static final LocalDate MADE = LocalDate.parse("2026-03-02");

  /**
   * Seven days with the day of making as the first (Food Code 3-501.17); frozen days do not count.
   */
  @ParameterizedTest
  @CsvSource({
    ",,2026-03-08",
    "2026-03-04,2026-03-20,2026-03-23",
    "2026-03-02,2026-03-03,2026-03-08",
    "2026-03-02,2026-03-02,2026-03-08"
  })
  void useBy(LocalDate frozen, LocalDate thawed, LocalDate expected) {
    LotDates dates = new LotDates(MADE, Optional.ofNullable(frozen), Optional.ofNullable(thawed));
    assertEquals(Optional.of(expected), dates.useBy(CODE));
  }

  /** Chilled on days 1 to 3, thawed on the 20th: days 4 to 7 are left. */
  @Test
  void frozenDaysAreNotCounted() {
    LotDates in = new LotDates(MADE, Optional.of(MADE.plusDays(2)), Optional.empty());
    assertTrue(in.useBy(CODE).isEmpty());
    assertEquals(4, in.daysLeft(CODE, LocalDate.parse("2026-03-20")), "if it came out today");
    assertEquals(1, LotDates.madeOn(MADE).daysLeft(CODE, LocalDate.parse("2026-03-08")));
    assertEquals(0, LotDates.madeOn(MADE).daysLeft(CODE, LocalDate.parse("2026-03-09")));
  }

  /** Nine tenths and a bit: water swells by 9 %. */
  @Test
  void headspace() {
    Composition sauce = Samples.sauce(1, 0.11);
    TubShape litre = TubShape.ofVolume(Volume.ofLiters(1));
    TubFill frozen = TubFill.of(sauce, new Mass(12), litre, true);
    assertEquals(0.905, frozen.each().liters(), 0.01);
    TubFill chilled = TubFill.of(sauce, new Mass(12), litre, false);
    assertEquals(0.98, chilled.each().liters(), 1e-9);
    assertTrue(frozen.tubs() >= chilled.tubs());
    double all = frozen.full() * frozen.each().liters() + frozen.last().liters();
    double liters =
        12
            / ThermalProperties.density(sauce, Temperature.ofCelsius(20)).kilogramsPerCubicMeter()
            * 1000;
    assertEquals(liters, all, 0.02 * frozen.each().liters(), "nothing is lost");
  }

  @Test
  void fitness() {
    assertEquals(FreezingFitness.Fitness.WELL, FreezingFitness.of(Samples.marinara()).fitness());
    FreezingFitness ragu = FreezingFitness.of(Samples.ragu());
    assertEquals(FreezingFitness.Fitness.WITH_CARE, ragu.fitness(), "milk in it");
    assertEquals(3, ragu.months());
    FreezingFitness polenta = FreezingFitness.of(Samples.formula("plain-polenta"));
    assertTrue(polenta.says().stream().anyMatch(line -> line.contains("weep")));
  }

  /** 4 kg of sauce by 70 K takes about 1.1 MJ: 12 min on 1.5 kW, longer where the floor decides. */
  @Test
  void reheating() {
    Composition sauce = Samples.sauce(4, 0.10);
    Reheating chilled = reheating(sauce, 0, 4, 1500, 0.15);
    assertEquals(1.08e6 / 1500 / 60, chilled.time().toSeconds() / 60.0, 0.6);
    assertFalse(chilled.floorLimits());
    assertTrue(chilled.inTime());
    assertTrue(reheating(sauce, 1, 0, 1500, 0.1).time().compareTo(chilled.time()) > 0, "frozen");
    Reheating thick = reheating(Samples.sauce(4, 0.2), 0, 4, 3000, 0.05);
    assertTrue(thick.floorLimits());
    assertFalse(reheating(Samples.sauce(60, 0.15), 1, 0, 1500, 0.1).inTime());
  }

  private static Reheating reheating(
      Composition sauce, double frozen, double from, double watts, double floor) {
    return Reheating.of(
        sauce, frozen, Temperature.ofCelsius(from), new Power(watts), new Area(floor), CODE);
  }

  @Test
  void firstInFirstOut() {
    UseFirst.Available today = lot(1, 1, false, 2);
    UseFirst.Available later = lot(2, 4, false, 3);
    UseFirst.Available frozen = lot(3, 1, true, 5);
    UseFirst.Available past = lot(4, 0, false, 9);
    List<UseFirst.Taken> taken = UseFirst.take(List.of(frozen, past, later, today), new Mass(6));
    assertEquals(
        List.of(today.id(), later.id(), frozen.id()),
        taken.stream().map(UseFirst.Taken::id).toList());
    assertEquals(1, taken.get(2).mass().kilograms(), 1e-12);
    assertEquals(
        10,
        UseFirst.take(List.of(frozen, past, later, today), new Mass(60)).stream()
            .mapToDouble(each -> each.mass().kilograms())
            .sum(),
        1e-12,
        "what is past its date is never used");
  }

  private static UseFirst.Available lot(int id, int days, boolean frozen, double kilograms) {
    return new UseFirst.Available(new UUID(0, id), days, frozen, new Mass(kilograms));
  }

  /**
   * Salt of all that went in is in what came out: poured back whole, a formula brings its own salt.
   */
  @Test
  void aTubBringsWhatWentIntoIt() {
    var ragu = Samples.ragu();
    var done = ragu.beforeTheFinish().cooked().reducedTo(ragu.formula().target().orElseThrow());
    var all = done.plus(ragu.atTheFinish());
    var tub =
        TubIngredient.of(
            "tub-test",
            ragu,
            Carried.by(ragu),
            all.everything(),
            Declaration.of(ragu, all.total()).labelling());
    double salt =
        ragu.portions().stream()
            .mapToDouble(p -> p.mass().kilograms() * p.ingredient().salt().value())
            .sum();
    assertEquals(salt, tub.contents(all.total()).total().kilograms() * tub.salt().value(), 1e-9);
    double sugars =
        ragu.portions().stream()
            .mapToDouble(p -> p.mass().kilograms() * p.ingredient().taste().sugarsKilograms())
            .sum();
    assertEquals(sugars, all.total().kilograms() * tub.taste().sugarsKilograms(), 1e-9);
    assertTrue(tub.labelling().allergens().stream().anyMatch(a -> a.words().equals("milk")));
  }

  @ParameterizedTest
  @CsvSource({"34,6,0,34", "34,6,1.5,26", "34,6,6,0", "34,6,9,0", "10,5,4.99,1"})
  void whatIsThereNeedNotBeCookedFor(int covers, double wanted, double there, int rest) {
    assertEquals(rest, UseFirst.restOfCovers(covers, new Mass(wanted), new Mass(there)));
  }
}
