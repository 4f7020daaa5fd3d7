package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.bench.Activity;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Cook;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Occupied;
import urnstew.core.bench.Oven;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.TimeLag;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.InvalidInput;

/** Tasks as a problem of the bench, and its moments as hours again. */
public final class ServiceProblem {
  /** What waits may do so for a minute, at this cost of each; twice as long costs half. */
  private static final int COST_OF_A_MINUTE_S_FOOD = 100;

  /** An oven of 3 kW with its walls gains or loses about 10 K in a minute (assumption). */
  private static final int OVEN_SECONDS_PER_KELVIN = 6;

  private static final int GRID = Problem.GRID_SECONDS;

  /** What happens in the time of another work, by the clock of its beginning. */
  private static final Set<Kind> WITHIN = Set.of(Kind.ADD, Kind.MOVE_PIECES);

  private final Brigade brigade;
  private final Instant from;
  private final Map<String, Task> tasks;

  /** Of each pot that stays where it is lit: the task that lights it, and the last in it. */
  private final Map<String, String> lastInPot = new HashMap<>();

  /** Tasks in a pot that another has put on its burner. */
  private final Set<String> standing = new HashSet<>();

  private final Problem problem;

  private ServiceProblem(List<Task> tasks, Brigade brigade, Instant from, Instant end) {
    this.brigade = brigade;
    this.from = from;
    this.tasks = tasks.stream().collect(Collectors.toMap(Task::key, Function.identity()));
    pots(tasks);
    problem =
        new Problem(
            tasks.stream().map(this::activity).toList(),
            tasks.stream().flatMap(this::lags).toList(),
            brigade.hands().stream()
                .map(one -> new Cook(one.name(), down(one.from()), down(one.until())))
                .toList(),
            brigade.ovens().stream()
                .map(
                    room ->
                        new Oven(
                            room.oven().id().toString(), room.shelves(), OVEN_SECONDS_PER_KELVIN))
                .toList(),
            brigade.taken().stream()
                .map(one -> new Occupied(one.id().toString(), down(one.from()), down(one.until())))
                .toList(),
            List.of(),
            down(end));
  }

  /**
   * Of all tasks of a service, those that serve among them.
   *
   * @param tasks all that is still to be done: what one follows and is not there is over
   * @param from before which nothing can begin
   * @param end by which all is over, late or not
   * @throws InvalidInput {@code ovens} if none gets as hot as something needs
   */
  public static ServiceProblem of(List<Task> tasks, Brigade brigade, Instant from, Instant end) {
    return new ServiceProblem(tasks, brigade, from, end);
  }

  public Problem problem() {
    return problem;
  }

  /** When a placement begins, by the clock. */
  public Instant begins(Placement at) {
    return from.plusSeconds(at.startSeconds());
  }

  /**
   * How much later than likely something may be over before it hurts what follows. Bands of one
   * dish are independent: their buffers add up to the root of the sum of their squares.
   */
  public Duration buffer(String key) {
    return Optional.ofNullable(tasks.get(key)).map(this::buffer).orElse(Duration.ZERO);
  }

  private Duration buffer(Task task) {
    double own = spread(task);
    double all =
        Math.sqrt(
            tasks.values().stream()
                .filter(one -> one.subject().equals(task.subject()))
                .mapToDouble(ServiceProblem::spread)
                .map(seconds -> seconds * seconds)
                .sum());
    return all > 0 ? Duration.ofSeconds(Math.round(own * own / all)) : Duration.ZERO;
  }

  private static double spread(Task task) {
    Span total = task.effort().total();
    return total.most().minus(total.likely()).toMillis() / 1000.0;
  }

  /** A pot that is lit stays until the last task in it. */
  private void pots(List<Task> all) {
    for (Task light : all) {
      if (light.kind() != Kind.LIGHT) {
        continue;
      }
      Set<UUID> vessels = vessels(light);
      List<Task> later =
          all.stream()
              .filter(one -> !one.equals(light) && one.subject().equals(light.subject()))
              .filter(one -> vessels(one).stream().anyMatch(vessels::contains))
              .toList();
      if (!later.isEmpty()) {
        lastInPot.put(light.key(), later.get(later.size() - 1).key());
        later.forEach(one -> standing.add(one.key()));
      }
    }
  }

  private static Set<UUID> vessels(Task task) {
    return task.needs().stream()
        .filter(Need.OfVessel.class::isInstance)
        .map(need -> ((Need.OfVessel) need).id())
        .collect(Collectors.toSet());
  }

  private Activity activity(Task task) {
    int hands = up(task.effort().hands().likely());
    int lasts = Math.max(GRID, up(task.effort().total().likely()));
    Activity one = Activity.of(task.key(), hands, modes(task, lasts));
    if (task.kind() == Kind.SERVE) {
      int hour = down(task.due().at());
      one = one.from(hour).due(hour + lasts);
    }
    return Optional.ofNullable(lastInPot.get(task.key())).map(one::holding).orElse(one);
  }

