package urnstew.core.service;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import urnstew.core.task.Need;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** Pots that stay where they are lit: until when on their burner, and until when they are full. */
final class LitPots {
  private final List<Task> all;

  /** Key of the last task in it, by the one that lights it. */
  private final Map<String, String> lastIn = new HashMap<>();

  /** Key of what is over when it is empty, by the one that lights it. */
  private final Map<String, String> emptyAfter = new HashMap<>();

  /** Who put the pot on its burner in which a task is done. */
  private final Map<String, String> standing = new HashMap<>();

  private LitPots(List<Task> all) {
    this.all = List.copyOf(all);
  }

  static LitPots of(List<Task> all) {
    LitPots pots = new LitPots(all);
    pots.find();
    return pots;
  }

  Map<String, String> lastIn() {
    return lastIn;
  }

  Map<String, String> emptyAfter() {
    return emptyAfter;
  }

  Optional<String> litBy(String key) {
    return Optional.ofNullable(standing.get(key));
  }

  /** A pot that is lit stays until the last task in it. */
  private void find() {
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
        lastIn.put(light.key(), last.key());
        emptyAfter.put(light.key(), emptied(last).orElse(last).key());
        later.forEach(one -> standing.put(one.key(), light.key()));
      }
    }
  }

  /** What is cooked stays in its pot until the last of its plates are out; pasta is drained. */
  private Optional<Task> emptied(Task last) {
    List<Task> next = followers(Set.of(last.key()));
    boolean drained = next.stream().anyMatch(task -> task.kind() == Kind.TOSS);
    if (last.kind() == Kind.TOSS || (last.kind() == Kind.COOK && drained)) {
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
    return all.stream()
        .filter(task -> task.kind() == Kind.SERVE && seen.contains(task.key()))
        .max(Comparator.comparing((Task task) -> task.due().at()).thenComparing(Task::key));
  }

  private List<Task> followers(Set<String> keys) {
    return all.stream()
        .filter(task -> task.follows().stream().anyMatch(one -> keys.contains(one.key())))
        .toList();
  }

  static Set<UUID> vessels(Task task) {
    return task.needs().stream()
        .filter(Need.OfVessel.class::isInstance)
        .map(need -> ((Need.OfVessel) need).id())
        .collect(Collectors.toSet());
  }
}
