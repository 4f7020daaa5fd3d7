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
 * @param zone of its clock
 */
public record Printed(boolean us, ZoneId zone) {
  private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
  private static final double METERS_PER_INCH = 0.0254;

  /** Hour on the kitchen's clock; a dash where there is none. */
  public String hour(@Nullable Instant instant) {
    return instant == null ? "–" : HOUR.format(instant.atZone(zone));
  }

  /** Grams below a kilogram, else kilograms; or ounces and pounds. */
  public String mass(double kilograms) {
    if (us) {
      double pounds = kilograms / Mass.KILOGRAMS_PER_POUND;
      return pounds < 1 ? number("%.1f oz", pounds * 16) : number("%.2f lb", pounds);
    }
    return kilograms < 1
        ? number(kilograms < 0.01 ? "%.1f g" : "%.0f g", kilograms * 1000)
        : number("%.2f kg", kilograms);
  }

  /** Millimetres, or inches. */
  public String depth(double meters) {
    return us ? number("%.1f in", meters / METERS_PER_INCH) : number("%.0f mm", meters * 1000);
  }

  /** Degrees of the scale in use. */
  public String temperature(double celsius) {
    return us ? number("%.0f °F", celsius * 1.8 + 32) : number("%.1f °C", celsius);
  }

  private static String number(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }
}
