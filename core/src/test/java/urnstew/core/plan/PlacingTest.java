package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.Samples;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.Placing.Cooked;
import urnstew.units.Temperature;

/** Law 5: of a meal each sauce has a pot and a burner of its own, or is told what it waits for. */
class PlacingTest {
  private static final List<Formula> SHELF =
      ReferenceFormulas.load().stream().filter(f -> f.target().isPresent()).toList();

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void noPotAndNoBurnerIsGivenTwice(int seed) {
    Random random = new Random(seed);
    List<Vessel> pots = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(6); i++) {
      pots.add(Samples.pot(0.2 + 0.2 * random.nextDouble(), 0.12 + 0.2 * random.nextDouble()));
    }
    HeatSource like = Samples.lit(1).snapshot().inputs().setting().heatSource();
    List<HeatSource> burners = new ArrayList<>();
    for (int i = 0; i < random.nextInt(5); i++) {
      burners.add(
          new HeatSource(
              new UUID(7, i), "Ring " + i, like.kind(), like.labelPower(), like.measuredPower()));
    }
    List<Cooked> all = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(7); i++) {
      Formula formula = SHELF.get(random.nextInt(SHELF.size()));
      ResolvedFormula batch =
          ResolvedFormula.of(formula, ReferenceFormulas.larder())
              .times(0.5 + 2 * random.nextDouble());
      all.add(new Cooked("dish " + i, batch, formula.target()));
    }
    List<Placing> placed = Placing.of(all, pots, burners, Temperature.ofCelsius(97));
    assertEquals(all.size(), placed.size());
    Set<Vessel> used = new HashSet<>();
    Set<UUID> heats = new HashSet<>();
    for (int i = 0; i < placed.size(); i++) {
      Placing one = placed.get(i);
      Set<Vessel> vessels = new HashSet<>();
      one.fits().forEach(fit -> vessels.add(fit.vessel()));
      boolean room =
          one.fits().stream()
              .allMatch(
                  fit ->
                      fit.standing() == StageFit.Standing.FITS
                          || fit.standing() == StageFit.Standing.TOO_SHALLOW);
      if (one.waitsFor().isEmpty() && room) {
        assertTrue(vessels.stream().allMatch(used::add), "given twice: " + placed);
        one.burner().ifPresent(burner -> assertTrue(heats.add(burner.id()), "given twice"));
      }
      int place = i;
      one.waitsFor()
          .ifPresent(first -> assertTrue(!first.equals("dish " + place), "waits for itself"));
    }
    assertEquals(
        Math.min(burners.size(), used.size()), heats.size(), "no burner idle, no pot without");
  }
}
