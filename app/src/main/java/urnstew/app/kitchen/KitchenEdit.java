package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import urnstew.core.thermo.Altitude;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityKind;

/** New settings of the kitchen; beside what is measured stands the text as typed, or empty. */
public record KitchenEdit(
    @NotBlank String name,
    double altitudeMeters,
    @NotNull String altitudeText,
    double roomCelsius,
    double relativeHumidity,
    @NotBlank String zone,
    @NotBlank String currency,
    @NotNull Units units,
    @NotNull Pint pint,
    @NotNull Hours hours,
    @NotNull DecimalMark decimalMark,
    double scaleErrorKilograms,
    @NotNull String scaleErrorText,
    double dipErrorMeters,
    @NotNull String dipErrorText,
    double probeErrorKelvins,
    double brixErrorFraction,
    double plateErrorMeters,
    double brothyBelowFraction,
    double looseBelowFraction,
    double coatingBelowFraction,
    double tightBelowFraction,
    double veryTightBelowFraction) {

  /** Says which field cannot be meant. */
  KitchenEdit checked() {
    Names.check("name", name);
    at("altitudeMeters", () -> new Altitude(altitudeMeters));
    Require.within("roomCelsius", roomCelsius, 1, 50, "°C");
    Require.within("relativeHumidity", relativeHumidity, 0, 1, "");
    Require.within("scaleErrorKilograms", scaleErrorKilograms, 0.0001, 1, "kg");
    Require.within("dipErrorMeters", dipErrorMeters, 0.0002, 0.05, "m");
    Require.within("probeErrorKelvins", probeErrorKelvins, 0.1, 10, "K");
    Require.within("brixErrorFraction", brixErrorFraction, 0.0005, 0.05, "");
    Require.within("plateErrorMeters", plateErrorMeters, 0.0005, 0.03, "m");
    checkBands();
    agree("altitudeMeters", altitudeText, QuantityKind.LENGTH, "m", altitudeMeters);
    agree("scaleErrorKilograms", scaleErrorText, QuantityKind.MASS, "g", scaleErrorKilograms);
    agree("dipErrorMeters", dipErrorText, QuantityKind.LENGTH, "mm", dipErrorMeters);
    checkZone();
    checkCurrency();
    return this;
  }

  private void checkBands() {
    rises("brothyBelowFraction", 0.05, brothyBelowFraction);
    rises("looseBelowFraction", brothyBelowFraction, looseBelowFraction);
    rises("coatingBelowFraction", looseBelowFraction, coatingBelowFraction);
    rises("tightBelowFraction", coatingBelowFraction, tightBelowFraction);
    rises("veryTightBelowFraction", tightBelowFraction, veryTightBelowFraction);
  }

  private static void rises(String field, double below, double here) {
    if (here <= below || here > 0.27) {
      throw new InvalidInput(
          field,
          "not-rising",
          "The bands must rise from thin to thick, up to 27 %.",
          String.format(Locale.ROOT, "more than %.1f %%, 27 %% at most", 100 * below),
          "Correct the band that is not above its neighbour.");
    }
  }

  private void checkZone() {
    try {
      ZoneId.of(zone);
    } catch (DateTimeException e) {
      throw new InvalidInput(
          "zone",
          "unknown",
          "'" + zone + "' is not a time zone.",
          "an IANA zone",
          "Type it as region/city, such as Europe/Zurich.");
    }
  }

  private void checkCurrency() {
    try {
      Currency.getInstance(currency);
    } catch (IllegalArgumentException e) {
      throw new InvalidInput(
          "currency",
          "unknown",
          "'" + currency + "' is not a currency.",
          "an ISO 4217 code",
          "Type three letters, such as EUR.");
    }
  }
}
