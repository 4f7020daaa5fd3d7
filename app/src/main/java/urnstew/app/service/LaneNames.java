package urnstew.app.service;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import urnstew.app.service.BenchView.BenchLaneView;
import urnstew.app.service.BenchView.LaneKind;
import urnstew.core.kitchen.Vessel;
import urnstew.core.service.Brigade;
import urnstew.core.service.Brigade.Hand;

/**
 * The lanes of a bench: hands first, then burners, ovens and machines.
 *
 * @param pots names of what has no lane
 */
record LaneNames(List<BenchLaneView> lanes, Map<String, String> pots) {
  static LaneNames of(Brigade brigade, List<Vessel> vessels) {
    return of(brigade, brigade.hands().stream().map(Hand::name).toList(), vessels);
  }

  /** With cooks who came unasked too. */
  static LaneNames of(Brigade brigade, List<String> cooks, List<Vessel> vessels) {
    List<BenchLaneView> all = new ArrayList<>();
    cooks.forEach(one -> all.add(new BenchLaneView(LaneKind.COOK, one, one)));
    brigade
        .burners()
        .forEach(
            one -> all.add(new BenchLaneView(LaneKind.BURNER, one.id().toString(), one.name())));
    brigade
        .ovens()
        .forEach(
            one ->
                all.add(
                    new BenchLaneView(
                        LaneKind.OVEN, one.oven().id().toString(), one.oven().name())));
    brigade.machines().stream()
        .sorted()
        .forEach(one -> all.add(new BenchLaneView(LaneKind.MACHINE, one, one)));
    return new LaneNames(
        List.copyOf(all),
        vessels.stream().collect(Collectors.toMap(pot -> pot.id().toString(), Vessel::name)));
  }

  boolean has(String resource) {
    return lanes.stream().anyMatch(one -> one.id().equals(resource));
  }

  /** What a cook calls it; the resource itself where it is none of the lanes. */
  String of(String resource) {
    return lanes.stream()
        .filter(one -> one.id().equals(resource))
        .map(BenchLaneView::name)
        .findFirst()
        .orElse(pots.getOrDefault(resource, resource));
  }
}
