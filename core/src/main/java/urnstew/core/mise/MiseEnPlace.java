package urnstew.core.mise;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/**
 * The work before the work.
 *
 * @param tools boards, bowls and graters with what is done on each, in an order that needs the
 *     least washing: what carries nothing over comes first, raw shellfish last
 * @param early what must be begun before, the earliest first
 * @param hands time of hands, all of it
 */
public record MiseEnPlace(List<Tool> tools, List<Early> early, Duration hands) {
  public MiseEnPlace {
    tools = List.copyOf(tools);
    early = List.copyOf(early);
  }

  /**
   * One tool.
   *
   * @param name what it is
   * @param tasks in their order
   * @param washes how often it is washed between them
   */
  public record Tool(String name, List<Task> tasks, int washes) {}

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
  public record Task(
      Ingredient ingredient,
      String what,
      Mass mass,
      Set<String> dishes,
      Duration hands,
      boolean washBefore) {
    private Task washed(boolean wash) {
      return new Task(ingredient, what, mass, dishes, hands, wash);
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
    Map<Key, Task> tasks = new LinkedHashMap<>();
    Map<Key, Early> early = new LinkedHashMap<>();
    dishes.forEach(
        (dish, formula) ->
            formula.portions().forEach(portion -> read(dish, portion, tasks, early)));
    return new MiseEnPlace(
        tools(tasks),
        early.values().stream().sorted(Comparator.comparing(Early::before).reversed()).toList(),
        tasks.values().stream().map(Task::hands).reduce(Duration.ZERO, Duration::plus));
  }

  private record Key(String tool, String ingredientId, String what) {}

  private static void read(
      String dish, Portion portion, Map<Key, Task> tasks, Map<Key, Early> early) {
    for (Handling handling : Handlings.shipped().in(portion.note(), portion.ingredient())) {
      Key key = new Key(handling.tool(), portion.ingredient().id(), handling.word());
      Mass mass = portion.bought();
      if (handling.minutesPerKilogram() > 0) {
        Task task =
            new Task(
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

  private static Task together(Task one, Task other) {
    Set<String> dishes = new TreeSet<>(one.dishes());
    dishes.addAll(other.dishes());
    return new Task(
        one.ingredient(),
        one.what(),
        one.mass().plus(other.mass()),
        dishes,
        one.hands().plus(other.hands()),
        false);
  }

  private static List<Tool> tools(Map<Key, Task> keyed) {
    Map<String, List<Task>> byTool = new LinkedHashMap<>();
    keyed.forEach(
        (key, task) -> byTool.computeIfAbsent(key.tool(), tool -> new ArrayList<>()).add(task));
    return byTool.entrySet().stream()
        .map(entry -> tool(entry.getKey(), entry.getValue()))
        .sorted(Comparator.comparing(tool -> Rank.of(tool.tasks().get(0).ingredient())))
        .toList();
  }

  /** Inside a rank the longest work comes first. */
  private static Tool tool(String name, List<Task> tasks) {
    List<Task> ordered =
        tasks.stream()
            .sorted(
                Comparator.comparing((Task task) -> Rank.of(task.ingredient()))
                    .thenComparing(task -> task.hands().negated()))
            .toList();
    List<Task> marked = new ArrayList<>();
    int washes = 0;
    for (int place = 0; place < ordered.size(); place++) {
      Task task = ordered.get(place);
      boolean wash =
          place > 0 && Rank.of(task.ingredient()) != Rank.of(ordered.get(place - 1).ingredient());
      washes += wash ? 1 : 0;
      marked.add(task.washed(wash));
    }
    return new Tool(name, marked, washes);
  }
}
