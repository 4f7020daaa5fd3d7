package urnstew.app.print;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import urnstew.units.Mass;

/**
 * Quantities as they are printed in a kitchen.
 *
 * @param us whether the kitchen works in US units
 * @param twelveHours whether it says 6:30 pm
 * @param comma whether a comma stands before the tenths
 * @param zone of its clock
 */
public record Printed(boolean us, boolean twelveHours, boolean comma, ZoneId zone) {
  private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
  private static final DateTimeFormatter HALF_DAY =
      DateTimeFormatter.ofPattern("h:mm a", Locale.ROOT);
  private static final double METERS_PER_INCH = 0.0254;

  /** Below it an ounce is too coarse a measure: a dose is told in grams, kg. */
  private static final double HALF_AN_OUNCE = Mass.KILOGRAMS_PER_POUND / 32;

  /** Hour on the kitchen's clock; a dash where there is none. */
  public String hour(@Nullable Instant instant) {
    if (instant == null) {
      return "–";
    }
    return twelveHours
        ? HALF_DAY.format(instant.atZone(zone)).toLowerCase(Locale.ROOT)
        : HOUR.format(instant.atZone(zone));
  }

  /**
   * As on screen: grams below a kilogram, in the steps in which cooks weigh, else kilograms; or
   * ounces, and pounds with ounces.
   */
  public String mass(double kilograms) {
    if (us && kilograms >= HALF_AN_OUNCE) {
      return pounds(kilograms / Mass.KILOGRAMS_PER_POUND * 16);
    }
    double grams = kilograms * 1000;
    if (grams < 10) {
      return number("%.1f g", grams);
    }
    long step = grams < 20 ? 1 : 5;
    return grams < 1000 ? Math.round(grams / step) * step + " g" : number("%.2f kg", kilograms);
  }

  private String pounds(double ounces) {
    if (ounces < 16) {
      return number("%.1f oz", ounces);
    }
    long whole = Math.round(ounces);
    return whole / 16 + " lb" + (whole % 16 == 0 ? "" : " " + whole % 16 + " oz");
  }

  /** Millimetres, or inches. */
  public String depth(double meters) {
    return us ? number("%.2f in", meters / METERS_PER_INCH) : number("%.0f mm", meters * 1000);
  }

  /** Degrees of the scale in use. */
  public String temperature(double celsius) {
    return us ? number("%.0f °F", celsius * 1.8 + 32) : number("%.1f °C", celsius);
  }

  private String number(String format, double value) {
    String written = String.format(Locale.ROOT, format, value);
    return comma ? written.replace('.', ',') : written;
  }
}
