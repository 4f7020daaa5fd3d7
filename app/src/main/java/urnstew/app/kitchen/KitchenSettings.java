package urnstew.app.kitchen;

import java.time.ZoneId;
import java.util.UUID;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.thermo.Altitude;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
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
    double scaleErrorKilograms,
    String scaleErrorText,
    double dipErrorMeters,
    String dipErrorText,
    boolean demo,
    int version) {

  public Surroundings surroundings() {
    return new Surroundings(
        new Altitude(altitudeMeters),
        Temperature.ofCelsius(roomCelsius),
        new MassFraction(relativeHumidity));
  }

  public Instruments instruments() {
    return new Instruments(new Mass(scaleErrorKilograms), new Length(dipErrorMeters));
  }

  public ZoneId zoneId() {
    return ZoneId.of(zone);
  }
}
