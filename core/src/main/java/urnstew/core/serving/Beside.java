package urnstew.core.serving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import urnstew.core.formula.Family;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Split;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.formula.Use;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Something that goes with a dish: pasta, pieces, sheets, or what a formula makes.
 *
 * @param name as cooks say it
 * @param batch what is taken from the pantry for it, as the formula of a part
 * @param raw all of it, as it goes into the water, the pan or the tray
 * @param covers how many eat of it
 */
public record Beside(String name, ResolvedFormula batch, Mass raw, int covers) {

  public Beside {
    if (covers < 1 || covers > 5000) {
      throw new InvalidInput(
          "covers",
          covers < 1 ? "not-positive" : "too-large",
          covers + " eaters of it cannot be planned.",
          "1 to 5000",
          "Type how many eat of it.");
    }
  }

  /**
   * So much of one of the goods.
   *
   * @param ingredient of the pantry
   * @param mass raw, as it goes in
   */
  public record Goods(Ingredient ingredient, Mass mass) {
    private Portion portion(String stage) {
      return new Portion(
          ingredient,
          mass,
          StageRole.PREPARE,
          0,
          stage,
          Duration.ZERO,
          "",
          new MassFraction(1),
          ingredient.buying().edibleShare(),
          Optional.empty());
    }
  }

  /** Some of the goods. */
  public static Beside of(String name, List<Goods> goods, int covers) {
    Formula part =
        new Formula(
            "beside",
            1,
            name,
            "",
            Family.PART,
            Set.of(Use.PART),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            List.of(Stage.plain(name, StageRole.PREPARE, Technique.MIX)));
    List<Portion> portions = goods.stream().map(one -> one.portion(name)).toList();
    Mass raw = goods.stream().map(Goods::mass).reduce(Mass.ZERO, Mass::plus);
    return new Beside(name, new ResolvedFormula(part, portions), raw, covers);
  }

  /** So much of what a formula makes, raw. */
  public static Beside ofFormula(ResolvedFormula part, Mass raw, int covers) {
    double own = part.mass().kilograms();
    return new Beside(part.formula().name(), part.times(raw.kilograms() / own), raw, covers);
  }

  /**
   * With what a formula makes for it besides: its stages come along, with the lines in them that
   * nobody has read.
   */
  public Beside with(ResolvedFormula part, Mass raw) {
    ResolvedFormula more = ofFormula(part, raw, covers).batch();
    List<Stage> stages = new ArrayList<>(batch.formula().stages());
    int moved = stages.size();
    stages.addAll(more.formula().stages());
    List<Portion> all = new ArrayList<>(batch.portions());
    for (Portion portion : more.portions()) {
      all.add(portion.in(stages.get(moved + portion.stage()), moved + portion.stage()));
    }
    return new Beside(
        name, new ResolvedFormula(batch.formula().with(stages), all), this.raw.plus(raw), covers);
  }

  /** What each of its eaters gets, raw. */
  public Mass each() {
    return raw.times(1.0 / covers);
  }

  /** Salt that all of it brings by itself. */
  public Mass salt() {
    double salt = 0;
    for (Portion portion : batch.portions()) {
      salt += portion.ingredient().salt().value() * portion.mass().kilograms();
    }
    return new Mass(salt);
  }

  /**
   * What is said where it is meant for eaters who must not have it.
   *
   * @param groups eaters of the dish who leave something out
   * @param all eaters of the dish
   */
  public List<String> warnings(List<Split.Group> groups, int all) {
    List<String> hit =
        groups.stream().filter(group -> isHit(group.avoids())).map(Split.Group::name).toList();
    int without =
        groups.stream().filter(group -> isHit(group.avoids())).mapToInt(Split.Group::covers).sum();
    if (covers <= all - without || hit.isEmpty()) {
      return List.of();
    }
    return List.of(
        name
            + " is counted for "
            + covers
            + " of "
            + all
            + ", but "
            + without
            + (without == 1 ? " eats " : " eat ")
            + String.join(", ", hit)
            + ": count it for "
            + Math.max(0, all - without)
            + ", and give them something else.");
  }

  /**
   * Who gets this instead of something else, which must therefore not be cooked with it: groups for
   * whom that is not, where this is for some of the eaters only.
   *
   * @param all eaters of the dish
   */
  public List<String> insteadOf(Beside other, List<Split.Group> groups, int all) {
    return groups.stream()
        .filter(group -> covers < all && other.isHit(group.avoids()) && !isHit(group.avoids()))
        .map(Split.Group::name)
        .toList();
  }

  /** Whether whoever leaves these out must not have it. */
  public boolean isHit(List<Avoid> avoids) {
    return batch.goods().stream()
        .map(Portion::ingredient)
        .anyMatch(one -> avoids.stream().anyMatch(avoid -> avoid.hits(one)));
  }
}
