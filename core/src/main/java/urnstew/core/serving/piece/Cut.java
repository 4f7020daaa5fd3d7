package urnstew.core.serving.piece;

import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.conduction.Body;
import urnstew.core.conduction.Cooling;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.rules.CookedFood;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;

/**
 * A kind of piece: its shape, what its heat crosses, and when it is good.
 *
 * @param id stable key
 * @param name as cooks say it
 * @param ingredientId of the pantry
 * @param body shape that its heat crosses
 * @param usual thickness or diameter
 * @param thinnest that the figures hold for
 * @param thickest that the figures hold for
 * @param usualMass one of that thickness
 * @param wattsPerMeterKelvin conductivity, W/(m K)
 * @param squareMetersPerSecond diffusivity, m²/s
 * @param food what a rule set counts it as
 * @param taste core that cooks like, and beyond which it suffers
 * @param tender minutes, where doneness is not the core
 * @param ready how it looks when it is; empty where nothing tells
 * @param juice share of its weight that it gives
 * @param waitsMinutes that it may wait warm
 * @param source of the row
 */
public record Cut(
    String id,
    String name,
    String ingredientId,
    Body body,
    Length usual,
    Length thinnest,
    Length thickest,
    Mass usualMass,
    double wattsPerMeterKelvin,
    double squareMetersPerSecond,
    CookedFood food,
    CoreTaste taste,
    Tender tender,
    String ready,
    Juice juice,
    double waitsMinutes,
    String source) {
  static final double JOULES_PER_KILOGRAM_KELVIN = 3500;

  private static final List<Cut> SHIPPED =
      ReferenceTable.rows("pieces").stream().map(Cut::read).toList();

  /**
   * Core by taste, °C.
   *
   * @param fromCelsius least that is liked
   * @param toCelsius most that is liked
   * @param suffersCelsius beyond which it dries or toughens
   */
  public record CoreTaste(double fromCelsius, double toCelsius, double suffersCelsius) {}

  /**
   * Windows of tenderness, minutes in the heat: before the first, or after the second.
   *
   * @param withinMinutes tender until then; empty where it never is so early
   * @param afterMinutes tender from then on; empty where time does nothing
   */
  public record Tender(Optional<Double> withinMinutes, Optional<Double> afterMinutes) {
    /** Whether so long in the heat leaves it rubbery. */
    public boolean isBetween(double minutes) {
      return afterMinutes.filter(from -> minutes < from).isPresent()
          && withinMinutes.map(until -> minutes > until).orElse(true);
    }
  }

  /**
   * Juice that it gives by the end, as a share of its raw weight.
   *
   * @param leastShare at least
   * @param mostShare at most
   */
  public record Juice(double leastShare, double mostShare) {
    public double likelyShare() {
      return (leastShare + mostShare) / 2;
    }
  }

  /** The shipped ones. */
  public static List<Cut> shipped() {
    return SHIPPED;
  }

  /**
   * One of the shipped ones.
   *
   * @throws InvalidInput {@code cutId} if there is none
   */
  public static Cut of(String id) {
    return SHIPPED.stream()
        .filter(cut -> cut.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInput(
                    "cutId",
                    "unknown",
                    "No piece is called '" + id + "'.",
                    "one of the table of pieces",
                    "Choose a piece from the list."));
  }

  /** What its heat crosses. */
  Cooling matter(double diffusivityFactor) {
    double alpha = squareMetersPerSecond * diffusivityFactor;
    return new Cooling(
        wattsPerMeterKelvin,
        wattsPerMeterKelvin / (alpha * JOULES_PER_KILOGRAM_KELVIN),
        JOULES_PER_KILOGRAM_KELVIN);
  }

  /** One of another thickness: a slab keeps its area, a cylinder its length. */
  public Mass massAt(Length thickness) {
    double times = thickness.meters() / usual.meters();
    return usualMass.times(Math.pow(times, 1 + body.curved()));
  }

  private static Cut read(CSVRecord row) {
    return new Cut(
        row.get("id"),
        row.get("name"),
        row.get("ingredient"),
        Body.valueOf(row.get("body")),
        Length.ofMillimeters(number(row, "usual_mm")),
        Length.ofMillimeters(number(row, "least_mm")),
        Length.ofMillimeters(number(row, "most_mm")),
        Mass.ofGrams(number(row, "grams")),
        number(row, "conductivity"),
        1e-7 * number(row, "diffusivity_e7"),
        CookedFood.valueOf(row.get("food")),
        new CoreTaste(number(row, "taste_from"), number(row, "taste_to"), number(row, "suffers")),
        new Tender(some(row, "tender_within"), some(row, "tender_after")),
        row.get("ready"),
        new Juice(
            number(row, "juice_least_percent") / 100, number(row, "juice_most_percent") / 100),
        number(row, "waits_min"),
        row.get("source"));
  }

  private static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }

  private static Optional<Double> some(CSVRecord row, String column) {
    String text = row.get(column);
    return text.isEmpty() ? Optional.empty() : Optional.of(Double.parseDouble(text));
  }
}
