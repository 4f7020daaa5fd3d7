package urnstew.core.service;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Mode;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.task.Need;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.InvalidInput;

/** The ways in which a kitchen can do a task: on which burner, in which oven, in how long. */
final class Ways {
  private final Brigade brigade;
  private final LitPots pots;

  Ways(Brigade brigade, LitPots pots) {
    this.brigade = brigade;
    this.pots = pots;
  }

  /** On any burner that will do, in any oven that gets as hot. */
  List<Mode> modes(Task task, int lasts) {
    List<List<Claim>> ways = List.of(List.of());
    for (Need need : task.needs()) {
      boolean held = pots.litBy(task.key()).isPresent() && isPlace(need);
      boolean apart = pots.emptyAfter().containsKey(task.key()) && need instanceof Need.OfVessel;
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
    return times <= 1 ? lasts : ServiceProblem.up(Duration.ofSeconds(Math.round(lasts * times)));
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

  /**
   * Its own first, then those that are as strong: what they give too much is turned down. Where its
   * own does not work any more, any other has to do.
   */
  private List<Claim> burners(Need.OfBurner wanted, boolean weakerToo) {
    Optional<HeatSource> own = burner(wanted.id().toString());
    Stream<HeatSource> others =
        brigade.burners().stream()
            .filter(one -> !one.id().equals(wanted.id()))
            .filter(
                one ->
                    weakerToo
                        || own.isEmpty()
                        || own.get().powerIntoPot().compareTo(one.powerIntoPot()) <= 0);
    List<Claim> all =
        Stream.concat(own.stream(), others)
            .<Claim>map(one -> new Claim.Alone(one.id().toString()))
            .toList();
    return all.isEmpty() ? List.of(new Claim.Alone(wanted.id().toString())) : all;
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
}
