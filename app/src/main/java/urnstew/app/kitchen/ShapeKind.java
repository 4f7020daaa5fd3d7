package urnstew.app.kitchen;

import urnstew.core.kitchen.RectangularShape;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.VesselShape;
import urnstew.units.Length;

/** Shapes of vessels, each with two widths. */
public enum ShapeKind {
  /** Widths at the bottom and at the rim. */
  ROUND {
    @Override
    VesselShape of(double first, double second, double depth) {
      return new RoundShape(new Length(first), new Length(second), new Length(depth));
    }
  },
  /** Length and width. */
  RECTANGULAR {
    @Override
    VesselShape of(double first, double second, double depth) {
      return new RectangularShape(new Length(first), new Length(second), new Length(depth));
    }
  };

  abstract VesselShape of(double first, double second, double depth);
}
