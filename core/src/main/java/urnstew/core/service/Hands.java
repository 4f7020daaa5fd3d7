package urnstew.core.service;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.service.Brigade.Hand;
import urnstew.core.service.Brigade.Taken;

/** Cooks as they come and go. */
final class Hands {
  private final Map<String, Hand> all = new LinkedHashMap<>();
  private final Map<String, Instant> leftAt = new HashMap<>();
  private final List<Taken> gaps = new ArrayList<>();
  private final Instant end;

  Hands(List<Hand> hands, Instant end) {
    hands.forEach(one -> all.put(one.name(), one));
    this.end = end;
  }

  void left(String name, Instant at) {
    if (all.containsKey(name)) {
      leftAt.putIfAbsent(name, at);
    }
  }

  void came(String name, Instant at) {
    Instant gone = leftAt.remove(name);
    if (gone != null) {
      gaps.add(new Taken(name, gone, at));
    }
    all.merge(name, new Hand(name, at, end), (was, now) -> there(was, at));
  }

  /** Earlier than said, or later: then not between. */
  private Hand there(Hand was, Instant at) {
    if (!at.isBefore(was.until())) {
      gaps.add(new Taken(was.name(), was.until(), at));
      return new Hand(was.name(), was.from(), end);
    }
    return at.isBefore(was.from()) ? new Hand(was.name(), at, was.until()) : was;
  }

  List<Hand> all() {
    return List.copyOf(all.values());
  }

  /** When somebody was not there. */
  List<Taken> gaps() {
    return Stream.concat(
            gaps.stream(),
            leftAt.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(one -> new Taken(one.getKey(), one.getValue(), end)))
        .toList();
  }

  Set<String> away(Instant now) {
    return all.values().stream()
        .filter(
            one ->
                leftAt.containsKey(one.name())
                    || now.isBefore(one.from())
                    || !now.isBefore(one.until()))
        .map(Hand::name)
        .collect(Collectors.toSet());
  }
}
