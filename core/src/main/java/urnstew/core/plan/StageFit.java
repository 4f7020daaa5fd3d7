package urnstew.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageHeat;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.kitchen.OvenFitness;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Hazard;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * How one stage stands in what it is cooked in: the pot of the plan, or as many trays as a stage in
 * the oven takes. A tray is filled to a finger below its rim, a pot to its headroom (common
 * practice). Air between pieces is not counted.
 *
 * @param stage which
 * @param vessel pot or tray
 * @param vessels how many of it
 * @param volume in each at the fullest moment
 * @param depth in each
 * @param fullShare share of what each holds to the rim
 * @param standing how it stands
 */
public record StageFit(
    Stage stage,
    Vessel vessel,
    int vessels,
    Volume volume,
    Length depth,
    double fullShare,
    Standing standing) {
  private static final double FINGER_METERS = 0.015;
  private static final double SHALLOW_METERS = 0.01;

  /** A sauce that stands higher takes hours to fall (assumption). */
  private static final double LOW_METERS = 0.05;

  /** How it stands. */
  public enum Standing {
    FITS,
    /** Within its rim, but bubbles and spatter have no room. */
    TOO_FULL,
    /** Over the rim. */
    OVERFLOWS,
    /** A film, which scorches. */
    TOO_SHALLOW
  }

  /**
   * Every stage with something in it, in the order of the work; what is done in loads is left out.
   *
   * @param batch at its own size
   * @param target thickness of the sauce; empty for a part
   * @param pot in which it simmers
   * @param kitchen all vessels there are
   * @param hot temperature at which volumes are taken
   */
  public static List<StageFit> of(
      ResolvedFormula batch,
      Optional<MassFraction> target,
      Vessel pot,
      Collection<Vessel> kitchen,
      Temperature hot) {
    List<StageFit> fits = new ArrayList<>();
    for (Ribbon.Step step : Ribbon.of(batch, target).steps()) {
      if (step.atStart().total().grams() >= 1 && !inLoads(step.stage().technique())) {
        Volume volume = inIt(step, hot);
        fits.add(
            tray(step.stage(), kitchen)
                .map(tray -> inTrays(step.stage(), tray, volume))
                .orElseGet(() -> inPot(step.stage(), pot, volume)));
      }
    }
    return fits;
  }

  /** What is in the pot: pieces beside it take no room. */
  private static Volume inIt(Ribbon.Step step, Temperature hot) {
    double all = step.atStart().total().kilograms();
    double inPot = Math.max(0, all - step.asideAtStart().kilograms());
    return PotFit.volume(step.atStart(), hot).times(inPot / all);
  }

  /**
   * The same in the smallest pot of a kitchen in which every stage has room and a sauce stands low
   * enough to fall, else in the one in which it stands lowest, else in its largest.
   *
   * @return empty where the kitchen has none
   */
  static List<StageFit> inBestPot(
      ResolvedFormula batch,
      Optional<MassFraction> target,
      Collection<Vessel> kitchen,
      Temperature hot) {
    boolean inOven =
        batch.formula().stages().stream()
            .anyMatch(one -> one.technique() == Technique.BAKE && one.role() == StageRole.REDUCE);
    List<List<StageFit>> byPot =
        kitchen.stream()
            .filter(vessel -> inOven || !vessel.tray())
            .sorted(Comparator.comparing(vessel -> vessel.shape().capacity()))
            .map(pot -> of(batch, target, pot, kitchen, hot))
            .toList();
    List<List<StageFit>> roomy =
        byPot.stream().filter(fits -> fits.stream().allMatch(StageFit::hasRoom)).toList();
    return roomy.stream()
        .filter(fits -> target.isEmpty() || deepestMeters(fits) <= LOW_METERS)
        .findFirst()
        .or(() -> roomy.stream().min(Comparator.comparingDouble(StageFit::deepestMeters)))
        .orElse(byPot.isEmpty() ? List.of() : byPot.get(byPot.size() - 1));
  }

  private static double deepestMeters(List<StageFit> fits) {
    return fits.stream()
        .filter(fit -> fit.stage().role() == StageRole.REDUCE)
        .mapToDouble(fit -> fit.depth().meters())
        .max()
        .orElse(0);
  }

  boolean hasRoom() {
    return standing == Standing.FITS || standing == Standing.TOO_SHALLOW;
  }

  private static boolean inLoads(Technique technique) {
    return switch (technique) {
      case BROWN, SEAR, FRY, TOAST -> true;
      default -> false;
    };
  }

  /** The largest tray that bears the oven, for a bake; what thickens in the oven has its pot. */
  private static Optional<Vessel> tray(Stage stage, Collection<Vessel> kitchen) {
    if (stage.technique() != Technique.BAKE || stage.role() == StageRole.REDUCE) {
      return Optional.empty();
    }
    return kitchen.stream()
        .filter(Vessel::tray)
        .filter(
            vessel -> stage.heat().oven().filter(air -> OvenFitness.bears(vessel, air)).isPresent())
        .max(Comparator.comparing(vessel -> vessel.shape().capacity()));
  }

  private static StageFit inTrays(Stage stage, Vessel tray, Volume all) {
    double depth = Math.max(0.005, tray.shape().depth().meters() - FINGER_METERS);
    double each = tray.shape().volumeAt(new Length(depth)).cubicMeters();
    int count = (int) Math.ceil(all.cubicMeters() / each - 1e-9);
    return fit(stage, tray, count, all.times(1.0 / count), 1);
  }

  private static StageFit inPot(Stage stage, Vessel pot, Volume volume) {
    return fit(stage, pot, 1, volume, 1 - headroom(stage));
  }

  private static double headroom(Stage stage) {
    return switch (stage.heat().level()) {
      case LIVELY, ROLLING -> Hazard.LIVELY_HEADROOM_SHARE;
      case OFF -> 0;
      default -> Hazard.HEADROOM_SHARE;
    };
  }

  private static StageFit fit(Stage stage, Vessel vessel, int count, Volume each, double usable) {
    double fullShare = each.cubicMeters() / vessel.shape().capacity().cubicMeters();
    Length depth = vessel.shape().depthAt(fullShare > 1 ? vessel.shape().capacity() : each);
    return new StageFit(
        stage, vessel, count, each, depth, fullShare, standing(stage, fullShare, usable, depth));
  }

  private static Standing standing(Stage stage, double fullShare, double usable, Length depth) {
    if (fullShare > 1) {
      return Standing.OVERFLOWS;
    }
    if (fullShare > usable) {
      return Standing.TOO_FULL;
    }
    boolean heated = stage.heat().level() != StageHeat.Level.OFF;
    boolean sauce = stage.technique() == Technique.SIMMER || stage.technique() == Technique.BRAISE;
    return heated && sauce && depth.meters() < SHALLOW_METERS
        ? Standing.TOO_SHALLOW
        : Standing.FITS;
  }
}
