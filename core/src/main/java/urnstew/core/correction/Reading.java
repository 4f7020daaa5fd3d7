package urnstew.core.correction;

import urnstew.core.consistency.PlateSpread;
import urnstew.core.reduction.PotState;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;
import urnstew.units.Volume;

/** Something read on the pot while it cooks, with the instrument's own absolute error. */
public sealed interface Reading {
  /** Stable key, given back with the verdict. */
  String key();

  /** Time since the start of the program, s. */
  double seconds();

  /** What was read, in SI. */
  double value();

  /** One standard deviation of the instrument, in SI. */
  double deviation();

  /** What would be read in this state of a product of this bodyFactor, in SI. */
  double predicted(PotState state, double bodyFactor);

  /**
   * A weighing.
   *
   * @param key stable key
   * @param seconds since the start
   * @param net sauce and pieces without the pot
   * @param error of the scale
   */
  record Weighing(String key, double seconds, Mass net, Mass error) implements Reading {
    @Override
    public double value() {
      return net.kilograms();
    }

    @Override
    public double deviation() {
      return error.kilograms();
    }

    @Override
    public double predicted(PotState state, double bodyFactor) {
      return state.mass().kilograms();
    }
  }

  /**
   * A dip-stick depth.
   *
   * @param key stable key
   * @param seconds since the start
   * @param depth of sauce and pieces
   * @param error of the stick
   */
  record Dip(String key, double seconds, Length depth, Length error) implements Reading {
    @Override
    public double value() {
      return depth.meters();
    }

    @Override
    public double deviation() {
      return error.meters();
    }

    @Override
    public double predicted(PotState state, double bodyFactor) {
      return state.depth().meters();
    }
  }

  /**
   * A probe in the stirred sauce.
   *
   * @param key stable key
   * @param seconds since the start
   * @param temperature of the sauce
   * @param error of the probe
   */
  record Warmth(String key, double seconds, Temperature temperature, TemperatureDifference error)
      implements Reading {
    @Override
    public double value() {
      return temperature.celsius();
    }

    @Override
    public double deviation() {
      return error.kelvins();
    }

    @Override
    public double predicted(PotState state, double bodyFactor) {
      return state.celsius();
    }
  }

  /**
   * A refractometer: dissolved solids.
   *
   * @param key stable key
   * @param seconds since the start
   * @param soluble share of the water phase
   * @param error of the instrument
   */
  record Brix(String key, double seconds, MassFraction soluble, MassFraction error)
      implements Reading {
    @Override
    public double value() {
      return soluble.value();
    }

    @Override
    public double deviation() {
      return error.value();
    }

    @Override
    public double predicted(PotState state, double bodyFactor) {
      return state.contents().sauce().solubleFraction().value();
    }
  }

  /**
   * A plate test.
   *
   * @param key stable key
   * @param seconds since the start
   * @param spread width of the spoonful on a cold plate
   * @param spoonful what was put on it
   * @param error of the ruler and of the spoon, in width
   */
  record Plate(String key, double seconds, Length spread, Volume spoonful, Length error)
      implements Reading {
    /** Thinner than this it runs off, whatever the model says. */
    private static final double THINNEST = 0.02;

    @Override
    public double value() {
      return spread.meters();
    }

    @Override
    public double deviation() {
      return error.meters();
    }

    @Override
    public double predicted(PotState state, double bodyFactor) {
      double share = Math.max(THINNEST, state.equivalentSolids().value());
      return PlateSpread.spread(new MassFraction(share), bodyFactor, spoonful).meters();
    }
  }
}
