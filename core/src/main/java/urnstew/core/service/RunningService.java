package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.service.Progress.Begun;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.service.ServiceEvent.Wanted;
import urnstew.core.task.Need;
import urnstew.core.task.Task;

/**
 * A service while it goes on: what follows from all that was said of it. Entries count by when they
 * happened, not by when they came: a tablet that was out of the network says the same as one that
 * was not.
 *
 * <p>Nobody ticks everything. Who begins a work has done what must be over before it; whatever
 * nobody said anything of and nothing follows from is still to be done.
 */
public final class RunningService {
  private static final Set<Task.Kind> SIMMERS = Set.of(Task.Kind.START_SIMMER, Task.Kind.PHASE);

  private final Map<String, Task> tasks = new LinkedHashMap<>();
  private final Brigade brigade;
  private final Instant from;
  private final Instant end;
  private final LitPots pots;

  private final Set<UUID> back = new HashSet<>();
  private final Happenings so;

  private RunningService(List<Task> tasks, Brigade brigade, Instant from, Instant end) {
    tasks.forEach(task -> this.tasks.put(task.key(), task));
    this.brigade = brigade;
    this.from = from;
    this.end = end;
    this.pots = LitPots.of(tasks);
    this.so = new Happenings(this.tasks, pots, brigade, from, end);
  }

  /**
   * What follows from its log. Entries that name a work which is not there are passed over.
   *
   * @param tasks all of the service
   * @param brigade who was to be there, and what
   * @param from before which nothing began
   * @param end by which all is over
   * @param log in the order in which it was written
   */
  public static RunningService of(
      List<Task> tasks, Brigade brigade, Instant from, Instant end, List<ServiceEntry> log) {
    RunningService service = new RunningService(tasks, brigade, from, end);
    Set<UUID> back = wrong(log);
    service.back.addAll(back);
    service.so.all(log.stream().filter(entry -> !back.contains(entry.id())));
    return service;
  }

  /** Entries that do not count; who takes back a taking back, means the entry again. */
  private static Set<UUID> wrong(List<ServiceEntry> log) {
    Set<UUID> back = new HashSet<>();
    for (int i = log.size() - 1; i >= 0; i--) {
      ServiceEntry entry = log.get(i);
      if (entry.event() instanceof TakenBack which && !back.contains(entry.id())) {
        back.add(which.entry());
      }
    }
    return back;
  }

  /** Entries that do not count. */
  public Set<UUID> takenBack() {
    return Set.copyOf(back);
  }

  /** When what has begun did. */
  public Map<String, Begun> begun() {
    return Map.copyOf(so.begun);
  }

  /** When what is over was. */
  public Map<String, Instant> over() {
    return Map.copyOf(so.over);
  }

  /** Works that somebody wants where they are. */
  public Set<String> wanted() {
    return so.wanted.keySet().stream()
        .filter(tasks::containsKey)
        .filter(key -> !so.begun.containsKey(key))
        .collect(Collectors.toSet());
  }

  /** When a work that goes on will likely be over; empty where none does. */
  public Optional<Instant> likelyOver(String key) {
    return so.begun.containsKey(key) && !so.over.containsKey(key)
        ? Optional.of(so.begunAt(key).plus(lasting(task(key)).effort().total().likely()))
        : Optional.empty();
  }

  /** Burners, ovens and machines that do not work, and since when. */
  public Map<String, Instant> failed() {
    return Map.copyOf(so.failed);
  }

  /** Names of the cooks who are not there at a moment. */
  public Set<String> away(Instant now) {
    return so.hands.away(now.isBefore(from) ? from : now);
  }

  /** Names of all cooks, those who came unasked too. */
  public List<String> cooks() {
    return so.hands.all().stream().map(Brigade.Hand::name).toList();
  }

  /** What has begun in a place that does not work: somebody has to move it. */
  public List<String> standingInFailed() {
    return so.begun.entrySet().stream()
        .filter(one -> !so.over.containsKey(one.getKey()))
        .filter(one -> one.getValue().holds().stream().anyMatch(so.failed::containsKey))
        .map(Map.Entry::getKey)
        .sorted()
        .toList();
  }

  /** The rest of it, planned from a moment on. */
  public ServiceProblem problem(Instant now) {
    Progress free = new Progress(now, standing(), so.over, List.of());
    ServiceProblem open = problem(free);
    List<Placement> locked =
        wanted().stream().flatMap(key -> locked(key, open.problem()).stream()).toList();
    return locked.isEmpty() ? open : problem(new Progress(now, standing(), so.over, locked));
  }

