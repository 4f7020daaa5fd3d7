package urnstew.core.formula;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage.Line;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.Swap;
import urnstew.units.Mass;

/**
 * One pot, many eaters: how far a formula can be cooked for everybody, and what each group's share
 * goes on with.
 *
 * @param until the moment before which the pot is parted; empty where nobody needs it parted
 * @param branches one for each group that avoids something, in their order
 */
public record Split(Optional<Moment> until, List<Branch> branches) {
  public Split {
    branches = List.copyOf(branches);
  }

  /**
   * Eaters who avoid the same.
   *
   * @param name what the cook calls them
   * @param covers how many
   * @param avoids what they leave out
   */
  public record Group(String name, int covers, List<Avoid> avoids) {
    public Group {
      avoids = List.copyOf(avoids);
    }
  }

  /**
   * What becomes of one group's share.
   *
   * @param group who
   * @param leavesAt the latest safe moment to take it out of the common pot; empty where they eat
   *     what everybody eats
   * @param share of the pot that is taken out then
   * @param swaps what their share goes on with instead
   * @param warnings promises that a later step would break, and what to do
   */
  public record Branch(
      Group group, Optional<Moment> leavesAt, Mass share, List<Swap> swaps, List<String> warnings) {
    /** Whether their part of the pot has left it before this goes in. */
    private boolean isWithout(Portion portion) {
      return leavesAt.filter(moment -> !moment.isAfter(portion)).isPresent();
    }
  }

  /**
   * Parts a batch.
   *
   * @param batch at its own size
   * @param ribbon of it
   * @param covers everybody who eats of it
   * @param pantry for what stands in
   */
  public static Split of(
      ResolvedFormula batch, Ribbon ribbon, int covers, Collection<Group> groups, Pantry pantry) {
    List<Branch> branches =
        groups.stream().map(group -> branch(batch, ribbon, covers, group, pantry)).toList();
    return new Split(
        branches.stream()
            .flatMap(branch -> branch.leavesAt().stream())
            .min(Comparator.comparing(Moment::stage).thenComparing(Moment::after)),
        branches);
  }

  /**
   * What is cooked for all of them together: nobody gets what they leave out, and each group gets
   * what stands in for it.
   *
   * @param batch as it would be for everybody
   * @param covers everybody who eats of it
   */
  public ResolvedFormula cooked(ResolvedFormula batch, double covers) {
    List<List<Swap>> toCome =
        branches.stream().map(one -> (List<Swap>) new ArrayList<>(one.swaps())).toList();
    List<Portion> all = new ArrayList<>();
    for (Portion portion : batch.portions()) {
      double without = 0;
      List<Portion> instead = new ArrayList<>();
      for (int i = 0; i < branches.size(); i++) {
        Group group = branches.get(i).group();
        if (isHit(portion.ingredient(), group)) {
          without += group.covers() / covers;
          taken(toCome.get(i), portion)
              .ifPresent(swap -> instead.addAll(standIns(swap, portion, group)));
        }
      }
      if (without < 1 - 1e-9) {
        all.add(portion.times(1 - without));
      }
      all.addAll(instead);
    }
    return new ResolvedFormula(batch.formula(), all);
  }

  /**
   * What goes into the common pot: nothing for groups that have a pot of their own, and no share of
   * what goes in once the part of a group has left it, what they leave out first of all.
   *
   * @param batch as it would be for everybody
   * @param covers everybody who eats of it
   * @param own groups that have a pot of their own from the beginning
   */
  public ResolvedFormula inPot(ResolvedFormula batch, double covers, Set<Group> own) {
    List<Portion> all = new ArrayList<>();
    for (Portion portion : batch.portions()) {
      double without =
          branches.stream()
              .filter(one -> own.contains(one.group()) || one.isWithout(portion))
              .mapToDouble(one -> one.group().covers() / covers)
              .sum();
      if (without < 1 - 1e-9) {
        all.add(portion.times(1 - without));
      }
    }
    return new ResolvedFormula(batch.formula(), all);
  }

  /**
   * What goes into one group's share after it has left the common pot: nothing that they leave out,
   * and what stands in for it.
   *
   * @param batch as it would be for everybody
   * @param covers everybody who eats of it
   * @param from the moment at which they leave its pot; the start where they have one of their own
   */
  public static ResolvedFormula goesOn(
      Branch branch, ResolvedFormula batch, double covers, Moment from) {
    Group group = branch.group();
    List<Portion> all = new ArrayList<>(standIns(branch, batch).portions());
    batch.portions().stream()
        .filter(portion -> !isHit(portion.ingredient(), group) && !from.isAfter(portion))
        .map(portion -> portion.times(Math.min(1, group.covers() / covers)))
        .forEach(all::add);
    return new ResolvedFormula(batch.formula(), all);
  }

