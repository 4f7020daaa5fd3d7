package urnstew.core.serving.pasta;

import java.time.Duration;
import java.util.Locale;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.HeatBalance;
import urnstew.core.reduction.Lid;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * A pot of water on its way to the boil, under its lid, and what cold pasta does to it.
 *
 * <p>C·dT/dt = P − K·(T − T_room); t = C/K·ln((P − K·(T₀ − T_room))/(P − K·(T_b − T_room))). Worked
 * number: 16 l from 12 °C on 3 kW, losing 8 W/K, boil at 92.1 °C after 32.6 min (check-values m06).
 *
 * @param water in it
 * @param joulesPerKelvin of water and pot, J/K
 * @param wattsPerKelvin that it loses to the room, W/K
 * @param power that enters it
 * @param logSpread standard deviation of the logarithm of that power
 * @param start of the water
 * @param boiling where it stands
 * @param room around it
 */
public record WaterPot(
    Mass water,
    double joulesPerKelvin,
    double wattsPerKelvin,
    Power power,
    double logSpread,
    Temperature start,
    Temperature boiling,
    Temperature room) {
  /** Near 100 °C. */
  private static final double WATER_JOULES_PER_KILOGRAM_KELVIN = 4216;

  private static final double WARMING_JOULES_PER_KILOGRAM_KELVIN = 4186;

  /** Of a power that the water itself has told: probe and clock (assumption). */
  private static final double PROBED_LOG_SPREAD = 0.03;

  private static final double LEAST_SECONDS = 60;

  /** About four in five lie within. */
  private static final double DEVIATIONS = 1.3;

  public WaterPot {
    Require.within("water", water.kilograms(), 0.2, 300, "kg");
    Require.within("waterCelsius", start.celsius(), 0, boiling.celsius(), "°C");
    double most = power.watts() * Math.exp(-DEVIATIONS * logSpread);
    double lost = wattsPerKelvin * (boiling.celsius() - room.celsius());
    if (most <= lost) {
      throw new InvalidInput(
          "burner",
          "never-boils",
          String.format(Locale.ROOT, "It never boils: %.0f W go in, %.0f W are lost.", most, lost),
          String.format(Locale.ROOT, "more than %.0f W into the pot", lost),
          "Choose a stronger burner, or less water in a smaller pot.");
    }
  }

  /** So much water in a pot on a burner, under its lid. */
  public static WaterPot of(
      Mass water,
      Vessel pot,
      HeatSource burner,
      Temperature start,
      Temperature boiling,
      Temperature room) {
    double filled = pot.shape().metersAt(water.kilograms() / 1000);
    Length depth = new Length(filled);
    double wall = pot.shape().wallAt(depth).squareMeters();
    double top = pot.shape().surfaceAt(depth).squareMeters();
    return new WaterPot(
        water,
        water.kilograms() * WARMING_JOULES_PER_KILOGRAM_KELVIN + pot.joulesPerKelvin(),
        HeatBalance.lossWatts(wall, top, Lid.ON, 1),
        burner.powerIntoPot(),
        burner.logSpread(),
        start,
        boiling,
        room);
  }

  /** From cold to the boil. */
  public Span toTheBoil() {
    double spread = Math.exp(DEVIATIONS * logSpread);
    return new Span(
        seconds(power.watts() * spread), seconds(power.watts()), seconds(power.watts() / spread));
  }

  private Duration seconds(double watts) {
    double cold = watts - wattsPerKelvin * (start.celsius() - room.celsius());
    double hot = watts - wattsPerKelvin * (boiling.celsius() - room.celsius());
    double seconds =
        wattsPerKelvin == 0
            ? joulesPerKelvin * (boiling.celsius() - start.celsius()) / watts
            : joulesPerKelvin / wattsPerKelvin * Math.log(cold / hot);
    return Duration.ofMillis(Math.round(1000 * seconds));
  }

  /**
   * The same pot with the power that a probe in its water tells of: T = T∞ + (T₀ − T∞)·e^(−K·t/C),
   * T∞ = T_room + P/K.
   *
   * @param sinceLit 1 min or more
   * @param shown above its start, below its boil
   * @throws InvalidInput {@code waterReading} where that tells nothing
   */
  public WaterPot probed(Duration sinceLit, Temperature shown) {
    double seconds = sinceLit.toMillis() / 1000.0;
    if (seconds < LEAST_SECONDS
        || shown.celsius() <= start.celsius()
        || shown.celsius() >= boiling.celsius()) {
      throw new InvalidInput(
          "waterReading",
          "tells-nothing",
          String.format(
              Locale.ROOT,
              "%.0f °C after %.0f min tells nothing of the fire.",
              shown.celsius(),
              seconds / 60),
          String.format(
              Locale.ROOT,
              "between %.0f and %.0f °C, a minute after it was lit or later",
              start.celsius(),
              boiling.celsius()),
          "Put the probe into the middle of the water while it warms.");
    }
    double kept = Math.exp(-wattsPerKelvin * seconds / joulesPerKelvin);
    double watts =
        wattsPerKelvin == 0
            ? joulesPerKelvin * (shown.celsius() - start.celsius()) / seconds
            : wattsPerKelvin
                * (shown.celsius() - room.celsius() - (start.celsius() - room.celsius()) * kept)
                / (1 - kept);
    return new WaterPot(
        water,
        joulesPerKelvin,
        wattsPerKelvin,
        new Power(Math.max(0, watts)),
        PROBED_LOG_SPREAD,
        start,
        boiling,
        room);
  }

  /**
   * What cold pasta makes of boiling water.
   *
   * @param joules that warm it to the boil
   * @param kelvins by which the water falls
   * @param back until it boils again
   */
  public record Fall(double joules, double kelvins, Duration back) {}

  /** Pasta goes in. */
  public Fall dropping(PastaBatch pasta) {
    double joules = pasta.joulesTo(boiling);
    double heat = water.kilograms() * WATER_JOULES_PER_KILOGRAM_KELVIN;
    double kelvins =
        joules / (heat + pasta.dry().kilograms() * PastaBatch.JOULES_PER_KILOGRAM_KELVIN);
    double net =
        power.watts() - wattsPerKelvin * (boiling.celsius() - room.celsius() - kelvins / 2);
    return new Fall(joules, kelvins, Duration.ofMillis(Math.round(1000 * joules / net)));
  }
}
