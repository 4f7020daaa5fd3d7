package urnstew.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.Unknowns;
import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Answers 'what moves this figure most?' by moving each input by its own uncertainty. */
public final class Influences {
  private Influences() {}

  /**
   * How one input moves a figure.
   *
   * @param input in a cook's words, with the step taken
   * @param lower change of the figure when the input is lower
   * @param higher change of the figure when the input is higher
   * @param unit of the changes
   */
  public record Influence(String input, double lower, double higher, String unit) {
    double size() {
      return Math.max(Math.abs(lower), Math.abs(higher));
    }
  }

  private record Step(
      String input, UnaryOperator<PlanInputs> lower, UnaryOperator<PlanInputs> higher) {}

  /** All inputs that move the figure, the strongest first. */
  public static List<Influence> on(PlanFigure figure, PlanInputs inputs) {
    Plan plan = Planner.plan(inputs);
    double now = figure.of(inputs, plan);
    Stream<Influence> moved =
        steps()
            .map(
                step ->
                    new Influence(
                        step.input(),
                        moved(figure, step.lower().apply(inputs)) - now,
                        moved(figure, step.higher().apply(inputs)) - now,
                        figure.unit()));
    return Stream.concat(moved, pot(figure, inputs, plan))
        .filter(influence -> influence.size() > 1e-6)
        .sorted(Comparator.comparing(Influence::size).reversed())
        .toList();
  }

  /** Unlike the other inputs the pot's own rate is not chosen by anybody: it is only found out. */
  private static Stream<Influence> pot(PlanFigure figure, PlanInputs inputs, Plan plan) {
    if (figure != PlanFigure.SIMMER_TIME) {
      return Stream.empty();
    }
    double now = minutes(inputs, plan, 1);
    return Stream.of(
        new Influence(
            "how fast this pot loses water, times or divided by 1.5",
            minutes(inputs, plan, 1 / 1.5) - now,
            minutes(inputs, plan, 1.5) - now,
            figure.unit()));
  }

  private static double minutes(PlanInputs inputs, Plan plan, double evaporation) {
    ReductionCurve fall =
        Reduction.untilThick(
            PotProgram.of(inputs, plan.size().batch()),
            inputs.equivalentSolids(),
            Unknowns.of(evaporation, 1, 1));
    return fall.outcome() instanceof Reaches reaches
        ? reaches.after().toSeconds() / 60.0
        : Double.NaN;
  }

  private static double moved(PlanFigure figure, PlanInputs inputs) {
    return figure.of(inputs, Planner.plan(inputs));
  }

  private static Stream<Step> steps() {
    return Stream.of(
        new Step("sauce for each, 10 %", in -> serving(in, 0.9), in -> serving(in, 1.1)),
        new Step("thickness wanted, a twentieth", in -> target(in, 0.95), in -> target(in, 1.05)),
        new Step("solids in the cans, a tenth", in -> solids(in, 0.9), in -> solids(in, 1.1)),
        new Step("width of the pot, 1 cm", in -> wider(in, -0.01), in -> wider(in, 0.01)),
        new Step("power of the burner, a fifth", in -> power(in, 0.8), in -> power(in, 1.2)),
        new Step("warmth of the room, 5 K", in -> room(in, -5), in -> room(in, 5)));
  }

  private static PlanInputs serving(PlanInputs in, double factor) {
    return in.with(in.need().each(in.need().serving().times(factor)));
  }

  private static PlanInputs target(PlanInputs in, double factor) {
    return in.with(new Target.Solids(new MassFraction(in.equivalentSolids().value() * factor)));
  }

  private static PlanInputs solids(PlanInputs in, double factor) {
    List<Portion> portions =
        in.formula().portions().stream().map(portion -> solids(portion, factor)).toList();
    return in.with(new ResolvedFormula(in.formula().formula(), portions));
  }

  private static Portion solids(Portion portion, double factor) {
    Ingredient was = portion.ingredient();
    if (was.kind() != IngredientKind.TOMATO) {
      return portion;
    }
    Composition richer = was.perKilogram().withSolidsTimes(factor);
    double more = richer.total().kilograms() - was.perKilogram().total().kilograms();
    return portion.of(was.with(richer.withWater(richer.waterKilograms() - more)));
  }

  private static PlanInputs wider(PlanInputs in, double meters) {
    return in.with(in.setting().with(in.vessel().wider(meters)));
  }

  private static PlanInputs power(PlanInputs in, double factor) {
    return in.with(in.setting().with(in.setting().heatSource().stronger(factor)));
  }

  private static PlanInputs room(PlanInputs in, double kelvins) {
    Surroundings was = in.setting().surroundings();
    Temperature room = Temperature.ofCelsius(was.room().celsius() + kelvins);
    return in.with(
        in.setting().with(new Surroundings(was.altitude(), room, was.relativeHumidity())));
  }
}
