package urnstew.app.serving;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.Placing;

/** Pots and burners that a meal has given away: whoever comes next takes others where it can. */
public final class InUse {
  private final Set<UUID> ids = new HashSet<>();

  /** By its sauces, and by what stands there already. */
  public InUse(List<Placing> sauces, Set<UUID> taken) {
    ids.addAll(taken);
    for (Placing placing : sauces) {
      placing.pot().map(Vessel::id).ifPresent(ids::add);
      placing.burner().map(HeatSource::id).ifPresent(ids::add);
    }
  }

  void take(UUID id) {
    ids.add(id);
  }

  /** Of these what is free, or all of them where nothing is. */
  List<Vessel> free(Collection<Vessel> vessels) {
    List<Vessel> free =
        vessels.stream().filter(one -> !one.tray() && !ids.contains(one.id())).toList();
    return free.isEmpty() ? List.copyOf(vessels) : free;
  }

  /** Whether a burner is still free. */
  boolean isFree(HeatSource burner) {
    return !ids.contains(burner.id());
  }
}
