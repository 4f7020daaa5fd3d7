package urnstew.app.plan;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.AvoidedView;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.sizing.PurchaseView.PackCountView;
import urnstew.app.sizing.StageFitView;
import urnstew.app.task.TaskView;
import urnstew.core.kitchen.Occupancy.InTheWay;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.Ingredient;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.PlanTasks;
import urnstew.core.plan.Planner;
import urnstew.core.plan.SizedBy;
import urnstew.core.plan.StageFit;
import urnstew.core.reduction.Lid;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Cost;
import urnstew.core.sizing.FromStock;
import urnstew.core.sizing.FromStock.There;
import urnstew.core.sizing.PackRule;
import urnstew.core.sizing.Purchase;
import urnstew.core.sizing.Rounding;
import urnstew.core.sizing.Sizing;
import urnstew.units.Mass;

/**
 * A plan with what a cook weighs against it before lighting.
 *
 * @param plan as asked for
 * @param avoided what of the kitchen's avoid list is in it
 * @param sizes the batch as needed and in whole packs, side by side; none where no pack decides
 * @param stageFits stage by stage
 * @param fromStock what runs out first, where the batch is sized by what there is
 * @param tasks the work of it, in its order
 * @param phases of the simmer beside the one that answers for the hour
 * @param inTheWay what may still stand in its pot, on its burner or in its oven
 */
public record PlanPreview(
    PlanView plan,
    List<AvoidedView> avoided,
    List<SizeView> sizes,
    List<StageFitView> stageFits,
    @Nullable FromStockView fromStock,
    List<TaskView> tasks,
    List<PhaseView> phases,
    List<InTheWayView> inTheWay) {

  /**
   * A phase of the simmer that has a heat and a lid of its own.
   *
   * @param phase its place
   * @param title of its stage
   * @param heating as planned
   * @param lid as planned
   * @param otherwise whether the formula says another heat or lid
   * @param seconds that it likely takes
   */
  public record PhaseView(
      int phase, String title, HeatingChoice heating, Lid lid, boolean otherwise, long seconds) {}

  /** What may still stand where this is to be lit; without hours where nobody knows its end. */
  public record InTheWayView(
      String name, boolean inThatPot, @Nullable Instant likelyFree, @Nullable Instant latestFree) {
    static InTheWayView of(InTheWay one, UUID vessel) {
      return new InTheWayView(
          one.there().name(),
          one.there().vessel().equals(vessel),
          one.leaves().map(Leaves::likely).orElse(null),
          one.leaves().map(Leaves::latest).orElse(null));
    }
  }

  /** One size of the batch, by the packs of its main ingredient. */
  public record SizeView(
      Rounding rounding,
      double portions,
      String ingredientName,
      List<PackCountView> packs,
      double leftMassKilograms,
      @Nullable BigDecimal costBought) {}

  /** What binds, and what is over. */
  public record FromStockView(String boundName, List<UnusedView> unused) {}

  /** An ingredient at hand that is not used up. */
  public record UnusedView(String name, double massKilograms) {}

  static PlanPreview of(
      PlanInputs inputs,
      Plan plan,
      KitchenSettings kitchen,
      List<AvoidedView> avoided,
      SizedBy sizedBy,
      Collection<Vessel> vessels,
      List<InTheWay> inTheWay) {
    return new PlanPreview(
        PlanView.of(inputs, plan, kitchen, there(sizedBy)),
        avoided,
        sizedBy instanceof SizedBy.Covers ? sizes(inputs, plan) : List.of(),
        StageFit.of(
                plan.size().batch(),
                Optional.of(inputs.equivalentSolids()),
                inputs.vessel(),
                vessels,
                Planner.simmerTemperature(inputs))
            .stream()
            .map(StageFitView::of)
            .toList(),
        sizedBy instanceof SizedBy.Stock stock
            ? fromStock(FromStock.of(inputs.formula(), stock.there()))
            : null,
        PlanTasks.of(inputs, plan).stream().map(TaskView::of).toList(),
        new PlannedStages(inputs, plan).others(),
        inTheWay.stream().map(one -> InTheWayView.of(one, inputs.vessel().id())).toList());
  }

  /** What somebody said that there is: it is not bought again. */
  private static Map<String, Mass> there(SizedBy sizedBy) {
    return sizedBy instanceof SizedBy.Stock stock
        ? stock.there().stream()
            .collect(Collectors.toMap(There::ingredientId, There::mass, Mass::plus))
        : Map.of();
  }

  private static List<SizeView> sizes(PlanInputs inputs, Plan plan) {
    return Sizing.inPacks(inputs.formula()).stream()
        .flatMap(main -> Arrays.stream(Rounding.values()).map(one -> size(inputs, plan, main, one)))
        .toList();
  }

  private static SizeView size(PlanInputs inputs, Plan plan, Ingredient main, Rounding rounding) {
    BatchSize size =
        rounding == inputs.buying().rounding()
            ? plan.size()
            : Sizing.size(
                inputs.formula(),
                inputs.need(),
                inputs.equivalentSolids(),
                new PackRule(rounding, inputs.buying().goal()));
    Purchase bought =
        size.purchases().stream()
            .filter(purchase -> purchase.ingredient().id().equals(main.id()))
            .findFirst()
            .orElseThrow(IllegalStateException::new);
    return new SizeView(
        rounding,
        size.portions(),
        main.name(),
        bought.packs().bought().stream().map(PackCountView::of).toList(),
        bought.packs().left().kilograms(),
        size.cost().map(Cost::bought).orElse(null));
  }

  private static FromStockView fromStock(FromStock from) {
    return new FromStockView(
        from.bound().name(),
        from.unused().stream()
            .map(left -> new UnusedView(left.ingredient().name(), left.mass().kilograms()))
            .toList());
  }
}
