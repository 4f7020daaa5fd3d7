package urnstew.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.DeclarationView;
import urnstew.app.formula.PartView;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.sizing.CostView;
import urnstew.app.sizing.PurchaseView;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.formula.AlcoholLeft;
import urnstew.core.formula.Declaration;
import urnstew.core.mise.PartToMake;
import urnstew.core.pan.Browning;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.PotFit;
import urnstew.core.plan.Timing.NotReached;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sizing.Amount;
import urnstew.core.sizing.Cost;
import urnstew.core.sizing.PieceCount;
import urnstew.core.sizing.Purchase;
import urnstew.units.Mass;

/** A plan as the screens see it. */
public record PlanView(
    String formulaName,
    double portions,
    List<AmountView> amounts,
    List<PartView> parts,
    List<PurchaseView> purchases,
    @Nullable CostView cost,
    DeclarationView declaration,
    List<StageView> stages,
    double startMassKilograms,
    double endMassKilograms,
    double waterToLoseKilograms,
    double startSolidsFraction,
    double targetSolidsFraction,
    String band,
    double saltFraction,
    @Nullable AlcoholView alcoholLeft,
    double pieceMassKilograms,
    FitView fit,
    Instant readyBy,
    @Nullable HoursView hours,
    @Nullable String neverReason,
    List<CurvePoint> likely,
    List<CurvePoint> early,
    List<CurvePoint> late,
    double targetMassKilograms,
    long stirEverySeconds,
    List<Caution> cautions,
    List<Working> workings) {

  /** Alcohol that is left, as shares of what was put in. */
  public record AlcoholView(double leastFraction, double mostFraction) {
    static AlcoholView of(AlcoholLeft left) {
      return new AlcoholView(left.least().value(), left.most().value());
    }
  }

  /** How much of one ingredient. */
  public record AmountView(
      String ingredientId,
      String name,
      String stage,
      String note,
      double massKilograms,
      @Nullable Double spoonVolumeCubicMeters,
      @Nullable CountView pieces,
      double firstDoseKilograms) {
    static AmountView of(Amount amount) {
      var ingredient = amount.portion().ingredient();
      return new AmountView(
          ingredient.id(),
          ingredient.name(),
          amount.portion().stageTitle(),
          amount.portion().note(),
          amount.mass().kilograms(),
          ingredient
              .measuring()
              .spoonDensity()
              .map(density -> amount.mass().at(density).cubicMeters())
              .orElse(null),
          amount.pieces().map(CountView::of).orElse(null),
          amount.firstDose().kilograms());
    }
  }

  /** Natural pieces, as a cook takes them. */
  public record CountView(String name, double count, double eachKilograms) {
    static CountView of(PieceCount pieces) {
      return new CountView(pieces.name(), pieces.count(), pieces.each().kilograms());
    }
  }

  /**
   * One stage with its cues.
   *
   * @param beside whether it is cooked in a vessel of its own, and comes over into the pot
   * @param seconds that it takes; of a simmer, that its phase likely takes
   * @param phase of the simmer that it belongs to; absent before and after it
   * @param answers whether that phase answers for the hour
   * @param how lid and heat, of a simmer as planned
   * @param caution where it can hurt
   * @param takeOuts what must come out
   * @param pause how the work can stop safely after it
   */
  public record StageView(
      String title,
      String role,
      boolean beside,
      long seconds,
      @Nullable Integer phase,
      boolean answers,
      String how,
      @Nullable LoadsView loads,
      String readyCue,
      String tooFarCue,
      String caution,
      List<String> takeOuts,
      String pause) {}

  /** Meat browned in loads. */
  public record LoadsView(int count, double eachKilograms) {
    static LoadsView of(Browning browning) {
      return new LoadsView(browning.loads(), browning.each().kilograms());
    }
  }

  /** How it stands in the pot. */
  public record FitView(
      double startVolumeCubicMeters,
      double endVolumeCubicMeters,
      double startDepthMeters,
      double endDepthMeters,
      double headroomDepthMeters,
      boolean withinHeadroom) {
    static FitView of(PotFit fit) {
      return new FitView(
          fit.startVolume().cubicMeters(),
          fit.endVolume().cubicMeters(),
          fit.startDepth().meters(),
          fit.endDepth().meters(),
          fit.headroomDepth().meters(),
          fit.withinHeadroom());
    }
  }

  /** Hours of lighting, of the simmer and of being thick enough. */
  public record HoursView(
      Instant lightAt,
      Instant simmerAt,
      Instant thickAt,
      Instant earliest,
      Instant latest,
      long spareAtWorstSeconds) {
    static HoursView of(Scheduled hours) {
      return new HoursView(
          hours.lightAt(),
          hours.simmerAt(),
          hours.thickAt(),
          hours.earliest(),
          hours.latest(),
          hours.spareAtWorst().toSeconds());
    }
  }

  /** The view of a plan, for which nothing is there yet. */
  public static PlanView of(PlanInputs inputs, Plan plan, KitchenSettings kitchen) {
    return of(inputs, plan, kitchen, Map.of());
  }

  /**
   * The view of a plan.
   *
   * @param there what need not be bought, by ingredient id
   */
  static PlanView of(
      PlanInputs inputs, Plan plan, KitchenSettings kitchen, Map<String, Mass> there) {
    List<Purchase> purchases =
        there.isEmpty()
            ? plan.size().purchases()
            : Purchase.of(plan.size().batch().toGet(), there, inputs.buying().goal());
    Scheduled hours = plan.timing() instanceof Scheduled scheduled ? scheduled : null;
    Instant origin = hours == null ? inputs.now() : hours.simmerAt();
    return new PlanView(
        inputs.formula().formula().name(),
        plan.size().portions(),
        plan.size().amounts().stream().map(AmountView::of).toList(),
        PartView.of(PartToMake.of(Map.of(inputs.formula().formula().name(), plan.size().batch()))),
        purchases.stream().map(PurchaseView::of).toList(),
        Cost.of(purchases)
            .map(cost -> CostView.of(cost, plan.size(), inputs.need(), inputs.formula().formula()))
            .orElse(null),
        DeclarationView.of(Declaration.of(plan.size().batch(), plan.size().end().total())),
        new PlannedStages(inputs, plan).all(),
        plan.size().start().total().kilograms(),
        plan.size().end().total().kilograms(),
        plan.size().waterToLose().kilograms(),
        inputs.formula().beforeTheFinish().cooked().equivalentSolids().value(),
        inputs.equivalentSolids().value(),
        kitchen.band(inputs.equivalentSolids()),
        plan.size().salt().value(),
        plan.alcoholLeft().map(AlcoholView::of).orElse(null),
        plan.size().end().pieces().whole().total().kilograms(),
        FitView.of(plan.fit()),
        inputs.readyBy(),
        hours == null ? null : HoursView.of(hours),
        plan.timing() instanceof NotReached never ? never.why() : null,
        CurvePoint.along(plan.prediction().likely(), seconds -> after(origin, seconds)),
        CurvePoint.along(plan.prediction().early(), seconds -> after(origin, seconds)),
        CurvePoint.along(plan.prediction().late(), seconds -> after(origin, seconds)),
        reduced(plan),
        stirEvery(plan),
        plan.cautions(),
        plan.workings());
  }

  /** In the pot when it is thick enough: pieces that were taken out stand beside it. */
  private static double reduced(Plan plan) {
    double aside =
        plan.prediction().likely().last().aside().stream()
            .mapToDouble(kind -> kind.pieces().whole().total().kilograms())
            .sum();
    return plan.size().reduced().total().kilograms() - aside;
  }

  /** When most of the water is gone. */
  private static long stirEvery(Plan plan) {
    ReductionCurve likely = plan.prediction().likely();
    return Hazard.stirEvery(likely, 0.8 * likely.last().seconds()).toSeconds();
  }

  private static Instant after(Instant origin, double seconds) {
    return origin.plusMillis(Math.round(seconds * 1000));
  }
}
