package urnstew.core.serving.part;

import java.time.Duration;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;

/**
 * What shares an oven with a tray.
 *
 * @param id stable key
 * @param name as cooks say it
 * @param coolest air that it takes
 * @param hottest air that it takes
 * @param minutes at its own temperature, in the middle of both
 * @param note how
 * @param source of the row
 */
public record OvenNeighbour(
    String id,
    String name,
    Temperature coolest,
    Temperature hottest,
    Span minutes,
    String note,
    String source) {
  private static final List<OvenNeighbour> SHIPPED =
      ReferenceTable.rows("oven-neighbours").stream().map(OvenNeighbour::read).toList();

  /** Kept by the tray's temperature it may be so far off its own, K. */
  private static final double BEARS_KELVINS = 10;

  /** Its surface while it is moist, which the air heats against (assumption). */
  private static final double WET_CELSIUS = 85;

  /** The shipped ones. */
  public static List<OvenNeighbour> shipped() {
    return SHIPPED;
  }

  /**
   * One of the shipped ones.
   *
   * @throws InvalidInput {@code neighbourId} if there is none of that key
   */
  public static OvenNeighbour of(String id) {
    return SHIPPED.stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInput(
                    "neighbourId",
                    "unknown",
                    "There is no '" + id + "' among what goes into an oven.",
                    "one of the table",
                    "Choose one of the list."));
  }

  /** Its own air: the middle of both. */
  public Temperature ownAir() {
    return Temperature.ofCelsius((coolest.celsius() + hottest.celsius()) / 2);
  }

  /** Whether it goes into an oven that is set for something else. */
  public boolean goesInAt(Temperature oven) {
    return oven.celsius() >= coolest.celsius() - BEARS_KELVINS
        && oven.celsius() <= hottest.celsius() + BEARS_KELVINS;
  }

  /** Its minutes there: heat goes with the difference to its moist surface. */
  public Span minutesAt(Temperature oven) {
    double times = (ownAir().celsius() - WET_CELSIUS) / (oven.celsius() - WET_CELSIUS);
    return new Span(
        times(minutes.least(), times),
        times(minutes.likely(), times),
        times(minutes.most(), times));
  }

  private static Duration times(Duration one, double factor) {
    return Duration.ofSeconds(Math.round(one.toSeconds() * factor));
  }

  private static OvenNeighbour read(CSVRecord row) {
    double least = number(row, "minutes_least");
    double most = number(row, "minutes_most");
    return new OvenNeighbour(
        row.get("id"),
        row.get("name"),
        Temperature.ofCelsius(number(row, "celsius_least")),
        Temperature.ofCelsius(number(row, "celsius_most")),
        new Span(minutes(least), minutes((least + most) / 2), minutes(most)),
        row.get("note"),
        row.get("source"));
  }

  private static Duration minutes(double minutes) {
    return Duration.ofSeconds(Math.round(60 * minutes));
  }

  private static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }
}
