package urnstew.app.sizing;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.AvoidedView;
import urnstew.app.formula.DeclarationView;
import urnstew.app.formula.PartView;
import urnstew.app.pantry.SwapView;
import urnstew.app.serving.BesideView;
import urnstew.app.serving.DropListView;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Split;
import urnstew.core.formula.Stage;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Pantry;
import urnstew.core.plan.Placing;
import urnstew.core.sizing.BaseBatch;
import urnstew.core.sizing.Cost;
import urnstew.core.sizing.Dish;
import urnstew.core.sizing.Variant;

/** A meal with all that it takes. */
public record MealView(
    UUID id,
    int version,
    MealSheet sheet,
    List<BaseView> bases,
    List<DishView> dishes,
    List<PurchaseView> shopping,
    @Nullable BigDecimal costUsed,
    @Nullable BigDecimal costBought,
    List<PartView> parts,
    List<ToolView> tools,
    List<EarlyView> early,
    long handsSeconds) {

  /** A meal by name. */
  public record MealName(UUID id, String name) {}

  /** What one lot of tubs gives. */
  public record TubView(String code, double massKilograms, boolean frozen) {
    static TubView of(TubStock.Share share) {
      return new TubView(share.code(), share.mass().kilograms(), share.frozen());
    }
  }

  /** A base, made once. */
  public record BaseView(
      String formulaId,
      String name,
      double madeMassKilograms,
      double fromTubsKilograms,
      List<TubView> tubs,
      List<MealStageView> stages,
      PlacingView placing) {
    static BaseView of(Meal.Common common) {
      BaseBatch base = common.base();
      return new BaseView(
          common.formulaId(),
          base.name(),
          base.made().map(made -> made.mass().kilograms()).orElse(0.0),
          base.fromTubs().kilograms(),
          common.tubs().stream().map(TubView::of).toList(),
          base.made().map(made -> MealStageView.all(made.batch())).orElse(List.of()),
          PlacingView.of(common.placing()));
    }
  }

  /** The share of a base that a dish is made of. */
  public record FromBaseView(
      String baseName,
      double shareMassKilograms,
      @Nullable String leavesBefore,
      long afterSeconds,
      String joinsAt,
      double toLoseKilograms,
      List<MoreView> brings,
      List<String> warnings) {
    static FromBaseView of(Meal.FromBase from, Split split) {
      Variant variant = from.variant();
      Stream<String> groups =
          split.branches().stream()
              .filter(one -> !variant.brings(from.base(), one.group().avoids()).isEmpty())
              .map(
                  one ->
                      "The base holds "
                          + String.join(", ", variant.brings(from.base(), one.group().avoids()))
                          + ": make the share "
                          + one.group().name()
                          + " on its own.");
      return new FromBaseView(
          from.base().formula().name(),
          variant.share().kilograms(),
          variant.leavesBefore().map(Moment::title).orElse(null),
          variant.leavesBefore().map(moment -> moment.after().toSeconds()).orElse(0L),
          variant.joinsAt(),
          variant.toLoseKilograms(),
          variant.brings().stream().map(MoreView::of).toList(),
          Stream.concat(variant.warnings().stream(), groups).toList());
    }
  }

  /** So much more of an ingredient than the dish takes. */
  public record MoreView(String name, double massKilograms) {
    static MoreView of(Variant.More more) {
      return new MoreView(more.ingredient().name(), more.mass().kilograms());
    }
  }

  /** Where it is cooked: which pot, which burner, and what has to be out of that pot before. */
  public record PlacingView(
      List<StageFitView> fits, @Nullable String burnerName, @Nullable String waitsFor) {
    static PlacingView of(Placing placing) {
      return new PlacingView(
          placing.fits().stream().map(StageFitView::of).toList(),
          placing.burner().map(HeatSource::name).orElse(null),
          placing.waitsFor().orElse(null));
    }
  }

  /** One dish, sized. */
  public record DishView(
      String formulaId,
      String name,
      int covers,
      double madeMassKilograms,
      double inTubsKilograms,
      int inTubsCovers,
      @Nullable FromBaseView fromBase,
      List<MealStageView> stages,
      Map<String, Integer> fryingLoads,
      PlacingView placing,
      List<BranchView> branches,
      DeclarationView declaration,
      List<AvoidedView> avoided,
      List<BesideView> besides,
      @Nullable DropListView drops,
      List<PlateView> plates,
      @Nullable PlateCostView plateCost,
      @Nullable SauceBeforeView sauceBefore,
      @Nullable PickUpsView pickUps) {
    static DishView of(Meal.Served served, List<Avoid> avoids, Pantry pantry) {
      Dish dish = served.dish();
      var formula = dish.batch().formula();
      return new DishView(
          formula.id(),
          formula.name(),
          (int) dish.need().covers(),
          dish.made().kilograms(),
          served.inTubs().kilograms(),
          dish.coversOf(served.inTubs()),
          served.from().map(from -> FromBaseView.of(from, served.split())).orElse(null),
          MealStageView.all(served.batch()),
          served.fryingLoads(),
          PlacingView.of(served.placing()),
          served.split().branches().stream()
              .map(one -> BranchView.of(one, served, pantry))
              .toList(),
          DeclarationView.of(served.declaration()),
          AvoidedView.ofIntakes(avoids, served.ingredients(), pantry),
          served.besides().stream().map(BesideView::of).toList(),
          served.drops().map(DropListView::of).orElse(null),
          PlateView.all(served, pantry),
          PlateCostView.of(served),
          SauceBeforeView.of(served),
          PickUpsView.of(served));
    }
  }

  /** What goes into one stage. */
  public record MealStageView(String title, List<MealLineView> lines) {
    static List<MealStageView> all(ResolvedFormula batch) {
      List<Stage> stages = batch.formula().stages();
      return IntStream.range(0, stages.size())
          .mapToObj(
              place ->
                  new MealStageView(
                      stages.get(place).title(),
                      batch.portionsOf(place).stream().map(MealLineView::of).toList()))
          .toList();
    }
  }

  /** One ingredient at the size of the meal. */
  public record MealLineView(
      String name, double massKilograms, double firstDoseKilograms, String note) {
    static MealLineView of(Portion portion) {
      double mass = portion.mass().kilograms();
      return new MealLineView(
          portion.ingredient().name(), mass, mass * portion.firstDose().value(), portion.note());
    }
  }

  /**
   * Where one group's share leaves the common pot.
   *
   * @param without what goes with the dish and is not for them
   */
  public record BranchView(
      String group,
      int covers,
      List<String> avoids,
      @Nullable String leavesBefore,
      long afterSeconds,
      double shareMassKilograms,
      List<SwapView> swaps,
      List<String> without,
      List<String> warnings) {
    static BranchView of(Split.Branch branch, Meal.Served served, Pantry pantry) {
      List<TubStock.Share> tubs = served.tubs();
      Stream<String> notFromTubs =
          tubs.stream()
              .filter(tub -> branch.group().avoids().stream().anyMatch(a -> a.hits(tub.sauce())))
              .map(
                  tub ->
                      "Tub "
                          + tub.code()
                          + " is not for "
                          + branch.group().name()
                          + ": give them of the pot.");
      return new BranchView(
          branch.group().name(),
          branch.group().covers(),
          branch.group().avoids().stream().map((Avoid avoid) -> avoid.words(pantry)).toList(),
          branch.leavesAt().map(Moment::title).orElse(null),
          branch.leavesAt().map(moment -> moment.after().toSeconds()).orElse(0L),
          branch.share().kilograms(),
          branch.swaps().stream().map(SwapView::of).toList(),
          served.notFor(branch.group()),
          Stream.concat(branch.warnings().stream(), notFromTubs).toList());
    }
  }

  /** One board or bowl. */
  public record ToolView(String name, List<PrepView> preps, int washes) {}

  /** One thing done on it. */
  public record PrepView(
      String name,
      String what,
      double massKilograms,
      List<String> dishes,
      long handsSeconds,
      boolean washBefore) {
    static PrepView of(MiseEnPlace.Prep prep) {
      return new PrepView(
          prep.ingredient().name(),
          prep.what(),
          prep.mass().kilograms(),
          prep.dishes().stream().sorted().toList(),
          prep.hands().toSeconds(),
          prep.washBefore());
    }
  }

  /** Something that must be begun early. */
  public record EarlyView(String name, String what, double massKilograms, long beforeSeconds) {}

  static MealView of(
      UUID id, int version, MealSheet sheet, Meal meal, List<Avoid> avoids, Pantry pantry) {
    Cost cost = meal.shopping().cost().orElse(null);
    return new MealView(
        id,
        version,
        sheet,
        meal.bases().stream().map(BaseView::of).toList(),
        meal.dishes().stream().map(served -> DishView.of(served, avoids, pantry)).toList(),
        meal.shopping().items().stream().map(PurchaseView::of).toList(),
        cost == null ? null : cost.used(),
        cost == null ? null : cost.bought(),
        PartView.of(meal.mise().parts()),
        meal.mise().tools().stream()
            .map(
                tool ->
                    new ToolView(
                        tool.name(),
                        tool.preps().stream().map(PrepView::of).toList(),
                        tool.washes()))
            .toList(),
        meal.mise().early().stream()
            .map(
                early ->
                    new EarlyView(
                        early.ingredient().name(),
                        early.what(),
                        early.mass().kilograms(),
                        early.before().toSeconds()))
            .toList(),
        meal.mise().hands().toSeconds());
  }
}
