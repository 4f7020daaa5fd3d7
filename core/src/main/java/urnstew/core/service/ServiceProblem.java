package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.core.bench.Activity;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Cook;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Occupied;
import urnstew.core.bench.Oven;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.TimeLag;
import urnstew.core.task.Follows;
import urnstew.core.task.Span;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.InvalidInput;
import urnstew.units.Require;

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
  private final Progress progress;
  private final Map<String, Task> tasks = new LinkedHashMap<>();

  /** What something follows that has not begun. */
  private final Set<String> awaited;

  private final LitPots pots;
  private final Ways ways;
  private final Problem problem;
  private final Problem bare;

  private ServiceProblem(
      List<Task> tasks, Brigade brigade, Instant from, Instant end, Progress progress) {
    this.brigade = brigade;
    this.from = from;
    this.end = end;
    this.progress = progress;
    tasks.forEach(task -> this.tasks.put(task.key(), task));
    awaited =
        tasks.stream()
            .filter(task -> progress.of(task.key()).isEmpty())
            .flatMap(task -> task.follows().stream().map(Follows::key))
            .collect(Collectors.toSet());
    pots = LitPots.of(tasks);
    ways = new Ways(brigade, pots);
    problem = problem(1);
    bare = problem(0);
  }

  private Problem problem(double care) {
    List<Task> all = tasks.values().stream().filter(this::isOnBench).toList();
    return new Problem(
        Stream.concat(all.stream().map(this::activity), tasks.keySet().stream().flatMap(this::pot))
            .toList(),
        Stream.concat(
                all.stream().flatMap(task -> lags(task, care)),
                pots.emptyAfter().keySet().stream().flatMap(this::together))
            .toList(),
        brigade.hands().stream()
            .map(one -> new Cook(one.name(), down(one.from()), down(one.until())))
            .toList(),
        brigade.ovens().stream()
            .map(
                room ->
                    new Oven(room.oven().id().toString(), room.shelves(), OVEN_SECONDS_PER_KELVIN))
            .toList(),
        occupied(),
        Stream.concat(facts(), progress.locked().stream().filter(this::isToCome)).toList(),
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
    return new ServiceProblem(tasks, brigade, from, end, Progress.none(from));
  }

  /**
   * The same while it goes on: what has begun stays, and nothing new begins before now.
   *
   * @param tasks all of them, those that are over too
   */
  public static ServiceProblem of(
      List<Task> tasks, Brigade brigade, Instant from, Instant end, Progress progress) {
    return new ServiceProblem(tasks, brigade, from, end, progress);
  }

  /** With the time of its slow edge before whatever follows something that varies. */
  public Problem problem() {
    return problem;
  }

  /** The same where all takes as long as is likely: what is left of a schedule is its spare. */
  public Problem withoutBuffers() {
    return bare;
  }

  /**
   * With less of that time.
   *
   * @param share of it, 0 to 1
   */
  public Problem withBuffers(double share) {
    Require.within("share", share, 0, 1, "");
    return problem(share);
  }

  /** The longest of those times. */
  public Duration longestBuffer() {
    return tasks.values().stream().map(this::buffer).max(Duration::compareTo).orElse(Duration.ZERO);
  }

  /** All of it. */
  public List<Task> tasks() {
    return List.copyOf(tasks.values());
  }

  /** How far it is. */
  public Progress progress() {
    return progress;
  }

  /** Keys of what is fixed since it has begun: nobody can take that back. */
  public Set<String> running() {
    return facts().map(Placement::key).collect(Collectors.toSet());
  }

  /** So long a cook's hands are in a work, from its beginning. */
  public Duration hands(String key) {
    return hands(task(key));
  }

  /** The task that lit the burner on which a work is done; empty where it holds its own places. */
  public Optional<String> litBy(String key) {
    return pots.litBy(key);
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
    return new ServiceProblem(later, brigade, from, end, progress);
  }

  /** What is over is there as long as a pot stands that it lit, or something still follows it. */
  private boolean isOnBench(Task task) {
    return !progress.isOver(task.key())
        || isHolding(pots.lastIn().get(task.key()))
        || awaited.contains(task.key());
  }

  private boolean isHolding(@Nullable String until) {
    return until != null && !progress.isOver(until);
  }

  /** The pot of a work that lights one: it leaves its burner before it is empty. */
  private Stream<Activity> pot(String light) {
    String until = pots.emptyAfter().get(light);
    if (until == null || !isHolding(until)) {
      return Stream.empty();
    }
    List<Claim> held =
        LitPots.vessels(task(light)).stream()
            .<Claim>map(id -> new Claim.Alone(id.toString()))
            .toList();
    return Stream.of(Activity.of(potOf(light), 0, List.of(new Mode(GRID, held))).holding(until));
  }

  private static String potOf(String light) {
    return light + "#pot";
  }

  /** A pot is taken when its burner is lit. */
  private Stream<TimeLag> together(String light) {
    return isHolding(pots.emptyAfter().get(light)) && progress.of(light).isEmpty()
        ? Stream.of(new TimeLag(potOf(light), light, -GRID, Optional.of(-GRID), 0))
        : Stream.empty();
  }

  private Task task(String key) {
    return Optional.ofNullable(tasks.get(key)).orElseThrow();
  }

  /** As long as it took, or takes at least where it goes on already; else as long as is likely. */
  private int lasts(Task task) {
    int likely = Math.max(GRID, up(task.effort().total().likely()));
    Optional<Progress.Begun> begun = progress.of(task.key());
    if (begun.isEmpty()) {
      return likely;
    }
    int start = down(begun.get().at());
    Instant over = progress.over().get(task.key());
    return over == null
        ? Math.max(likely, toCome() - start + GRID)
        : Math.max(GRID, down(over) - start);
  }

  /** The first moment that is still to come. */
  private int toCome() {
    return down(progress.now().plusSeconds(GRID - 1));
  }

  private Activity activity(Task task) {
    return progress.of(task.key()).map(begun -> going(task, begun)).orElseGet(() -> next(task));
  }

  private Activity next(Task task) {
    int hands = up(hands(task));
    int lasts = lasts(task);
    Activity one = Activity.of(task.key(), hands, ways.modes(task, lasts)).from(toCome());
    if (task.kind() == Kind.SERVE) {
      int hour = down(task.due().at());
      one = one.from(Math.max(hour, toCome())).due(hour + lasts);
    }
    return holding(task, one);
  }

  /** It stays as it was begun; what its cook still has to do with it takes that cook's time. */
  private Activity going(Task task, Progress.Begun begun) {
    int lasts = lasts(task);
    boolean letGo = progress.isOver(task.key()) && !isHolding(pots.lastIn().get(task.key()));
    List<Claim> held = letGo ? List.of() : held(task, lasts, begun);
    return holding(task, Activity.of(task.key(), 0, List.of(new Mode(lasts, held))));
  }

  private List<Claim> held(Task task, int lasts, Progress.Begun begun) {
    return ways.modes(task, lasts).stream()
        .map(Mode::claims)
        .filter(claims -> claims.stream().allMatch(one -> begun.holds().contains(one.resource())))
        .findFirst()
        .orElse(List.of());
  }

  private Activity holding(Task task, Activity one) {
    return Optional.ofNullable(pots.lastIn().get(task.key()))
        .filter(this::isHolding)
        .map(one::holding)
        .orElse(one);
  }

  /** Where everything is that has begun, its pot with it. */
  private Stream<Placement> facts() {
    return tasks.values().stream()
        .flatMap(
            task ->
                progress.of(task.key()).stream().flatMap(begun -> facts(task, down(begun.at()))));
  }

  private Stream<Placement> facts(Task task, int start) {
    Stream<Placement> work = isOnBench(task) ? Stream.of(fixed(task.key(), start)) : Stream.empty();
    Stream<Placement> pot =
        isHolding(pots.emptyAfter().get(task.key()))
            ? Stream.of(fixed(potOf(task.key()), start))
            : Stream.empty();
    return Stream.concat(work, pot);
  }

  private static Placement fixed(String key, int start) {
    return new Placement(key, start, 0, Optional.empty());
  }

  /** What is taken from now on, each resource once at any moment. */
  private List<Occupied> occupied() {
    Map<String, List<Occupied>> all =
        Stream.concat(
                brigade.taken().stream().flatMap(this::still),
                tasks.values().stream().flatMap(this::busy))
            .collect(Collectors.groupingBy(Occupied::resource, TreeMap::new, Collectors.toList()));
    return all.values().stream().flatMap(each -> Occupied.joined(each).stream()).toList();
  }

  private Stream<Occupied> still(Brigade.Taken one) {
    int begins = Math.max(down(one.from()), toCome());
    int until = down(one.until());
    return until > begins ? Stream.of(new Occupied(one.resource(), begins, until)) : Stream.empty();
  }

  private boolean isToCome(Placement locked) {
    return tasks.containsKey(locked.key())
        && progress.of(locked.key()).isEmpty()
        && locked.startSeconds() >= toCome();
  }

  /** Hands that are still in what was begun. */
  private Stream<Occupied> busy(Task task) {
    if (!progress.isRunning(task.key())) {
      return Stream.empty();
    }
    Progress.Begun begun = progress.of(task.key()).orElseThrow();
    int until = down(begun.at()) + up(hands(task));
    return until > toCome()
        ? begun.by().stream().map(cook -> new Occupied(cook, toCome(), until))
        : Stream.empty();
  }

  /** Whether it is done by the clock of the beginning of what it follows. */
  static boolean isWithin(Task task) {
    return WITHIN.contains(task.kind());
  }

  /** What simmers is begun, and stirred in passing: nobody stands beside it all the time. */
  private static Duration hands(Task task) {
    Duration all = task.effort().hands().likely();
    boolean simmers = task.kind() == Kind.START_SIMMER || task.kind() == Kind.PHASE;
    return simmers && all.compareTo(BEGUN) > 0 ? BEGUN : all;
  }

  private Stream<TimeLag> lags(Task task, double care) {
    return task.follows().stream().filter(one -> isLag(one, task)).map(one -> lag(one, task, care));
  }

  /** Between what has begun nothing can be kept any more. */
  private boolean isLag(Follows one, Task task) {
    Task before = tasks.get(one.key());
    return before != null && isOnBench(before) && progress.of(task.key()).isEmpty();
  }

  private TimeLag lag(Follows one, Task task, double care) {
    Task before = task(one.key());
    int shortest = up(one.shortest());
    Optional<Integer> longest =
        one.longest().map(ServiceProblem::up).filter(most -> canStillKeep(before, task, most));
    if (isWithin(task)) {
      int lasts = lasts(before);
      int late = up(MAY_BE_LATE);
      return new TimeLag(
          before.key(), task.key(), shortest - lasts, longest.map(l -> l + late - lasts), 0);
    }
    // What may hardly wait is not made to wait by care.
    int most = one.longest().map(time -> up(time) / 2).orElse(Integer.MAX_VALUE);
    Duration wanted = Duration.ofMillis(Math.round(care * buffer(before).toMillis()));
    int buffer = Math.min(most / GRID * GRID, up(wanted));
    return new TimeLag(
        before.key(),
        task.key(),
        shortest + buffer,
        longest,
        one.longest().map(ServiceProblem::cost).orElse(0));
  }

  /** What is over and has waited too long already waits for nothing more. */
  private boolean canStillKeep(Task before, Task task, int longest) {
    Instant over = progress.over().get(before.key());
    if (over == null) {
      return true;
    }
    int since = isWithin(task) ? down(begunAt(before)) : down(over);
    return since + longest >= toCome();
  }

  private Instant begunAt(Task task) {
    return progress.of(task.key()).orElseThrow().at();
  }

  private static int cost(Duration longest) {
    return (int)
        Math.max(1, Math.round(COST_OF_A_MINUTE_S_FOOD * 60.0 / Math.max(60, longest.toSeconds())));
  }

  private int down(Instant at) {
    long seconds = Duration.between(from, at).toSeconds();
    return (int) Math.max(0, Math.floorDiv(seconds, GRID) * GRID);
  }

  static int up(Duration time) {
    return (int) (-Math.floorDiv(-time.toMillis(), 1000L * GRID) * GRID);
  }
}
