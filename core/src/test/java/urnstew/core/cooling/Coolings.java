package urnstew.core.cooling;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.RectangularShape;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.rules.RuleSet;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Things to cool, for the tests of this package. */
final class Coolings {
  static final RuleSet CODE = RuleSet.shipped("food-code-2022").orElseThrow();
  static final Temperature ROOM = Temperature.ofCelsius(20);
  static final Instant START = Instant.parse("2026-03-02T14:00:00Z");

  /** A meat sauce of about 20 % solids and fat, made up. */
  private static final Composition RAGU =
      new Composition(0.76, 0, 0.07, 0.08, 0.06, 0.015, 0.015, 0.05);

  static final CoolingPan TIN =
      new CoolingPan(
          "gastro tin", new RectangularShape(m(0.5), m(0.3), m(0.1)), Metal.STAINLESS_STEEL, 8);
  static final CoolingPan POT =
      new CoolingPan(
          "tall pot", new RoundShape(m(0.28), m(0.28), m(0.3)), Metal.STAINLESS_STEEL, 1);

  private Coolings() {}

  static CoolingSauce ragu(double kilograms) {
    return CoolingSauce.of(RAGU, new Mass(kilograms));
  }

  static CoolingSetup in(CoolingPan pan, int count, ColdPlace place) {
    return new CoolingSetup(
        pan, count, ColdSpot.usual(place, ROOM), false, Optional.empty(), Optional.empty());
  }

  static CoolingHistory history(CoolingSauce sauce, CoolingSetup setup, CoolingEvent... events) {
    return new CoolingHistory(
        sauce, START, Temperature.ofCelsius(90), setup, Arrays.asList(events));
  }

  static CoolingEvent.Read read(double hours, double celsius) {
    return new CoolingEvent.Read(after(hours), celsius, 0.5);
  }

  static Instant after(double hours) {
    return START.plusSeconds(Math.round(hours * 3600));
  }

  private static Length m(double meters) {
    return new Length(meters);
  }
}
