package urnstew.app.service;

import java.util.List;
import java.util.Optional;
import urnstew.app.service.BenchConflictView.BenchWishView;
import urnstew.app.service.BenchConflictView.WishKind;
import urnstew.core.bench.Conflict;
import urnstew.core.bench.Conflict.WayOut;
import urnstew.core.bench.Wish;
import urnstew.core.service.ServiceProblem;
import urnstew.core.task.Task;

/** What cannot be had together, in a cook's words. */
record ConflictWords(ServiceProblem service, LaneNames lanes) {
  BenchConflictView of(Optional<Conflict> conflict) {
    return conflict
        .map(
            one ->
                new BenchConflictView(
                    one.waysOut().stream().map(this::wish).toList(), one.proven()))
        .orElse(new BenchConflictView(List.of(), false));
  }

  private BenchWishView wish(WayOut way) {
    Wish wish = way.wish();
    boolean helps = way.schedule().isPresent();
    Long missed = way.missedSeconds().map(Integer::longValue).orElse(null);
    if (wish instanceof Wish.OnTime late) {
      String what = name(late.key()) + " is out at its hour";
      return new BenchWishView(WishKind.ON_TIME, late.key(), null, what, missed, helps);
    }
    if (wish instanceof Wish.Fresh fresh) {
      String what = name(fresh.before()) + " does not wait too long for " + name(fresh.after());
      return new BenchWishView(WishKind.FRESH, fresh.before(), fresh.after(), what, missed, helps);
    }
    if (wish instanceof Wish.Locked locked) {
      String what = name(locked.key()) + " stays where it was put";
      return new BenchWishView(WishKind.LOCKED, locked.key(), null, what, missed, helps);
    }
    if (wish instanceof Wish.Held held) {
      String resource = held.occupied().resource();
      String what = lanes.of(resource) + " is left to what stands there";
      return new BenchWishView(WishKind.HELD, resource, null, what, missed, helps);
    }
    String cook = ((Wish.Hours) wish).cook();
    return new BenchWishView(
        WishKind.HOURS, cook, null, cook + " comes and leaves as said", missed, helps);
  }

  private String name(String key) {
    List<Task> all = service.tasks();
    return all.stream()
        .filter(task -> task.key().equals(key))
        .map(task -> task.subject().name() + " (" + task.what() + ")")
        .findFirst()
        .orElse(key);
  }
}
