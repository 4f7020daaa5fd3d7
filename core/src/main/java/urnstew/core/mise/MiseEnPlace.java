package urnstew.core.mise;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.Ingredient;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Mass;

/**
 * The work before the work.
 *
 * @param parts what formulas of their own make, the deepest first
 * @param tools boards, bowls and graters with what is done on each, in an order that needs the
 *     least washing: what carries nothing over comes first, raw shellfish last
 * @param early what must be begun before, the earliest first
 * @param hands time of hands, all of it
 */
public record MiseEnPlace(
    List<PartToMake> parts, List<Tool> tools, List<Early> early, Duration hands) {
  /** Share by which cooks differ in how long they cut (assumption). */
  private static final double HANDS_VARY = 0.35;

  private static final Effort BEGINNING = Effort.ofMinutes(1, 3, 6);

  public MiseEnPlace {
    parts = List.copyOf(parts);
    tools = List.copyOf(tools);
    early = List.copyOf(early);
  }

  /**
   * One tool.
   *
   * @param name what it is
   * @param preps in their order
   * @param washes how often it is washed between them
   */
  public record Tool(String name, List<Prep> preps, int washes) {}

  /**
   * One ingredient done in one way, for all dishes together.
   *
   * @param ingredient what
   * @param what is done to it
   * @param mass how much of it, as bought
   * @param dishes for which
   * @param hands time it takes
   * @param washBefore whether the tool is washed first
   */
  public record Prep(
      Ingredient ingredient,
      String what,
      Mass mass,
      Set<String> dishes,
      Duration hands,
      boolean washBefore) {
    private Prep washed(boolean wash) {
      return new Prep(ingredient, what, mass, dishes, hands, wash);
    }
  }

  /**
   * Something that waits by itself.
   *
   * @param ingredient what
   * @param what is done to it
   * @param mass how much
   * @param before how long before it is used
   */
  public record Early(Ingredient ingredient, String what, Mass mass, Duration before) {}

  /** Of some batches by the names of their dishes. */
  public static MiseEnPlace of(Map<String, ResolvedFormula> dishes) {
    Map<Key, Prep> tasks = new LinkedHashMap<>();
    Map<Key, Early> early = new LinkedHashMap<>();
    dishes.forEach(
        (dish, formula) -> formula.goods().forEach(portion -> read(dish, portion, tasks, early)));
    return new MiseEnPlace(
        PartToMake.of(dishes),
        tools(tasks),
        early.values().stream().sorted(Comparator.comparing(Early::before).reversed()).toList(),
        tasks.values().stream().map(Prep::hands).reduce(Duration.ZERO, Duration::plus));
  }

  /**
   * All of it as tasks, done by one pair of hands just before a moment, tool after tool in the
   * order of the least washing; what must be begun early first.
   *
   * @param before when it has to be ready
   */
  public List<Task> tasks(Subject subject, Instant before) {
    List<Task> all = new ArrayList<>();
    for (Early one : early) {
      all.add(
          Task.of(
                  "early-" + one.ingredient().id() + "-" + one.what(),
                  Kind.BEGIN_EARLY,
                  subject,
                  named(one.ingredient()) + ": " + one.what(),
                  Due.at(before.minus(one.before())),
                  new Effort(BEGINNING.hands(), Span.exactly(one.before())))
              .with(new Figure.Much(one.mass())));
    }
    Instant at = before.minus(hands);
    for (Tool tool : tools) {
      List<Follows> previous = List.of();
      for (Prep prep : tool.preps()) {
        Task task = task(prep, subject, at).holding(List.of(new Need.OfTool(tool.name())));
        all.add(task.after(previous));
        previous = List.of(Follows.whenever(task.key()));
        at = at.plus(prep.hands());
      }
    }
    return all;
  }

  private static Task task(Prep prep, Subject subject, Instant at) {
    return Task.of(
            "prep-" + prep.ingredient().id() + "-" + prep.what(),
            Kind.PREP,
            subject,
            named(prep.ingredient()) + ": " + prep.what(),
            Due.fromThen(at),
            Effort.ofHands(Span.about(prep.hands(), HANDS_VARY)))
        .with(new Figure.Much(prep.mass()));
  }

  private static String named(Ingredient ingredient) {
    return ingredient.name().toLowerCase(Locale.ROOT);
  }

  private record Key(String tool, String ingredientId, String what) {}

  private static void read(
      String dish, Portion portion, Map<Key, Prep> tasks, Map<Key, Early> early) {
    for (Handling handling : Handlings.shipped().in(portion.note(), portion.ingredient())) {
      Key key = new Key(handling.tool(), portion.ingredient().id(), handling.word());
      Mass mass = portion.bought();
      if (handling.minutesPerKilogram() > 0) {
        Prep task =
            new Prep(
                portion.ingredient(),
                handling.word(),
                mass,
                Set.of(dish),
                hands(handling, mass),
                false);
        tasks.merge(key, task, MiseEnPlace::together);
      }
      if (!handling.lead().isZero()) {
        early.merge(
            key,
            new Early(portion.ingredient(), handling.word(), mass, handling.lead()),
            (a, b) -> new Early(a.ingredient(), a.what(), a.mass().plus(b.mass()), a.before()));
      }
    }
  }

  private static Duration hands(Handling handling, Mass mass) {
    return Duration.ofSeconds(Math.round(60 * handling.minutesPerKilogram() * mass.kilograms()));
  }

  private static Prep together(Prep one, Prep other) {
    Set<String> dishes = new TreeSet<>(one.dishes());
    dishes.addAll(other.dishes());
    return new Prep(
        one.ingredient(),
        one.what(),
        one.mass().plus(other.mass()),
        dishes,
        one.hands().plus(other.hands()),
        false);
  }

  private static List<Tool> tools(Map<Key, Prep> keyed) {
    Map<String, List<Prep>> byTool = new LinkedHashMap<>();
    keyed.forEach(
        (key, task) -> byTool.computeIfAbsent(key.tool(), tool -> new ArrayList<>()).add(task));
    return byTool.entrySet().stream()
        .map(entry -> tool(entry.getKey(), entry.getValue()))
        .sorted(Comparator.comparing(tool -> Rank.of(tool.preps().get(0).ingredient())))
        .toList();
  }

  /** Inside a rank the longest work comes first. */
  private static Tool tool(String name, List<Prep> tasks) {
    List<Prep> ordered =
        tasks.stream()
            .sorted(
                Comparator.comparing((Prep task) -> Rank.of(task.ingredient()))
                    .thenComparing(task -> task.hands().negated()))
            .toList();
    List<Prep> marked = new ArrayList<>();
    int washes = 0;
    for (int place = 0; place < ordered.size(); place++) {
      Prep task = ordered.get(place);
      boolean wash =
          place > 0 && Rank.of(task.ingredient()) != Rank.of(ordered.get(place - 1).ingredient());
      washes += wash ? 1 : 0;
      marked.add(task.washed(wash));
    }
    return new Tool(name, marked, washes);
  }
}
