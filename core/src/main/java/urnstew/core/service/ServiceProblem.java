package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
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

  /** Until a simmer is as it should be (assumption). */
  private static final Duration BEGUN = Duration.ofMinutes(5);

  /** Three things that go in at one minute are put in one after the other (assumption). */
  private static final Duration MAY_BE_LATE = Duration.ofMinutes(3);

  /** What happens in the time of another work, by the clock of its beginning. */
  private static final Set<Kind> WITHIN = Set.of(Kind.ADD, Kind.MOVE_PIECES);

  private final Brigade brigade;
  private final Instant from;
  private final Instant end;
  private final Map<String, Task> tasks = new LinkedHashMap<>();

  /** Of each pot that stays where it is lit: the task that lights it, and the last in it. */
  private final Map<String, String> lastInPot = new HashMap<>();

  /** Of each pot: the task that lights it, and what is over when the pot is empty. */
  private final Map<String, String> emptyAfter = new HashMap<>();

  /** Tasks in a pot that another has put on its burner, and that other. */
  private final Map<String, String> standing = new HashMap<>();

  private final Problem problem;
  private final Problem bare;

  private ServiceProblem(List<Task> tasks, Brigade brigade, Instant from, Instant end) {
    this.brigade = brigade;
    this.from = from;
    this.end = end;
    tasks.forEach(task -> this.tasks.put(task.key(), task));
    pots(tasks);
    problem = problem(true);
    bare = problem(false);
  }

  private Problem problem(boolean careful) {
    List<Task> all = List.copyOf(tasks.values());
    return new Problem(
        all.stream().flatMap(this::activities).toList(),
        Stream.concat(
                all.stream().flatMap(task -> lags(task, careful)),
                emptyAfter.keySet().stream().map(this::together))
            .toList(),
        brigade.hands().stream()
            .map(one -> new Cook(one.name(), down(one.from()), down(one.until())))
            .toList(),
        brigade.ovens().stream()
            .map(
                room ->
                    new Oven(room.oven().id().toString(), room.shelves(), OVEN_SECONDS_PER_KELVIN))
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

  /** With the time of its slow edge before whatever follows something that varies. */
  public Problem problem() {
    return problem;
  }

  /** The same where all takes as long as is likely: what is left of a schedule is its spare. */
  public Problem withoutBuffers() {
    return bare;
  }

  /** All of it. */
  public List<Task> tasks() {
    return List.copyOf(tasks.values());
  }

  /** The task that lit the burner on which a work is done; empty where it holds its own places. */
  public Optional<String> litBy(String key) {
    return Optional.ofNullable(standing.get(key));
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

  /** The same where one of the tasks takes so much longer. */
  public ServiceProblem late(String key, Duration by) {
    List<Task> later =
        tasks.values().stream()
            .map(task -> task.key().equals(key) ? task.lasting(task.effort().longer(by)) : task)
            .toList();
    return new ServiceProblem(later, brigade, from, end);
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
        Task last = later.get(later.size() - 1);
        lastInPot.put(light.key(), last.key());
        emptyAfter.put(light.key(), emptied(last).orElse(last).key());
        later.forEach(one -> standing.put(one.key(), light.key()));
      }
    }
  }

  /** What is cooked stays in its pot until the last of its plates are out; pasta is drained. */
  private Optional<Task> emptied(Task last) {
    List<Task> next = followers(Set.of(last.key()));
    if (last.kind() == Kind.COOK && next.stream().anyMatch(task -> task.kind() == Kind.TOSS)) {
      return Optional.empty();
    }
    Set<String> seen = new HashSet<>();
    while (!next.isEmpty()) {
      next.forEach(task -> seen.add(task.key()));
      next =
          followers(next.stream().map(Task::key).collect(Collectors.toSet())).stream()
              .filter(task -> !seen.contains(task.key()))
              .toList();
    }
    return tasks.values().stream()
        .filter(task -> task.kind() == Kind.SERVE && seen.contains(task.key()))
        .max(Comparator.comparing((Task task) -> task.due().at()).thenComparing(Task::key));
  }

  private List<Task> followers(Set<String> keys) {
    return tasks.values().stream()
        .filter(task -> task.follows().stream().anyMatch(one -> keys.contains(one.key())))
        .toList();
  }

  private static Set<UUID> vessels(Task task) {
    return task.needs().stream()
        .filter(Need.OfVessel.class::isInstance)
        .map(need -> ((Need.OfVessel) need).id())
        .collect(Collectors.toSet());
  }

  /** The work, and of what is lit the pot itself: it leaves its burner before it is empty. */
  private Stream<Activity> activities(Task task) {
    Activity work = activity(task);
    String until = emptyAfter.get(task.key());
    if (until == null) {
      return Stream.of(work);
    }
    List<Claim> pots =
        vessels(task).stream().<Claim>map(id -> new Claim.Alone(id.toString())).toList();
    return Stream.of(
        work, Activity.of(pot(task.key()), 0, List.of(new Mode(GRID, pots))).holding(until));
  }

  private static String pot(String light) {
    return light + "#pot";
  }

  /** A pot is taken when its burner is lit. */
  private TimeLag together(String light) {
    int lasts = lasts(task(light));
    return new TimeLag(light, pot(light), -lasts, Optional.of(-lasts), 0);
  }

  private Task task(String key) {
    return Optional.ofNullable(tasks.get(key)).orElseThrow();
  }

  private static int lasts(Task task) {
    return Math.max(GRID, up(task.effort().total().likely()));
  }

  private Activity activity(Task task) {
    int hands = up(hands(task));
    int lasts = lasts(task);
    Activity one = Activity.of(task.key(), hands, modes(task, lasts));
    if (task.kind() == Kind.SERVE) {
      int hour = down(task.due().at());
      one = one.from(hour).due(hour + lasts);
    }
    return Optional.ofNullable(lastInPot.get(task.key())).map(one::holding).orElse(one);
  }

  /** What simmers is begun, and stirred in passing: nobody stands beside it all the time. */
  private static Duration hands(Task task) {
    Duration all = task.effort().hands().likely();
    boolean simmers = task.kind() == Kind.START_SIMMER || task.kind() == Kind.PHASE;
    return simmers && all.compareTo(BEGUN) > 0 ? BEGUN : all;
  }

  /** On any burner that will do, in any oven that gets as hot. */
  private List<Mode> modes(Task task, int lasts) {
    List<List<Claim>> ways = List.of(List.of());
    for (Need need : task.needs()) {
      boolean held = standing.containsKey(task.key()) && isPlace(need);
      boolean apart = emptyAfter.containsKey(task.key()) && need instanceof Need.OfVessel;
      if (!held && !apart) {
        ways = times(ways, claims(need, isWater(task)));
      }
    }
    return ways.stream().map(claims -> new Mode(lasts(task, claims, lasts), claims)).toList();
  }

  /** It does nothing but get hot: in more time where there is less power. */
  private static boolean isWater(Task task) {
    return task.kind() == Kind.LIGHT && !task.effort().unattended().likely().isZero();
  }

  private int lasts(Task task, List<Claim> claims, int lasts) {
    Optional<HeatSource> own =
        task.needs().stream()
            .filter(Need.OfBurner.class::isInstance)
            .flatMap(need -> burner(((Need.OfBurner) need).id().toString()).stream())
            .findFirst();
    Optional<HeatSource> on =
        claims.stream().flatMap(claim -> burner(claim.resource()).stream()).findFirst();
    if (!isWater(task) || own.isEmpty() || on.isEmpty()) {
      return lasts;
    }
    double times = own.get().powerIntoPot().watts() / on.get().powerIntoPot().watts();
    return times <= 1 ? lasts : up(Duration.ofSeconds(Math.round(lasts * times)));
  }

  private Optional<HeatSource> burner(String id) {
    return brigade.burners().stream().filter(one -> one.id().toString().equals(id)).findFirst();
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
  private List<Claim> claims(Need need, boolean weakerToo) {
    if (need instanceof Need.OfVessel vessel) {
      return List.of(new Claim.Alone(vessel.id().toString()));
    }
    if (need instanceof Need.OfBurner burner) {
      return burners(burner, weakerToo);
    }
    if (need instanceof Need.OfOven oven) {
      return ovens(oven);
    }
    String tool = ((Need.OfTool) need).name();
    return brigade.machines().contains(tool) ? List.of(new Claim.Alone(tool)) : List.of();
  }

  /** Its own first, then those that are as strong: what they give too much is turned down. */
  private List<Claim> burners(Need.OfBurner wanted, boolean weakerToo) {
    Optional<HeatSource> own = burner(wanted.id().toString());
    Stream<HeatSource> others =
        brigade.burners().stream()
            .filter(one -> !one.id().equals(wanted.id()))
            .filter(
                one ->
                    own.filter(
                            o -> weakerToo || o.powerIntoPot().compareTo(one.powerIntoPot()) <= 0)
                        .isPresent());
    return Stream.concat(Stream.of(wanted.id()), others.map(HeatSource::id))
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

  private Stream<TimeLag> lags(Task task, boolean careful) {
    return task.follows().stream()
        .filter(one -> tasks.containsKey(one.key()))
        .map(one -> lag(one, task, careful));
  }

  private TimeLag lag(Follows one, Task task, boolean careful) {
    Task before = task(one.key());
    int shortest = up(one.shortest());
    Optional<Integer> longest = one.longest().map(ServiceProblem::up);
    if (WITHIN.contains(task.kind())) {
      int lasts = lasts(before);
      int late = up(MAY_BE_LATE);
      return new TimeLag(
          before.key(), task.key(), shortest - lasts, longest.map(l -> l + late - lasts), 0);
    }
    // What may hardly wait is not made to wait by care.
    int most = one.longest().map(time -> up(time) / 2).orElse(Integer.MAX_VALUE);
    int buffer = careful ? Math.min(most / GRID * GRID, up(buffer(before))) : 0;
    return new TimeLag(
        before.key(),
        task.key(),
        shortest + buffer,
        longest,
        one.longest().map(ServiceProblem::cost).orElse(0));
  }

  private static int cost(Duration longest) {
    return (int)
        Math.max(1, Math.round(COST_OF_A_MINUTE_S_FOOD * 60.0 / Math.max(60, longest.toSeconds())));
  }

  private int down(Instant at) {
    long seconds = Duration.between(from, at).toSeconds();
    return (int) Math.max(0, Math.floorDiv(seconds, GRID) * GRID);
  }

  private static int up(Duration time) {
    return (int) (-Math.floorDiv(-time.toMillis(), 1000L * GRID) * GRID);
  }
}
