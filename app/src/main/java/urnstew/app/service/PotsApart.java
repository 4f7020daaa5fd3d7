package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.sizing.Meal.Served;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Split;
import urnstew.core.formula.Split.Branch;
import urnstew.core.formula.Split.Group;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.service.ServiceTasks;
import urnstew.core.service.ServiceTasks.Sauce;
import urnstew.core.sizing.Need;
import urnstew.core.task.Need.OfBurner;
import urnstew.core.task.Need.OfVessel;
import urnstew.core.task.Subject;
import urnstew.units.Mass;

/**
 * Small pots for eaters who leave something out: from when their share leaves, or from the start.
 */
@Component
class PotsApart {
  /** A share is stirred in a pot with room for half as much again (assumption). */
  private static final double ROOM = 1.5;

  private static final Moment START = new Moment(0, "", Duration.ZERO);

  private final KitchenService kitchens;
  private final EquipmentService equipment;

  PotsApart(KitchenService kitchens, EquipmentService equipment) {
    this.kitchens = kitchens;
    this.equipment = equipment;
  }

  /** What a pot of the dish itself takes, its eaters with pots of their own left out. */
  static ResolvedFormula inPot(Served served, ResolvedFormula batch) {
    return theirs(served)
        .map(branch -> Split.goesOn(branch, batch, covers(served), START))
        .orElseGet(() -> served.split().inPot(batch, covers(served), own(served)));
  }

  /** For whom that pot is. */
  static Need need(Served served) {
    Mass each = served.dish().need().serving();
    return theirs(served)
        .map(branch -> new Need(branch.group().covers(), each))
        .orElseGet(
            () ->
                new Need(
                    covers(served) - own(served).stream().mapToInt(Group::covers).sum(), each));
  }

  /**
   * Where no eater is left for a common pot, that of the dish is for the most of them from the
   * beginning, and the others have their own: what stands in for the one may be what another leaves
   * out.
   */
  private static Optional<Branch> theirs(Served served) {
    // A base is made for others too: nobody's own.
    boolean ofBase = served.from().filter(one -> one.variant().factor() > 0).isPresent();
    int all = leaving(served).mapToInt(one -> one.group().covers()).sum();
    return ofBase || all < covers(served)
        ? Optional.empty()
        : leaving(served).max(Comparator.comparingInt(one -> one.group().covers()));
  }

  private static Stream<Branch> leaving(Served served) {
    return served.split().branches().stream().filter(one -> one.leavesAt().isPresent());
  }

  private static double covers(Served served) {
    return served.dish().need().covers();
  }

  private static Set<Group> own(Served served) {
    return leaving(served)
        .filter(one -> one.leavesAt().filter(Moment::isFirst).isPresent())
        .map(Branch::group)
        .collect(Collectors.toSet());
  }

  /**
   * The work of them.
   *
   * @param all to which it comes
   * @param sauce of the dish
   * @return keys of the work after which each is there
   */
  List<String> add(ServiceTasks all, Subject dish, Sauce sauce, Served served, Instant hour) {
    Optional<Branch> theirs = theirs(served);
    List<Branch> apart =
        leaving(served).filter(one -> theirs.filter(one::equals).isEmpty()).toList();
    List<String> keys = new ArrayList<>();
    for (Branch branch : apart) {
      Subject own =
          new Subject(
              dish.place(),
              dish.id() + "-apart-" + keys.size(),
              dish.name() + ", " + branch.group().name());
      keys.add(all.apart(apart(all, own, sauce, served, branch, hour)));
    }
    return keys;
  }

  private ServiceTasks.Apart apart(
      ServiceTasks all, Subject own, Sauce sauce, Served served, Branch branch, Instant hour) {
    Moment leaves = branch.leavesAt().orElseThrow();
    ResolvedFormula batch = served.dish().batch();
    boolean parted = theirs(served).isEmpty() && all.comesTo(sauce.of(), leaves);
    Moment from = parted ? leaves : START;
    ResolvedFormula still = Split.goesOn(branch, batch, covers(served), from);
    double share = branch.group().covers() / covers(served);
    return new ServiceTasks.Apart(
        own,
        sauce.of(),
        sauce.last(),
        from,
        branch.share(),
        still,
        Split.standIns(branch, batch),
        held(all, served.dish().made().times(share)),
        hour);
  }

  /** The smallest pot in which nothing stands or is meant, on the weakest burner that will do. */
  private List<urnstew.core.task.Need> held(ServiceTasks all, Mass mass) {
    Set<UUID> taken =
        all.all().stream()
            .flatMap(task -> task.needs().stream())
            .filter(OfVessel.class::isInstance)
            .map(need -> ((OfVessel) need).id())
            .collect(Collectors.toSet());
    Optional<Vessel> pot =
        equipment.freeVessels().stream()
            .filter(vessel -> !vessel.tray() && !taken.contains(vessel.id()))
            .filter(vessel -> full(vessel) >= ROOM * mass.kilograms() / 1000)
            .min(Comparator.comparingDouble(PotsApart::full));
    Optional<HeatSource> burner =
        kitchens.view().heatSources().stream()
            .map(HeatSourceView::heatSource)
            .min(Comparator.comparing(HeatSource::powerIntoPot));
    return Stream.concat(
            pot.<urnstew.core.task.Need>map(one -> new OfVessel(one.id(), one.name())).stream(),
            burner.<urnstew.core.task.Need>map(one -> new OfBurner(one.id(), one.name())).stream())
        .toList();
  }

  private static double full(Vessel vessel) {
    return vessel.shape().cubicMetersAt(vessel.shape().depth().meters());
  }
}
