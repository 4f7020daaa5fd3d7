package urnstew.core.reduction;

import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketedUnivariateSolver;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.Steam;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Length;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * The same pot written a second time, for comparison: temperature instead of heat as the state,
 * constraints held exactly instead of relaxed, and Hipparchus' Dormand–Prince 8(5,3) with events at
 * tight tolerance instead of fixed steps.
 */
final class ReferencePot {
  private static final double TOLERANCE = 1e-9;
  private static final double LONGEST = 86_400;

  private enum Mode {
    UP,
    DOWN,
    KEPT,
    BOILING
  }

  private final double target;
  private final double countsFrom;
  private final List<Change> changes;
  private SimmerSetting setting;
  private PotContents start;
  private Mode mode = Mode.UP;

  private ReferencePot(Program program, double target) {
    this.target = target;
    this.countsFrom = program.lastFilling();
    this.changes = program.changes();
    this.setting = program.setting();
    this.start = program.start();
  }

  /** Seconds until it is thick enough; infinite where it is not within a day. */
  static double seconds(Program program, double target) {
    ReferencePot pot = new ReferencePot(program, target);
    return pot.run(program.temperature().celsius());
  }

  private double run(double celsius) {
    double now = 0;
    double[] y = state(celsius);
    for (Change change : changes) {
      y = stretch(now, y, change.seconds());
      if (reached) {
        return time;
      }
      now = change.seconds();
      PotState before = new PotState(now, contents(y), celsius(y), setting, Ledger.EMPTY);
      Fill fill = Fill.after(change, before);
      setting = fill.setting();
      start = fill.contents();
      y = state(fill.celsius());
      if (now >= countsFrom && equivalentSolids(y) >= target) {
        return now;
      }
    }
    stretch(now, y, LONGEST);
    return reached ? time : Double.POSITIVE_INFINITY;
  }

  private boolean reached;
  private double time;

  /** Water in all, alcohol, share of juice still to come, temperature. */
  private double[] state(double celsius) {
    Composition all = start.everything();
    return new double[] {all.waterKilograms(), all.ethanolKilograms(), 1, celsius};
  }

  private double[] stretch(double from, double[] at, double until) {
    double now = from;
    double[] y = at;
    mode = starting(y);
    leaveIfImpossible(y);
    while (now < until && !reached) {
      DormandPrince853Integrator integrator =
          new DormandPrince853Integrator(1e-8, 900, TOLERANCE, TOLERANCE);
      integrator.addEventDetector(new Detector(this::modeEnd));
      integrator.addEventDetector(new Detector(this::margin));
      ODEStateAndDerivative end = integrator.integrate(equation(), new ODEState(now, y), until);
      now = end.getTime();
      y = end.getPrimaryState();
      time = now;
      if (now > countsFrom && equivalentSolids(y) >= target - 1e-10) {
        reached = true;
      } else if (now < until) {
        next(y);
      }
    }
    return y;
  }

  private Mode starting(double[] y) {
    double over = y[3] - ceiling(y);
    if (setting.heating() instanceof SimmeredByEye) {
      return over > 1e-6 ? Mode.DOWN : over < -1e-6 ? Mode.UP : Mode.KEPT;
    }
    return over < -1e-6 ? Mode.UP : Mode.BOILING;
  }

  private void next(double[] y) {
    Mode held = setting.heating() instanceof SimmeredByEye ? Mode.KEPT : Mode.BOILING;
    if (mode == Mode.UP || mode == Mode.DOWN) {
      y[3] = ceiling(y);
      mode = held;
      leaveIfImpossible(y);
    } else {
      mode = Mode.UP;
    }
  }

  /** A temperature that the heat cannot hold is left at once. */
  private void leaveIfImpossible(double[] y) {
    if ((mode == Mode.KEPT || mode == Mode.BOILING) && modeEnd(y) > 0) {
      mode = Mode.UP;
    }
  }

  private double modeEnd(double[] y) {
    return switch (mode) {
      case UP -> y[3] - ceiling(y);
      case DOWN -> ceiling(y) - y[3];
      case KEPT -> {
        Flow flow = flow(y, ceiling(y));
        yield flow.lost + flow.latent * flow.drying - flow.most;
      }
      case BOILING -> {
        Flow flow = flow(y, ceiling(y));
        yield flow.drying - (flow.most - flow.lost) / flow.latent;
      }
    };
  }

  private double margin(double[] y) {
    return equivalentSolids(y) - target;
  }

  private OrdinaryDifferentialEquation equation() {
    return new OrdinaryDifferentialEquation() {
      @Override
      public int getDimension() {
        return 4;
      }

      @Override
      public double[] computeDerivatives(double t, double[] y) {
        return slope(y);
      }
    };
  }

  private record Flow(double drying, double lost, double most, double latent, double alcohol) {}

