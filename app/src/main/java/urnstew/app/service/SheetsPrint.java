package urnstew.app.service;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.app.print.Printed;
import urnstew.app.print.PrintedPages;
import urnstew.app.service.BenchView.BenchHourView;
import urnstew.app.service.BenchView.BenchLaneView;
import urnstew.app.service.BenchView.BenchTakeOutView;
import urnstew.app.service.BenchView.BenchWorkView;
import urnstew.app.service.BenchView.LaneKind;
import urnstew.app.sizing.MealView;
import urnstew.app.sizing.MealView.DishView;
import urnstew.app.task.TaskView;

/** A run sheet for each cook, and the pass: plates, what comes out first, who may not eat what. */
final class SheetsPrint {
  private static final float HOUR_SHARE = 0.14f;

  private final BenchView bench;
  private final MealView meal;
  private final Printed printed;

  SheetsPrint(BenchView bench, MealView meal, Printed printed) {
    this.bench = bench;
    this.meal = meal;
    this.printed = printed;
  }

  byte[] pdf() {
    PrintedPages pages = new PrintedPages(bench.name());
    bench.hours().forEach(hour -> pages.lead(plates(hour)));
    bench.lanes().stream()
        .filter(lane -> lane.kind() == LaneKind.COOK)
        .forEach(cook -> pages.heading(cook.name()).rows(HOUR_SHARE, sheet(cook)));
    pages.heading("The pass");
    for (int place = 0; place < bench.hours().size(); place++) {
      pass(pages, place);
    }
    return pages.pdf();
  }

  private String plates(BenchHourView hour) {
    Instant until = hour.until();
    String when = printed.hour(hour.at()) + (until == null ? "" : " to " + printed.hour(until));
    return "%s · %d × %s".formatted(when, hour.covers(), hour.dish());
  }

  private List<List<String>> sheet(BenchLaneView cook) {
    return bench.work().stream()
        .filter(work -> cook.name().equals(work.by()))
        .map(work -> List.of(printed.hour(work.begins()), words(work)))
        .toList();
  }

  private String words(BenchWorkView work) {
    String until =
        work.ends().isAfter(work.handsUntil())
            ? "by itself until " + printed.hour(work.ends())
            : "until " + printed.hour(work.ends());
    return Stream.concat(
            Stream.of(work.task().name() + ": " + work.task().what() + figure(work.task())),
            Stream.concat(places(work), Stream.of(until)))
        .collect(Collectors.joining(" · "));
  }

  private String figure(TaskView task) {
    Double mass = task.massKilograms();
    Double celsius = task.celsius();
    if (mass != null) {
      return ", " + printed.mass(mass);
    }
    if (celsius != null) {
      return ", " + printed.temperature(celsius);
    }
    return task.plates() == null ? "" : ", " + task.plates() + " plates";
  }

  private Stream<String> places(BenchWorkView work) {
    Stream<String> pots =
        work.task().needs().stream()
            .filter(need -> need.holds() == TaskView.Holds.VESSEL)
            .map(TaskView.NeedView::name);
    Stream<String> lanes =
        work.holds().stream()
            .flatMap(hold -> bench.lanes().stream().filter(lane -> lane.id().equals(hold.laneId())))
            .map(BenchLaneView::name);
    return Stream.concat(pots, lanes).distinct();
  }

  private void pass(PrintedPages pages, int place) {
    BenchHourView hour = bench.hours().get(place);
    List<List<String>> rows = new ArrayList<>();
    bench.takeOuts().stream()
        .filter(out -> out.dish().equals(hour.dish()))
        .map(BenchTakeOutView::what)
        .forEach(what -> rows.add(List.of("take out", what)));
    // By its place: two dishes can have one name, and be for others.
    meal.dishes().stream()
        .skip(place)
        .findFirst()
        .filter(dish -> dish.name().equals(hour.dish()) && dish.covers() == hour.covers())
        .ifPresentOrElse(
            dish -> eaters(rows, dish),
            () -> rows.add(List.of("in it", "NOT KNOWN: the meal was written otherwise")));
    pages.text(plates(hour)).rows(HOUR_SHARE, rows);
  }

  private static void eaters(List<List<String>> rows, DishView dish) {
    dish.branches()
        .forEach(
            one ->
                rows.add(
                    List.of(
                        "apart",
                        "%d, %s: no %s"
                            .formatted(
                                one.covers(),
                                one.group(),
                                String.join(", ", one.without()).toLowerCase(Locale.ROOT)))));
    rows.add(List.of("in it", String.join("; ", dish.declaration().inWords())));
  }
}
