package urnstew.app.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.LineView;
import urnstew.app.batch.BatchView.ReadView;
import urnstew.app.plan.CurvePoint;
import urnstew.app.plan.HeatingChoice;
import urnstew.app.print.FallPrint;
import urnstew.app.print.Printed;
import urnstew.app.print.PrintedPages;

/** Everything about one pot on one printed page, for whoever takes it over. */
final class HandOverPrint {
  private static final float HOUR_SHARE = 0.12f;
  private static final float MASS_SHARE = 0.16f;

  private final BatchView batch;
  private final Instant at;
  private final ForecastView forecast;
  private final Printed printed;

  /**
   * The page.
   *
   * @param at moment that it shows
   */
  HandOverPrint(BatchView batch, Printed printed, Instant at) {
    this.batch = batch;
    this.at = at;
    this.forecast = batch.forecast();
    this.printed = printed;
  }

  byte[] pdf() {
    PrintedPages pages =
        new PrintedPages(batch.name() + ", handed over at " + printed.hour(at))
            .text(pot())
            .lead(thick())
            .text(band());
    forecast.cautions().forEach(caution -> pages.text("! " + caution.text()));
    pages.lead("For whoever eats it: " + String.join("; ", batch.declaration().inWords()));
    if (forecast.thickAt() != null) {
      pages.fall(fall());
    }
    section(pages, "Still to do", HOUR_SHARE, toDo());
    section(pages, "What was read and done", HOUR_SHARE, happened());
    section(pages, "In the pot and to come", MASS_SHARE, lines());
    return pages.pdf();
  }

  private static void section(
      PrintedPages pages, String title, float share, List<List<String>> rows) {
    if (!rows.isEmpty()) {
      pages.heading(title).rows(share, rows);
    }
  }

  private String pot() {
    BatchView.PotView pot = batch.pot();
    return "%s on %s · %s · lid %s · lit %s"
        .formatted(
            pot.vessel().name(),
            pot.heatSourceName(),
            heating(pot),
            lid(pot),
            printed.hour(batch.startedAt()));
  }

  private String heating(BatchView.PotView pot) {
    return heat()
        .map(
            heat ->
                new HeatingChoice(
                        heat.way(), heat.burnerShare(), heat.ovenCelsius(), null, heat.fan())
                    .inWords())
        .orElseGet(() -> pot.heating().inWords());
  }

  private String lid(BatchView.PotView pot) {
    return heat().map(ForecastView.HeatFrom::lid).orElse(pot.lid()).name().toLowerCase(Locale.ROOT);
  }

  /** As it is heated at the moment that is shown. */
  private Optional<ForecastView.HeatFrom> heat() {
    return forecast.heats().stream()
        .filter(heat -> !heat.at().isAfter(at))
        .reduce((before, last) -> last);
  }

  private String thick() {
    return forecast.thickAt() == null
        ? String.valueOf(forecast.neverReason())
        : "Thick enough at " + printed.hour(forecast.thickAt());
  }

  private String band() {
    return "most likely %s to %s, from %d %s · %s at the end · salt %.1f %% then · stir every"
            .formatted(
                printed.hour(forecast.earliest()),
                printed.hour(forecast.latest()),
                forecast.readings(),
                forecast.readings() == 1 ? "reading" : "readings",
                printed.mass(forecast.endMassKilograms()),
                100 * forecast.saltFraction())
        + " "
        + Math.round(forecast.stirEverySeconds() / 60.0)
        + " min";
  }

  private List<List<String>> toDo() {
    return batch.toDo().stream().map(one -> List.of(printed.hour(one.at()), words(one))).toList();
  }

  private String words(ToDoView one) {
    Double mass = one.massKilograms();
    List<String> words = new ArrayList<>();
    words.add(mass == null ? one.what() : "Add " + printed.mass(mass) + " " + one.what());
    words.add(one.detail());
    words.add(
        one.lines().stream()
            .map(line -> printed.mass(line.massKilograms()) + " " + line.name())
            .collect(Collectors.joining(", ")));
    words.add(one.caution().isEmpty() ? "" : "mind: " + one.caution());
    words.add(one.takeOuts().isEmpty() ? "" : "take out: " + String.join(", ", one.takeOuts()));
    words.add(one.ready().isEmpty() ? "" : "ready: " + one.ready());
    return words.stream().filter(word -> !word.isEmpty()).collect(Collectors.joining(" · "));
  }

  private List<List<String>> happened() {
    return batch.events().stream()
        .filter(event -> !event.struckOut() && !words(event).isEmpty())
        .map(event -> List.of(printed.hour(event.happenedAt()), words(event)))
        .toList();
  }

  private String words(EventView event) {
    Double kilograms = event.massKilograms();
    String mass = kilograms == null ? "" : printed.mass(kilograms);
    return switch (event.kind()) {
      case READING_TAKEN -> words(event.read());
      case POURED -> mass + " " + event.what() + " went in, as poured";
      case ADDED -> mass + " " + event.what() + " added";
      case LADLED_OUT -> mass + " ladled out";
      case PIECES_TAKEN_OUT -> "pieces taken out";
      case CAME_OVER -> mass + " came over: " + event.what();
      case SET_OTHERWISE -> event.what();
      case TARGET_SET -> "another thickness wanted";
      case TASTED -> "found: " + event.what();
      case CUPS_TRIED -> mass + " tried in cups: " + event.what();
      case STRUCK_OUT, RESTORED, SIMMER_STARTED, STEP_DONE, FINISHED -> "";
    };
  }

  private String words(ReadView read) {
    if (read.netKilograms() != null) {
      return printed.mass(read.netKilograms()) + " in the pot";
    }
    if (read.depthMeters() != null) {
      return printed.depth(read.depthMeters()) + " deep";
    }
    if (read.spreadMeters() != null) {
      return printed.depth(read.spreadMeters()) + " wide on the plate";
    }
    if (read.temperatureCelsius() != null) {
      return printed.temperature(read.temperatureCelsius()) + ", stirred";
    }
    Double soluble = read.solubleFraction();
    return soluble == null ? "" : String.format(Locale.ROOT, "%.1f °Brix", 100 * soluble);
  }

  private List<List<String>> lines() {
    return forecast.lines().stream()
        .map(line -> List.of(printed.mass(line.dueKilograms()), line.name() + state(line)))
        .toList();
  }

  private static String state(LineView line) {
    return line.poured() ? ", as poured" : line.later() ? ", to come" : "";
  }

  private FallPrint fall() {
    List<FallPrint.Point> likely = points(forecast.likely());
    List<List<FallPrint.Point>> edges = List.of(points(forecast.early()), points(forecast.late()));
    List<FallPrint.Point> readings =
        forecast.reads().stream().map(read -> point(read.at(), read.kilograms())).toList();
    double wanted = likely.get(likely.size() - 1).mass();
    return new FallPrint(
        likely,
        edges,
        readings,
        wanted,
        "%s, %.1f %% solids at %s"
            .formatted(
                forecast.band(), 100 * forecast.equivalentSolidsFraction(), printed.mass(wanted)),
        "%s, %s".formatted(printed.hour(first().at()), printed.mass(first().massKilograms())),
        printed.hour(forecast.latest()));
  }

  private CurvePoint first() {
    return forecast.likely().get(0);
  }

  private static List<FallPrint.Point> points(List<CurvePoint> curve) {
    return curve.stream().map(point -> point(point.at(), point.massKilograms())).toList();
  }

  private static FallPrint.Point point(Instant at, double kilograms) {
    return new FallPrint.Point(at.toEpochMilli(), kilograms);
  }
}