  /** What stands in for what one group leaves out. */
  public static ResolvedFormula standIns(Branch branch, ResolvedFormula batch) {
    List<Swap> toCome = new ArrayList<>(branch.swaps());
    List<Portion> all = new ArrayList<>();
    for (Portion portion : batch.portions()) {
      if (isHit(portion.ingredient(), branch.group())) {
        taken(toCome, portion)
            .ifPresent(swap -> all.addAll(standIns(swap, portion, branch.group())));
      }
    }
    return new ResolvedFormula(batch.formula(), all);
  }

  /** The next swap of that ingredient: each line that is left out has one of its own. */
  private static Optional<Swap> taken(List<Swap> swaps, Portion portion) {
    Optional<Swap> next =
        swaps.stream()
            .filter(swap -> swap.was().id().equals(portion.ingredient().id()))
            .findFirst();
    next.ifPresent(swaps::remove);
    return next;
  }

  private static List<Portion> standIns(Swap swap, Portion was, Group group) {
    return swap.instead().stream()
        .map(
            one ->
                new Portion(
                    one.ingredient(),
                    one.mass(),
                    was.role(),
                    was.stage(),
                    was.stageTitle(),
                    was.after(),
                    "for " + group.name(),
                    was.firstDose(),
                    one.ingredient().buying().edibleShare(),
                    Optional.empty()))
        .toList();
  }

  private static Branch branch(
      ResolvedFormula batch, Ribbon ribbon, int covers, Group group, Pantry pantry) {
    double share = Math.min(1, (double) group.covers() / covers);
    Optional<Moment> first = firstHit(batch.formula(), group, pantry);
    if (first.isEmpty()) {
      return new Branch(group, first, Mass.ZERO, List.of(), List.of());
    }
    Moment moment = first.orElseThrow();
    Without without = Without.of(scaled(batch, share), group.avoids(), pantry);
    return new Branch(
        group,
        first,
        moment.pot(batch, ribbon).times(share),
        without.swaps(),
        warnings(batch, moment, without, group));
  }

  /** The formula with the batch's own amounts, for one group's share. */
  private static Formula scaled(ResolvedFormula batch, double share) {
    double scale = share * batch.mass().kilograms() / ownMass(batch.formula());
    return batch
        .formula()
        .with(
            batch.formula().stages().stream()
                .map(
                    stage ->
                        stage.with(
                            stage.lines().stream()
                                .map(line -> line.of(line.ingredientId(), line.mass().times(scale)))
                                .toList()))
                .toList());
  }

  private static double ownMass(Formula formula) {
    return formula.stages().stream()
        .flatMap(stage -> stage.lines().stream())
        .mapToDouble(line -> line.mass().kilograms())
        .sum();
  }

  private static Optional<Moment> firstHit(Formula formula, Group group, Pantry pantry) {
    for (int place = 0; place < formula.stages().size(); place++) {
      Stage stage = formula.stages().get(place);
      Optional<Duration> at =
          stage.lines().stream()
              .filter(line -> isHit(line, group, pantry))
              .map(Line::after)
              .min(Comparator.naturalOrder());
      if (at.isPresent()) {
        return Optional.of(new Moment(place, stage.title(), at.orElseThrow()));
      }
    }
    return Optional.empty();
  }

  private static boolean isHit(Line line, Group group, Pantry pantry) {
    return isHit(pantry.ingredient(line.ingredientId()), group);
  }

  private static boolean isHit(Ingredient ingredient, Group group) {
    return group.avoids().stream().anyMatch(avoid -> avoid.hits(ingredient));
  }

  private static List<String> warnings(
      ResolvedFormula batch, Moment moment, Without without, Group group) {
    List<String> warnings = new ArrayList<>();
    if (moment.isFirst()) {
      warnings.add(
          "It goes in at the very start: cook "
              + group.name()
              + " a pot of their own, or leave it out for everybody.");
    }
    for (Swap swap : without.swaps()) {
      if (swap.instead().isEmpty()) {
        warnings.add(
            swap.was().name() + " is left out and nothing stands in for it: taste before serving.");
      }
      swap.brings().stream()
          .filter(
              allergen ->
                  batch.portions().stream()
                      .noneMatch(
                          one -> one.ingredient().labelling().allergens().contains(allergen)))
          .filter(
              allergen -> group.avoids().stream().noneMatch(a -> a.key().equals(allergen.name())))
          .forEach(
              allergen ->
                  warnings.add(
                      String.format(
                          Locale.ROOT,
                          "What stands in for %s brings %s: tell them.",
                          swap.was().name().toLowerCase(Locale.ROOT),
                          allergen.words())));
    }
    return warnings;
  }
}
