package urnstew.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Where one of several sauces of a meal is cooked: each has a pot of its own, and a burner of its
 * own as far as there are any. The largest chooses first, the smallest pot with room for it and the
 * strongest burner.
 *
 * @param fits stage by stage, in the pot that it gets
 * @param burner on which that stands; empty where none is left, or where all of it is in the oven
 * @param waitsFor name of what has the only pot with room for it; empty where it has its own
 */
public record Placing(List<StageFit> fits, Optional<HeatSource> burner, Optional<String> waitsFor) {
  /** For a dish of which nothing is cooked. */
  public static final Placing NOWHERE = new Placing(List.of(), Optional.empty(), Optional.empty());

  public Placing {
    fits = List.copyOf(fits);
  }

  /**
   * One of them.
   *
   * @param name for whoever waits for it
   * @param batch at its own size
   * @param target thickness of the sauce; empty for a part
   */
  public record Cooked(String name, ResolvedFormula batch, Optional<MassFraction> target) {}

  /**
   * Places them, each in its turn.
   *
   * @param kitchen all vessels there are
   * @param burners all there are
   * @param hot temperature at which volumes are taken
   * @return one for each, in the order given
   */
  public static List<Placing> of(
      List<Cooked> all,
      Collection<Vessel> kitchen,
      Collection<HeatSource> burners,
      Temperature hot) {
    Stove stove = new Stove(kitchen, burners, hot);
    Placing[] placings = new Placing[all.size()];
    IntStream.range(0, all.size())
        .boxed()
        .sorted(Comparator.comparing((Integer i) -> all.get(i).batch().mass()).reversed())
        .forEach(i -> placings[i] = stove.place(all.get(i)));
    return List.of(placings);
  }

  /** The pot of it; empty where all of it is in trays, or nothing is cooked. */
  public Optional<Vessel> pot() {
    return fits.stream().map(StageFit::vessel).filter(vessel -> !vessel.tray()).findFirst();
  }

  private boolean hasRoom() {
    return fits.stream().allMatch(StageFit::hasRoom);
  }

  /** Pots and burners, of which fewer are left with each that is placed. */
  private static final class Stove {
    private final Collection<Vessel> kitchen;
    private final List<Vessel> free;
    private final List<HeatSource> burners;
    private final Temperature hot;
    private final List<Given> given = new ArrayList<>();

    /** A sauce and the pot and burner that it was given. */
    private record Given(String name, Placing placing) {}

    Stove(Collection<Vessel> kitchen, Collection<HeatSource> burners, Temperature hot) {
      this.kitchen = kitchen;
      this.free = new ArrayList<>(kitchen);
      this.burners =
          new ArrayList<>(
              burners.stream()
                  .sorted(Comparator.comparing(HeatSource::powerIntoPot).reversed())
                  .toList());
      this.hot = hot;
    }

    Placing place(Cooked one) {
      Placing own = in(one, free);
      if (own.hasRoom() && !own.fits().isEmpty()) {
        Optional<Vessel> pot = own.pot();
        pot.ifPresent(free::remove);
        boolean heated = pot.isPresent() && !burners.isEmpty();
        Placing placing = heated ? own.on(Optional.of(burners.remove(0)), Optional.empty()) : own;
        given.add(new Given(one.name(), placing));
        return placing;
      }
      Placing later = in(one, kitchen);
      return later
          .pot()
          .flatMap(this::whoHas)
          .map(has -> later.on(has.placing().burner(), Optional.of(has.name())))
          .orElse(later);
    }

    private Placing in(Cooked one, Collection<Vessel> vessels) {
      return new Placing(
          StageFit.inBestPot(one.batch(), one.target(), vessels, hot),
          Optional.empty(),
          Optional.empty());
    }

    private Optional<Given> whoHas(Vessel pot) {
      return given.stream()
          .filter(one -> one.placing().pot().filter(pot::equals).isPresent())
          .findFirst();
    }
  }

  private Placing on(Optional<HeatSource> heat, Optional<String> after) {
    return new Placing(fits, heat, after);
  }
}
