package urnstew.app.kitchen;

import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import urnstew.app.print.Printed;
import urnstew.core.consistency.ConsistencyBand;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.thermo.Altitude;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;
import urnstew.units.text.Pint;

/** The kitchen's settings as they are stored. */
public record KitchenSettings(
    UUID id,
    String name,
    double altitudeMeters,
    String altitudeText,
    double roomCelsius,
    double relativeHumidity,
    String zone,
    String currency,
    Units units,
    Pint pint,
    Hours hours,
    DecimalMark decimalMark,
    double scaleErrorKilograms,
    String scaleErrorText,
    double dipErrorMeters,
    String dipErrorText,
    double probeErrorKelvins,
    double brixErrorFraction,
    double plateErrorMeters,
    double brothyBelowFraction,
    double looseBelowFraction,
    double coatingBelowFraction,
    double tightBelowFraction,
    double veryTightBelowFraction,
    boolean demo,
    int version) {

  public Surroundings surroundings() {
    return new Surroundings(
        new Altitude(altitudeMeters),
        Temperature.ofCelsius(roomCelsius),
        new MassFraction(relativeHumidity));
  }

  public Instruments instruments() {
    return new Instruments(
        new Mass(scaleErrorKilograms),
        new Length(dipErrorMeters),
        new TemperatureDifference(probeErrorKelvins),
        new MassFraction(brixErrorFraction),
        new Length(plateErrorMeters));
  }

  /** What this kitchen calls a sauce of these solids. */
  public String band(MassFraction solids) {
    List<MassFraction> ends =
        List.of(
            new MassFraction(brothyBelowFraction),
            new MassFraction(looseBelowFraction),
            new MassFraction(coatingBelowFraction),
            new MassFraction(tightBelowFraction),
            new MassFraction(veryTightBelowFraction));
    return ConsistencyBand.of(solids, ConsistencyBand.ending(ends)).key();
  }

  /** How this kitchen prints quantities and hours. */
  public Printed printed() {
    return new Printed(
        units == Units.US, hours == Hours.H12, decimalMark == DecimalMark.COMMA, zoneId());
  }

  public ZoneId zoneId() {
    return ZoneId.of(zone);
  }
}
