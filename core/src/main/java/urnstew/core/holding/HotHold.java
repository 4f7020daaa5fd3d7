package urnstew.core.holding;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.SurfaceTransfer;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * A vessel that is kept hot and loses water.
 *
 * <p>Lost = rate × time, with the rate of a quiet surface at the holding temperature times the
 * share that the lid lets out; the surface stays, so the rate does. Range: 40 °C to the local boil.
 * Assumption, as in every simmer: the rate is right within times or divided by 1.5. Worked number:
 * an open 28 cm pot at 65 °C at sea level loses about 90 g in an hour.
 *
 * @param contents at the start of the hold
 * @param shape of the vessel
 * @param held temperature that it is kept at
 * @param lid on, ajar or off
 * @param surroundings of the kitchen
 */
public record HotHold(
    PotContents contents, VesselShape shape, Temperature held, Lid lid, Surroundings surroundings) {
  /** Water in a thick sauce is nearly as free as in a glass (assumption). */
  private static final double WATER_ACTIVITY = 0.99;

  private static final double WIDTH = 1.5;

  public HotHold {
    if (held.compareTo(surroundings.altitude().boilingPoint()) > 0 || held.celsius() < 40) {
      throw new InvalidInput(
          "holdCelsius",
          "not-a-hold",
          String.format(
              Locale.ROOT, "%.0f °C is no temperature to hold a sauce at.", held.celsius()),
          String.format(
              Locale.ROOT, "40 to %.0f °C", surroundings.altitude().boilingPoint().celsius()),
          "Choose a temperature above the limit of the rule set and below the boil.");
    }
  }

  /** Water that leaves in an hour. */
  public Mass lossPerHour() {
    double volume = ThermalProperties.volumeCubicMeters(contents.everything(), held.celsius());
    Length depth = new Length(Math.min(shape.metersAt(volume), shape.depth().meters()));
    double open =
        SurfaceTransfer.inRoom(surroundings)
            .kilogramsPerSecond(shape.surfaceAt(depth), held, WATER_ACTIVITY);
    return new Mass(3600 * open * lid.escapingShare());
  }

  /** Water lost after so long; never more than there is. */
  public Mass lostAfter(Duration time) {
    double lost = lossPerHour().kilograms() * time.toSeconds() / 3600.0;
    return new Mass(Math.min(lost, contents.sauce().waterKilograms()));
  }

  /** How thick it is after so long without a top-up. */
  public MassFraction equivalentSolidsAfter(Duration time) {
    double water = contents.sauce().waterKilograms() - lostAfter(time).kilograms();
    return new PotContents(
            contents.sauce().withWater(water), contents.thickeningKilograms(), contents.pieces())
        .equivalentSolids();
  }

  /** When it has become as thick as this; empty if that is not within a day. */
  public Optional<Duration> until(MassFraction equivalentSolids) {
    double solids = contents.sauce().solids().kilograms() + contents.thickeningKilograms();
    double fatFree =
        contents.sauce().waterKilograms()
            + contents.sauce().ethanolKilograms()
            + contents.sauce().solids().kilograms()
            + contents.thickeningKilograms();
    double toLose = fatFree - solids / equivalentSolids.value();
    double hours = Math.max(0, toLose) / lossPerHour().kilograms();
    return hours > 24
        ? Optional.empty()
        : Optional.of(Duration.ofSeconds(Math.round(hours * 3600)));
  }

  /** How the loss came about. */
  public Working working() {
    return new Working(
        "holdLoss",
        "Water leaves a quiet surface with the pressure of its vapour against that of the room's"
            + " air; the lid lets a share of it out.",
        "ṁ = k·A·(a_w·p_sat(T) − p_v)/p · share",
        List.of(
            new Term("held at", "T", held.celsius(), "°C"),
            new Term("share that the lid lets out", "share", lid.escapingShare(), ""),
            new Term("lost in an hour", "ṁ", lossPerHour().kilograms(), "kg/h"),
            new Term("at least", "ṁ/1.5", lossPerHour().kilograms() / WIDTH, "kg/h"),
            new Term("at most", "1.5·ṁ", lossPerHour().kilograms() * WIDTH, "kg/h")),
        List.of(
            "The surface is quiet and nobody stirs it away",
            "Rates below the boil are right within times or divided by 1.5"),
        List.of("Wagner and Pruss 1993 for the vapour pressure"),
        Confidence.ASSUMED);
  }
}
