package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
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
import urnstew.core.bench.Claim;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.service.Progress.Begun;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.CookCame;
import urnstew.core.service.ServiceEvent.CookLeft;
import urnstew.core.service.ServiceEvent.Ended;
import urnstew.core.service.ServiceEvent.Expected;
import urnstew.core.service.ServiceEvent.Failed;
import urnstew.core.service.ServiceEvent.LetGo;
import urnstew.core.service.ServiceEvent.Mended;
import urnstew.core.service.ServiceEvent.Moved;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.service.ServiceEvent.TakesLonger;
import urnstew.core.service.ServiceEvent.Wanted;
import urnstew.core.task.Follows;
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

  private final Map<String, Begun> begun = new HashMap<>();
  private final Map<String, Instant> over = new HashMap<>();
  private final Map<String, Duration> longer = new HashMap<>();
  private final Map<String, Instant> expected = new HashMap<>();
  private final Map<String, Wanted> wanted = new HashMap<>();
  private final Set<UUID> back = new HashSet<>();
  private final Hands hands;
  private final Map<String, Instant> failed = new HashMap<>();

  private RunningService(List<Task> tasks, Brigade brigade, Instant from, Instant end) {
    tasks.forEach(task -> this.tasks.put(task.key(), task));
    this.brigade = brigade;
    this.from = from;
    this.end = end;
    this.pots = LitPots.of(tasks);
    this.hands = new Hands(brigade.hands(), end);
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
    log.stream()
        .filter(entry -> !back.contains(entry.id()))
        .sorted(Comparator.comparing(ServiceEntry::at))
        .forEach(service::note);
    Set.copyOf(service.begun.keySet()).forEach(service::imply);
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

  private void note(ServiceEntry entry) {
    Instant at = entry.at().isBefore(from) ? from : entry.at();
    if (!ofWork(entry.event(), at)) {
      ofKitchen(entry.event(), at);
    }
  }

  private boolean ofWork(ServiceEvent event, Instant at) {
    if (event instanceof Began began && tasks.containsKey(began.key())) {
      Set<String> holds = own(began.key(), began.holds());
      makeRoom(began.key(), holds, at);
      begun.put(began.key(), new Begun(at, began.by(), holds));
    } else if (event instanceof Ended ended && tasks.containsKey(ended.key())) {
      ended(ended.key(), at);
    } else if (event instanceof TakesLonger more) {
      longer.merge(more.key(), more.by(), Duration::plus);
    } else if (event instanceof Expected then) {
      expected.put(then.key(), then.at());
    } else if (event instanceof Wanted then) {
      wanted.put(then.key(), then);
    } else if (event instanceof LetGo free) {
      wanted.remove(free.key());
    } else if (event instanceof Moved moved) {
      String pot = pots.litBy(moved.key()).orElse(moved.key());
      makeRoom(pot, moved.holds(), at);
      begun.computeIfPresent(pot, (key, was) -> new Begun(was.at(), was.by(), moved.holds()));
    } else {
      return false;
    }
    return true;
  }

  private void ofKitchen(ServiceEvent event, Instant at) {
    if (event instanceof CookLeft left) {
      hands.left(left.name(), at);
    } else if (event instanceof CookCame came) {
      hands.came(came.name(), at);
    } else if (event instanceof Failed broken) {
      failed.putIfAbsent(broken.resource(), at);
    } else if (event instanceof Mended whole) {
      failed.remove(whole.resource());
    }
  }

  /** What is done in a pot that was lit before has no place of its own. */
  private Set<String> own(String key, Set<String> holds) {
    return pots.litBy(key).isEmpty()
        ? holds
        : holds.stream().filter(brigade.machines()::contains).collect(Collectors.toSet());
  }

  /**
   * Whatever was on a burner is not there any more once something else is, and a pot that is filled
   * anew was empty.
   */
  private void makeRoom(String key, Set<String> holds, Instant at) {
    begun.replaceAll(
        (other, was) ->
            other.equals(key)
                ? was
                : new Begun(
                    was.at(),
                    was.by(),
                    was.holds().stream()
                        .filter(held -> !isAlone(held) || !holds.contains(held))
                        .collect(Collectors.toSet())));
    Set<UUID> filled = pots.emptyAfter().containsKey(key) ? LitPots.vessels(task(key)) : Set.of();
    pots.emptyAfter().entrySet().stream()
        .filter(one -> !one.getKey().equals(key) && begun.containsKey(one.getKey()))
        .filter(one -> LitPots.vessels(task(one.getKey())).stream().anyMatch(filled::contains))
        .map(Map.Entry::getValue)
        .filter(last -> !over.containsKey(last))
        .forEach(last -> ended(last, at));
  }

  /** Several trays are in one oven at once. */
  private boolean isAlone(String held) {
    return brigade.ovens().stream().noneMatch(one -> one.oven().id().toString().equals(held));
  }

  private void ended(String key, Instant at) {
    begun.computeIfAbsent(key, none -> before(key, at));
    Instant began = begunAt(key);
    over.put(key, at.isBefore(began) ? began : at);
  }

  /** Somebody must have begun it about then. */
  private Begun before(String key, Instant over) {
    Instant at = over.minus(task(key).effort().total().likely());
    return new Begun(at.isBefore(from) ? from : at, Optional.empty(), Set.of());
  }

  private Instant begunAt(String key) {
    return Optional.ofNullable(begun.get(key)).orElseThrow().at();
  }

  private Task task(String key) {
    return Optional.ofNullable(tasks.get(key)).orElseThrow();
  }

  /** What is begun says that what it follows is over, and that has followed something as well. */
  private void imply(String key) {
    Task task = task(key);
    Instant at = begunAt(key);
    for (Follows one : task.follows()) {
      if (!tasks.containsKey(one.key())) {
        continue;
      }
      Instant then = at.minus(one.shortest()).isBefore(from) ? from : at.minus(one.shortest());
      boolean known = begun.containsKey(one.key());
      if (ServiceProblem.isWithin(task)) {
        begun.putIfAbsent(one.key(), new Begun(then, Optional.empty(), Set.of()));
      } else if (!over.containsKey(one.key())) {
        ended(one.key(), then);
      }
      if (!known) {
        imply(one.key());
      }
    }
  }

  /** Entries that do not count. */
  public Set<UUID> takenBack() {
    return Set.copyOf(back);
  }

  /** When what has begun did. */
  public Map<String, Begun> begun() {
    return Map.copyOf(begun);
  }

  /** When what is over was. */
  public Map<String, Instant> over() {
    return Map.copyOf(over);
  }

  /** Works that somebody wants where they are. */
  public Set<String> wanted() {
    return wanted.keySet().stream()
        .filter(tasks::containsKey)
        .filter(key -> !begun.containsKey(key))
        .collect(Collectors.toSet());
  }

  /** Burners, ovens and machines that do not work, and since when. */
  public Map<String, Instant> failed() {
    return Map.copyOf(failed);
  }

  /** Names of the cooks who are not there at a moment. */
  public Set<String> away(Instant now) {
    return hands.away(now);
  }

  /** Names of all cooks, those who came unasked too. */
  public List<String> cooks() {
    return hands.all().stream().map(Brigade.Hand::name).toList();
  }

  /** What has begun in a place that does not work: somebody has to move it. */
  public List<String> standingInFailed() {
    return begun.entrySet().stream()
        .filter(one -> !over.containsKey(one.getKey()))
        .filter(one -> one.getValue().holds().stream().anyMatch(failed::containsKey))
        .map(Map.Entry::getKey)
        .sorted()
        .toList();
  }

  /** The rest of it, planned from a moment on. */
  public ServiceProblem problem(Instant now) {
    Progress free = new Progress(now, standing(), over, List.of());
    ServiceProblem open = problem(free);
    List<Placement> locked =
        wanted().stream().flatMap(key -> locked(key, open.problem()).stream()).toList();
    return locked.isEmpty() ? open : problem(new Progress(now, standing(), over, locked));
  }

  private ServiceProblem problem(Progress progress) {
    Brigade now =
        new Brigade(
            hands.all(),
            brigade.burners().stream().filter(one -> works(one.id().toString())).toList(),
            brigade.ovens(),
            Stream.concat(brigade.taken().stream(), Stream.concat(hands.gaps().stream(), broken()))
                .toList(),
            brigade.machines());
    return ServiceProblem.of(lasting(), now, from, end, progress);
  }

  private boolean works(String resource) {
    return !failed.containsKey(resource);
  }

  private Stream<Brigade.Taken> broken() {
    return failed.entrySet().stream()
        .sorted(Map.Entry.comparingByKey())
        .map(one -> new Brigade.Taken(one.getKey(), one.getValue(), end));
  }

  /** What it holds does not work: it holds nothing, until somebody says where it went. */
  private Map<String, Begun> standing() {
    return begun.entrySet().stream()
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
    return tasks.values().stream()
        .map(
            task -> {
              Duration by = longerBy(task);
              return by.isZero() ? task : task.lasting(task.effort().longer(by));
            })
        .toList();
  }

  /** What is expected of it says more than that it takes longer. */
  private Duration longerBy(Task task) {
    Instant until = expected.get(task.key());
    Duration likely = task.effort().total().likely();
    if (until != null && begun.containsKey(task.key())) {
      return Duration.between(begunAt(task.key()), until).minus(likely);
    }
    double slower = begun.containsKey(task.key()) ? 1 : slower(task);
    return longer
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
    Wanted where = Optional.ofNullable(wanted.get(key)).orElseThrow();
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
}
