package urnstew.core.conduction;

import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.special.BesselJ;

/**
 * Shapes with one radius or half thickness, and their series.
 *
 * <p>θ = Σ Cₙ exp(−ζₙ² Fo)·f(ζₙ x*). Slab: ζ tan ζ = Bi, C = 4 sin ζ/(2ζ + sin 2ζ), f = cos.
 * Cylinder: ζ J₁(ζ)/J₀(ζ) = Bi, C = 2 J₁/(ζ (J₀² + J₁²)), f = J₀. Sphere: 1 − ζ cot ζ = Bi, C = 4
 * (sin ζ − ζ cos ζ)/(2ζ − sin 2ζ), f = sin(ζx)/(ζx). Source: F. P. Incropera, D. P. DeWitt,
 * Fundamentals of Heat and Mass Transfer, section 5.5. Worked number: a slab at Bi = 1 has ζ₁ =
 * 0.8603 and C₁ = 1.1191.
 */
public enum Body {
  SLAB(0) {
    @Override
    double margin(double zeta, double biot) {
      return zeta * Math.sin(zeta) - biot * Math.cos(zeta);
    }

    @Override
    double firstFrom(int n) {
      return n * Math.PI;
    }

    @Override
    double firstTo(int n) {
      return (n + 0.5) * Math.PI;
    }

    @Override
    double coefficient(double zeta) {
      return 4 * Math.sin(zeta) / (2 * zeta + Math.sin(2 * zeta));
    }

    @Override
    double shape(double place) {
      return Math.cos(place);
    }
  },
  CYLINDER(1) {
    @Override
    double margin(double zeta, double biot) {
      return zeta * j(1, zeta) - biot * j(0, zeta);
    }

    @Override
    double firstFrom(int n) {
      return n == 0 ? 0 : zeroOf(1, n);
    }

    @Override
    double firstTo(int n) {
      return zeroOf(0, n + 1);
    }

    @Override
    double coefficient(double zeta) {
      double j0 = j(0, zeta);
      double j1 = j(1, zeta);
      return 2 * j1 / (zeta * (j0 * j0 + j1 * j1));
    }

    @Override
    double shape(double place) {
      return j(0, place);
    }
  },
  SPHERE(2) {
    @Override
    double margin(double zeta, double biot) {
      return (1 - biot) * Math.sin(zeta) - zeta * Math.cos(zeta);
    }

    @Override
    double firstFrom(int n) {
      return n * Math.PI;
    }

    @Override
    double firstTo(int n) {
      return (n + 1) * Math.PI;
    }

    @Override
    double coefficient(double zeta) {
      return 4 * (Math.sin(zeta) - zeta * Math.cos(zeta)) / (2 * zeta - Math.sin(2 * zeta));
    }

    @Override
    double shape(double place) {
      return place < 1e-9 ? 1 : Math.sin(place) / place;
    }
  };

  private static final double EDGE = 1e-9;

  private final int curved;

  Body(int curved) {
    this.curved = curved;
  }

  /** In how many directions it is curved: 0, 1 or 2. */
  public int curved() {
    return curved;
  }

  /** Zero at every eigenvalue. */
  abstract double margin(double zeta, double biot);

  /** The eigenvalue of this number lies above. */
  abstract double firstFrom(int n);

  /** The eigenvalue of this number lies below. */
  abstract double firstTo(int n);

  /** Cₙ of an eigenvalue. */
  abstract double coefficient(double zeta);

  /** f at ζ·x*. */
  abstract double shape(double place);

  /** ζ of a number, counted from 0. */
  public double eigenvalue(int n, double biot) {
    return new BrentSolver(1e-13)
        .solve(200, z -> margin(z, biot), firstFrom(n) + EDGE, firstTo(n) - EDGE);
  }

  private static double j(int order, double x) {
    return BesselJ.value(order, x);
  }

  /** The n-th zero of a Bessel function, from McMahon's expansion, mended by a root finder. */
  private static double zeroOf(int order, int n) {
    double guess = (n + order / 2.0 - 0.25) * Math.PI;
    return new BrentSolver(1e-13).solve(200, x -> j(order, x), guess - 0.5, guess + 0.5);
  }
}
