package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import urnstew.core.service.ServiceEvent.TakesLonger;
import urnstew.core.service.ServiceEvent.Wanted;
import urnstew.core.task.Follows;
import urnstew.core.task.Task;

/** What follows from one entry after the other. */
final class Happenings {
  private final Map<String, Task> tasks;
  private final Brigade brigade;
  private final Instant from;
  private final LitPots pots;

  final Map<String, Begun> begun = new HashMap<>();
  final Map<String, Instant> over = new HashMap<>();
  final Map<String, Duration> longer = new HashMap<>();
  final Map<String, Instant> expected = new HashMap<>();
  final Map<String, Wanted> wanted = new HashMap<>();
  final Map<String, Instant> failed = new HashMap<>();
  final Hands hands;

  Happenings(Map<String, Task> tasks, LitPots pots, Brigade brigade, Instant from, Instant end) {
    this.tasks = tasks;
    this.pots = pots;
    this.brigade = brigade;
    this.from = from;
    this.hands = new Hands(brigade.hands(), end);
  }

  /** All that counts, in the order in which it happened. */
  void all(Stream<ServiceEntry> entries) {
    entries.sorted(Comparator.comparing(ServiceEntry::at)).forEach(this::note);
    Set.copyOf(begun.keySet()).forEach(this::imply);
  }

  private void note(ServiceEntry entry) {
    Instant at = entry.at().isBefore(from) ? from : entry.at();
    if (!ofWork(entry.event(), at)) {
      ofKitchen(entry.event(), at);
    }
  }

  private boolean ofWork(ServiceEvent event, Instant at) {
    if (event instanceof Began began && tasks.containsKey(began.key())) {
      pots.litBy(began.key())
          .filter(light -> !begun.containsKey(light))
          .ifPresent(light -> begin(light, at, began));
      begin(began.key(), at, began);
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

  private void begin(String key, Instant at, Began as) {
    Set<String> holds = own(key, as.holds());
    makeRoom(key, holds, at);
    begun.put(key, new Begun(at, as.by(), holds));
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

  Instant begunAt(String key) {
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
}