  private ServiceProblem problem(Progress progress) {
    Set<String> held = held();
    Brigade now =
        new Brigade(
            so.hands.all(),
            brigade.burners().stream().filter(one -> works(one.id().toString())).toList(),
            brigade.ovens(),
            Stream.concat(
                    brigade.taken().stream().filter(one -> !held.contains(one.resource())),
                    Stream.concat(so.hands.gaps().stream(), broken()))
                .toList(),
            brigade.machines());
    return ServiceProblem.of(lasting(), now, from, end, progress);
  }

  /** Where something of the service stands, nothing else does, whatever was said of that. */
  private Set<String> held() {
    Set<String> held = new HashSet<>();
    so.begun.values().forEach(one -> held.addAll(one.holds()));
    so.begun.keySet().stream()
        .filter(pots.emptyAfter()::containsKey)
        .flatMap(light -> LitPots.vessels(task(light)).stream())
        .map(UUID::toString)
        .forEach(held::add);
    return held;
  }

  private boolean works(String resource) {
    return !so.failed.containsKey(resource);
  }

  private Stream<Brigade.Taken> broken() {
    return so.failed.entrySet().stream()
        .sorted(Map.Entry.comparingByKey())
        .map(one -> new Brigade.Taken(one.getKey(), one.getValue(), end));
  }

  /** What it holds does not work: it holds nothing, until somebody says where it went. */
  private Map<String, Begun> standing() {
    return so.begun.entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                one ->
                    new Begun(
                        one.getValue().at(),
                        one.getValue().by(),
                        one.getValue().holds().stream()
                            .filter(this::works)
                            .collect(Collectors.toSet()))));
  }

  private List<Task> lasting() {
    return tasks.values().stream().map(this::lasting).toList();
  }

  private Task lasting(Task task) {
    Duration by = longerBy(task);
    return by.isZero() ? task : task.lasting(task.effort().longer(by));
  }

  /** What is expected of it says more than that it takes longer. */
  private Duration longerBy(Task task) {
    Instant until = so.expected.get(task.key());
    Duration likely = task.effort().total().likely();
    if (until != null && so.begun.containsKey(task.key())) {
      return Duration.between(so.begunAt(task.key()), until).minus(likely);
    }
    double slower = so.begun.containsKey(task.key()) ? 1 : slower(task);
    return so.longer
        .getOrDefault(task.key(), Duration.ZERO)
        .plusSeconds(Math.round(likely.toSeconds() * (slower - 1)));
  }

  /**
   * What was to simmer on a burner that failed takes as much longer as the best other is weaker.
   */
  private double slower(Task task) {
    Optional<HeatSource> own =
        task.needs().stream()
            .filter(Need.OfBurner.class::isInstance)
            .flatMap(need -> burner(((Need.OfBurner) need).id()).stream())
            .filter(one -> !works(one.id().toString()))
            .findFirst();
    if (!SIMMERS.contains(task.kind()) || own.isEmpty()) {
      return 1;
    }
    double best =
        brigade.burners().stream()
            .filter(one -> works(one.id().toString()))
            .mapToDouble(one -> one.powerIntoPot().watts())
            .max()
            .orElse(own.get().powerIntoPot().watts());
    return Math.max(1, own.get().powerIntoPot().watts() / best);
  }

  private Optional<HeatSource> burner(UUID id) {
    return brigade.burners().stream().filter(one -> one.id().equals(id)).findFirst();
  }

  private Optional<Placement> locked(String key, Problem problem) {
    Wanted where = Optional.ofNullable(so.wanted.get(key)).orElseThrow();
    boolean needsHands = problem.activity(key).handsSeconds() > 0;
    if (needsHands != where.by().isPresent()) {
      return Optional.empty();
    }
    List<Mode> modes = problem.activity(key).modes();
    int mode = 0;
    for (int place = modes.size() - 1; place >= 0; place--) {
      if (modes.get(place).claims().stream()
          .map(Claim::resource)
          .allMatch(where.holds()::contains)) {
        mode = place;
      }
    }
    int grid = Problem.GRID_SECONDS;
    long seconds = Duration.between(from, where.at()).toSeconds();
    int start = (int) Math.max(0, Math.floorDiv(seconds, grid) * grid);
    return Optional.of(new Placement(key, start, mode, where.by()));
  }

  private Task task(String key) {
    return Optional.ofNullable(tasks.get(key)).orElseThrow();
  }
}