  private double[] slope(double[] y) {
    double celsius = celsius(y);
    Flow flow = flow(y, celsius);
    double leaving = flow.drying;
    double warming = 0;
    if (mode == Mode.BOILING) {
      double stiffening = capacity(y, celsius) * 0.512 * moles(y) / Math.pow(sauce(y), 2);
      leaving = Math.max(flow.drying, (flow.most - flow.lost) / (flow.latent + stiffening));
    } else if (mode != Mode.KEPT) {
      double given = mode == Mode.DOWN ? 0 : flow.most;
      warming = (given - flow.lost - leaving * flow.latent) / capacity(y, celsius);
    }
    double shrinking = Math.max(0, Math.min(1, (celsius - 40) / 30));
    return new double[] {
      -leaving,
      -leaving * flow.alcohol,
      -y[2] * shrinking / start.pieces().releaseSeconds(),
      warming
    };
  }

  private double celsius(double[] y) {
    return mode == Mode.KEPT || mode == Mode.BOILING ? ceiling(y) : y[3];
  }

  private Flow flow(double[] y, double celsius) {
    // The integrator may look past an event before it finds it.
    Temperature at = new Temperature(Math.min(celsius, 150));
    double full = setting.shape().capacity().cubicMeters();
    double volume = ThermalProperties.volumeCubicMeters(contents(y).everything(), celsius);
    Length filled = setting.shape().depthAt(new Volume(Math.min(full, volume)));
    double alcohol = 10.6 * Math.max(0, y[1]) / sauce(y);
    double activity = sauce(y) / 0.018015 / (sauce(y) / 0.018015 + moles(y));
    SurfaceTransfer transfer =
        setting.heating() instanceof InOven
            ? SurfaceTransfer.above(setting.surroundings().altitude(), 10_000)
            : SurfaceTransfer.inRoom(setting.surroundings());
    double drying =
        setting.lid().escapingShare()
            * transfer.kilogramsPerSecond(setting.shape().surfaceAt(filled), at, activity);
    double latent = Steam.latentHeatJoulesPerKilogram(at) + alcohol * 846_000;
    double room = setting.surroundings().room().celsius();
    double floor = setting.shape().floor().squareMeters();
    double wall = setting.shape().wallAt(filled).squareMeters();
    double top = setting.lid().topLossShare() * setting.shape().surfaceAt(filled).squareMeters();
    if (setting.heating() instanceof InOven oven) {
      double areas = floor + wall + top;
      double most = (oven.fan() ? 50 : 35) * areas * (oven.air().celsius() - celsius);
      return new Flow(drying, 0, most, latent, alcohol);
    }
    double share = setting.heating() instanceof BurnerSet set ? set.share().value() : 1;
    double burner = share * setting.heatSource().powerIntoPot().watts();
    double most =
        setting.heating() instanceof BurnerSet
            ? burner
            : Math.min(burner, floor * floorFlux(contents(y).equivalentSolids().percent()));
    double lost = (10 * wall + 17 * top) * (celsius - room);
    return new Flow(drying, lost, most, latent, alcohol);
  }

  private double capacity(double[] y, double celsius) {
    return ThermalProperties.joulesPerKelvin(contents(y).everything(), celsius)
        + setting.vessel().emptyMass().kilograms() * 500;
  }

  private double ceiling(double[] y) {
    double boiling = setting.surroundings().altitude().boilingPoint().celsius();
    double below =
        setting.heating() instanceof SimmeredByEye kept ? kept.level().belowBoil().kelvins() : 0;
    return boiling + 0.512 * moles(y) / sauce(y) - below;
  }

  private double moles(double[] y) {
    return contents(y).sauce().solubleKilograms() / 0.18;
  }

  private double sauce(double[] y) {
    return Math.max(1e-9, contents(y).sauce().waterKilograms());
  }

  /** Straight in the logarithm between 50 kW/m² at 5 %, 27 at 10 and 8 at 20. */
  private static double floorFlux(double percent) {
    double kilowatts =
        percent < 10
            ? Math.exp(Math.log(27) + (percent - 10) / 5 * Math.log(27.0 / 50))
            : Math.exp(Math.log(27) + (percent - 10) / 10 * Math.log(8.0 / 27));
    return percent < 0.5 ? Double.POSITIVE_INFINITY : 1000 * kilowatts;
  }

  private double equivalentSolids(double[] y) {
    return contents(y).cooked().equivalentSolids().value();
  }

  private PotContents contents(double[] y) {
    double left = Math.max(0, Math.min(1, y[2]));
    var pieces = start.pieces().after(left);
    double water = Math.max(0, y[0] - pieces.whole().waterKilograms());
    Composition sauce =
        start.sauce().plus(start.pieces().given(left)).withLiquids(water, Math.max(0, y[1]));
    return new PotContents(sauce, start.thickeningKilograms(), pieces);
  }

  private interface Margin {
    double of(double[] y);
  }

  /** Stops the integrator where a margin rises through zero. */
  private record Detector(Margin margin) implements ODEEventDetector {
    @Override
    public AdaptableInterval getMaxCheckInterval() {
      return AdaptableInterval.of(240);
    }

    @Override
    public int getMaxIterationCount() {
      return 200;
    }

    @Override
    public BracketedUnivariateSolver<UnivariateFunction> getSolver() {
      return new BracketingNthOrderBrentSolver(0, 1e-6, 0, 5);
    }

    @Override
    public ODEEventHandler getHandler() {
      return (state, detector, rising) -> rising ? Action.STOP : Action.CONTINUE;
    }

    @Override
    public double g(ODEStateAndDerivative state) {
      return margin.of(state.getPrimaryState());
    }
  }
}