  /** On any burner that is as strong, in any oven that gets as hot. */
  private List<Mode> modes(Task task, int lasts) {
    List<List<Claim>> ways = List.of(List.of());
    for (Need need : task.needs()) {
      if (!(standing.contains(task.key()) && isPlace(need))) {
        ways = times(ways, claims(need));
      }
    }
    return ways.stream().map(claims -> new Mode(lasts, claims)).toList();
  }

  private static boolean isPlace(Need need) {
    return !(need instanceof Need.OfTool);
  }

  private static List<List<Claim>> times(List<List<Claim>> ways, List<Claim> more) {
    if (more.isEmpty()) {
      return ways;
    }
    List<List<Claim>> all = new ArrayList<>();
    for (List<Claim> way : ways) {
      for (Claim claim : more) {
        all.add(Stream.concat(way.stream(), Stream.of(claim)).distinct().toList());
      }
    }
    return all;
  }

  /** Any one of these; none where there is enough of it. */
  private List<Claim> claims(Need need) {
    if (need instanceof Need.OfVessel vessel) {
      return List.of(new Claim.Alone(vessel.id().toString()));
    }
    if (need instanceof Need.OfBurner burner) {
      return burners(burner);
    }
    if (need instanceof Need.OfOven oven) {
      return ovens(oven);
    }
    String tool = ((Need.OfTool) need).name();
    return brigade.machines().contains(tool) ? List.of(new Claim.Alone(tool)) : List.of();
  }

  /** Its own first, then those that are as strong: the minutes are reckoned for its power. */
  private List<Claim> burners(Need.OfBurner wanted) {
    Optional<HeatSource> own =
        brigade.burners().stream().filter(one -> one.id().equals(wanted.id())).findFirst();
    Stream<HeatSource> alike =
        brigade.burners().stream()
            .filter(one -> !one.id().equals(wanted.id()))
            .filter(
                one -> own.filter(o -> o.powerIntoPot().equals(one.powerIntoPot())).isPresent());
    return Stream.concat(Stream.of(wanted.id()), alike.map(HeatSource::id))
        .<Claim>map(id -> new Claim.Alone(id.toString()))
        .toList();
  }

  private List<Claim> ovens(Need.OfOven wanted) {
    int celsius = (int) Math.round(wanted.air().celsius());
    List<Claim> ovens =
        brigade.ovens().stream()
            .map(Brigade.OvenRoom::oven)
            .filter(one -> wanted.id().map(one.id()::equals).orElse(true))
            .filter(one -> one.hottest().compareTo(wanted.air()) >= 0)
            .<Claim>map(one -> new Claim.Shelf(one.id().toString(), 1, celsius))
            .toList();
    if (ovens.isEmpty()) {
      throw new InvalidInput(
          "ovens",
          "none",
          "No oven of the kitchen gets to " + celsius + " °C.",
          "an oven that does",
          "Add one in the kitchen, or bake at less.");
    }
    return ovens;
  }

  private Stream<TimeLag> lags(Task task) {
    return task.follows().stream()
        .filter(one -> tasks.containsKey(one.key()))
        .map(one -> lag(one, task));
  }

  private TimeLag lag(Follows one, Task task) {
    Task before = Optional.ofNullable(tasks.get(one.key())).orElseThrow();
    int shortest = up(one.shortest());
    Optional<Integer> longest = one.longest().map(ServiceProblem::up);
    if (WITHIN.contains(task.kind())) {
      int lasts = Math.max(GRID, up(before.effort().total().likely()));
      return new TimeLag(
          before.key(), task.key(), shortest - lasts, longest.map(l -> l - lasts), 0);
    }
    // What may hardly wait is not made to wait by care.
    int most = one.longest().map(time -> up(time) / 2).orElse(Integer.MAX_VALUE);
    int buffer = Math.min(most / GRID * GRID, up(buffer(before)));
    return new TimeLag(
        before.key(),
        task.key(),
        shortest + buffer,
        longest,
        one.longest().map(ServiceProblem::cost).orElse(0));
  }

  private static int cost(Duration longest) {
    return (int)
        Math.min(
            COST_OF_A_MINUTE_S_FOOD,
            Math.round(COST_OF_A_MINUTE_S_FOOD * 60.0 / Math.max(60, longest.toSeconds())));
  }

  private int down(Instant at) {
    long seconds = Duration.between(from, at).toSeconds();
    return (int) Math.max(0, Math.floorDiv(seconds, GRID) * GRID);
  }

  private static int up(Duration time) {
    return (int) (-Math.floorDiv(-time.toMillis(), 1000L * GRID) * GRID);
  }
}
