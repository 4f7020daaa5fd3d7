package urnstew.core.lot;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.sizing.BaseBatch;
import urnstew.core.sizing.Dish;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.Serving;
import urnstew.core.sizing.Variant;
import urnstew.units.Mass;

/**
 * What to cook from what is open or due.
 *
 * <p>A formula is an idea if it takes some of it. Its covers are those that use up what it takes of
 * and what must go first, sixty at most (assumption). An opened pack goes in as the ingredient that
 * it is; a tub goes in as a base, and only where its share brings nothing to notice that the dish
 * does not have, so that nobody finds capers in a ragù.
 */
public final class UseUp {
  private static final int MOST_COVERS = 60;
  private static final int SAMPLE_COVERS = 10;

  /** Less than this share of what is due is not worth the name. */
  private static final double WORTH_SHARE = 0.2;

  private static final Comparator<Idea> BEST =
      Comparator.comparingInt((Idea idea) -> -idea.takes().size())
          .thenComparing(idea -> idea.takes().get(0).due().by())
          .thenComparing(Idea::covers, Comparator.reverseOrder())
          .thenComparing(idea -> idea.formula().formula().name());

  /** Less than this share of a base is not tasted in a dish (assumption). */
  private static final double UNNOTICED_SHARE = 0.005;

  private UseUp() {}

  /** Something that should be used soon. */
  public sealed interface Due {
    /** How much of it there is. */
    Mass mass();

    /** Last day of it. */
    LocalDate by();
  }

  /**
   * An ingredient that is open.
   *
   * @param ingredientId key of it
   */
  public record Pack(String ingredientId, Mass mass, LocalDate by) implements Due {}

  /**
   * Finished sauce.
   *
   * @param of formula of which it was made
   */
  public record Tub(ResolvedFormula of, Mass mass, LocalDate by) implements Due {}

  /**
   * What a dish takes of something.
   *
   * @param due of what
   * @param takes so much
   */
  public record Takes(Due due, Mass takes) {}

  /**
   * Something to cook.
   *
   * @param formula of it
   * @param covers for so many
   * @param takes of what is due, what must go first at first
   */
  public record Idea(ResolvedFormula formula, int covers, List<Takes> takes) {
    public Idea {
      takes = List.copyOf(takes);
    }

    private boolean takes(Due due) {
      return takes.stream().anyMatch(each -> each.due().equals(due));
    }
  }

  /**
   * Ideas from a shelf: those that use most things first, then what must go first. Whatever can be
   * used at all is in one of them, as far as the places reach.
   */
  public static List<Idea> from(List<ResolvedFormula> shelf, List<Due> due, int most) {
    List<Due> inOrder = due.stream().sorted(Comparator.comparing(Due::by)).toList();
    List<Idea> all =
        shelf.stream().flatMap(formula -> idea(formula, inOrder).stream()).sorted(BEST).toList();
    Set<Idea> first = new LinkedHashSet<>();
    for (Due one : inOrder) {
      if (first.stream().noneMatch(idea -> idea.takes(one))) {
        all.stream().filter(idea -> idea.takes(one)).findFirst().ifPresent(first::add);
      }
    }
    return Stream.concat(first.stream(), all.stream()).distinct().limit(most).sorted(BEST).toList();
  }

  private static Optional<Idea> idea(ResolvedFormula formula, List<Due> due) {
    if (formula.formula().target().isEmpty()) {
      return Optional.empty();
    }
    Need need = new Need(SAMPLE_COVERS, Serving.usualOf(formula.formula()).sauce());
    Dish sample = Dish.of(formula, need, formula.formula().target());
    List<Due> taken = new ArrayList<>();
    List<Double> each = new ArrayList<>();
    for (Due one : due) {
      double kilograms = takes(sample, one).orElse(0) / SAMPLE_COVERS;
      if (kilograms * MOST_COVERS >= WORTH_SHARE * one.mass().kilograms()) {
        taken.add(one);
        each.add(kilograms);
      }
    }
    if (taken.isEmpty()) {
      return Optional.empty();
    }
    double enough = taken.get(0).mass().kilograms() / each.get(0);
    int covers = (int) Math.max(1, Math.min(MOST_COVERS, Math.floor(enough + 1e-9)));
    List<Takes> takes = new ArrayList<>();
    for (int i = 0; i < taken.size(); i++) {
      double kilograms = Math.min(taken.get(i).mass().kilograms(), each.get(i) * covers);
      takes.add(new Takes(taken.get(i), new Mass(kilograms)));
    }
    return Optional.of(new Idea(formula, covers, takes));
  }

  /** What a dish takes of it, kg; empty where it takes nothing. */
  private static OptionalDouble takes(Dish dish, Due due) {
    if (due instanceof Tub tub) {
      return share(dish, tub.of());
    }
    String id = ((Pack) due).ingredientId();
    double kilograms =
        dish.batch().goods().stream()
            .filter(portion -> portion.ingredient().id().equals(id))
            .mapToDouble(portion -> portion.bought().kilograms())
            .sum();
    return kilograms > 0 ? OptionalDouble.of(kilograms) : OptionalDouble.empty();
  }

  private static OptionalDouble share(Dish dish, ResolvedFormula base) {
    boolean both = Stream.of(dish.batch(), base).allMatch(UseUp::hasTomato);
    if (!both || base.formula().id().equals(dish.batch().formula().id())) {
      return OptionalDouble.empty();
    }
    Variant variant =
        BaseBatch.of(base, base.formula().target(), List.of(dish), Mass.ZERO).variants().get(0);
    boolean fits =
        variant.factor() > 0
            && variant.leavesBefore().isEmpty()
            && variant.brings().stream().allMatch(more -> isWelcome(more, dish, variant.share()));
    return fits ? OptionalDouble.of(variant.share().kilograms()) : OptionalDouble.empty();
  }

  /** More of what the dish has anyway, or so little that nobody finds it. */
  private static boolean isWelcome(Variant.More more, Dish dish, Mass share) {
    return more.mass().kilograms() < UNNOTICED_SHARE * share.kilograms()
        || dish.batch().portions().stream()
            .anyMatch(portion -> portion.ingredient().id().equals(more.ingredient().id()));
  }

  private static boolean hasTomato(ResolvedFormula formula) {
    return formula.portions().stream()
        .anyMatch(portion -> portion.ingredient().kind() == IngredientKind.TOMATO);
  }
}
