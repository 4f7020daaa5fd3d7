package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PieceKind;
import urnstew.core.sauce.Pieces;
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
  private static final double INFINITE = Double.POSITIVE_INFINITY;
  private static final int T = 2;
  private static final int LEFT = 3;

  private enum Mode {
    UP,
    DOWN,
    KEPT,
    BOILING
  }

  private final double target;
  private final Program program;
  private SimmerSetting setting;
  private Charge charge;
  private PotContents start;
  private List<PieceKind> kinds = List.of();
  private Mode mode = Mode.UP;
  private int phase;
  private double phaseStart;
  private double simmersFrom = INFINITE;
  private boolean over;
  private double time;

  private ReferencePot(Program program, double target) {
    this.target = target;
    this.program = program;
    this.setting = program.setting();
    fill(new Charge(program.start(), List.of()));
  }

  private void fill(Charge with) {
    charge = with;
    start = with.in().rest();
    kinds = with.in().kinds();
  }

  /** Seconds until the last phase is over; infinite where it is not within a day. */
  static double seconds(Program program, double target) {
    return new ReferencePot(program, target).run();
  }

  /** What happens next: a change, or the end of the phase by a clock where there is none. */
  private record Next(double seconds, Optional<Change> change) {}

  private double run() {
    double[] y = state(program.temperature().celsius());
    List<Change> left = new ArrayList<>(program.changes());
    List<Change> own = new ArrayList<>(program.phases().get(0).changes());
    while (time < LONGEST) {
      over = counts() && margin(y) >= 0;
      Next next = next(left, own);
      if (!over) {
        y = stretch(time, y, Math.min(LONGEST, next.seconds()));
      }
      if (over || next.change().isEmpty() && time >= next.seconds()) {
        if (phase == program.phases().size() - 1) {
          return time;
        }
        phase++;
        phaseStart = time;
        own = new ArrayList<>(program.phases().get(phase).changes());
        Phase begun = program.phases().get(phase);
        y = after(filled(y).set(setting.with(begun.heating()).with(begun.lid())));
      } else if (next.change().isPresent() && time >= next.seconds()) {
        Change change = next.change().orElseThrow();
        if (!own.remove(change)) {
          left.remove(change);
        }
        y = after(filled(y).after(change));
      }
    }
    return Double.POSITIVE_INFINITY;
  }

  private Next next(List<Change> left, List<Change> own) {
    double ends = clock();
    double mine = own.isEmpty() ? INFINITE : Math.min(ends, phaseStart + own.get(0).seconds());
    double any = left.isEmpty() ? INFINITE : left.get(0).seconds();
    if (!own.isEmpty() && mine <= any) {
      return new Next(mine, Optional.of(own.get(0)));
    }
    return any < ends ? new Next(any, Optional.of(left.get(0))) : new Next(ends, Optional.empty());
  }

  /** When a clock ends the phase. */
  private double clock() {
    PhaseEnd end = program.phases().get(phase).end();
    if (end instanceof PhaseEnd.At at) {
      return at.seconds();
    }
    return end instanceof PhaseEnd.After after
        ? Math.max(waited() + after.seconds(), countsFrom())
        : INFINITE;
  }

  /** Minutes count from the first simmer; in the oven, and with the heat off, at once. */
  private double waited() {
    Heating heating = program.phases().get(phase).heating();
    boolean atOnce =
        heating instanceof InOven || heating instanceof BurnerSet set && set.share().value() == 0;
    return atOnce ? phaseStart : Math.max(phaseStart, simmersFrom);
  }

  private double countsFrom() {
    double own = phaseStart + program.phases().get(phase).lastFilling();
    return phase == program.phases().size() - 1
        ? Math.max(own, Change.lastFillingSeconds(program.changes()))
        : own;
  }

  private boolean counts() {
    return time >= countsFrom() - 1e-6;
  }

  private Fill filled(double[] y) {
    List<PieceKind> now = new ArrayList<>();
    for (int i = 0; i < kinds.size(); i++) {
      now.add(new PieceKind(kinds.get(i).key(), kinds.get(i).pieces().after(left(y, 1 + i))));
    }
    PotContents rest =
        new PotContents(
            contents(y).sauce(), start.thickeningKilograms(), start.pieces().after(left(y, 0)));
    return new Fill(new Charge(new Filling(rest, now), charge.aside()), celsius(y), setting);
  }

  private double[] after(Fill fill) {
    setting = fill.setting();
    mode = Mode.UP;
    fill(fill.charge());
    return state(fill.celsius());
  }

  /** Water in all, alcohol, temperature, share of juice still to come of each kind of pieces. */
  private double[] state(double celsius) {
    Composition all = charge.all().everything();
    double[] y = new double[4 + kinds.size()];
    y[0] = all.waterKilograms();
    y[1] = all.ethanolKilograms();
    y[T] = celsius;
    Arrays.fill(y, LEFT, y.length, 1);
    return y;
  }

  private static double left(double[] y, int kind) {
    return Math.max(0, Math.min(1, y[LEFT + kind]));
  }

  private double[] stretch(double from, double[] at, double until) {
    double now = from;
    double[] y = at;
    mode = starting(y);
    leaveIfImpossible(y);
    boolean counts = counts();
    while (now < Math.min(until, clock()) && !over) {
      noticeSimmer();
      DormandPrince853Integrator integrator =
          new DormandPrince853Integrator(1e-8, 900, TOLERANCE, TOLERANCE);
      integrator.addEventDetector(new Detector(this::modeEnd));
      if (counts) {
        integrator.addEventDetector(new Detector(this::margin));
      }
      double to = Math.min(until, clock());
      ODEStateAndDerivative end = integrator.integrate(equation(), new ODEState(now, y), to);
      now = end.getTime();
      y = end.getPrimaryState();
      time = now;
      if (counts && margin(y) >= -1e-10) {
        over = true;
      } else if (now < to) {
        next(y);
        noticeSimmer();
      }
    }
    time = now;
    return y;
  }

  private void noticeSimmer() {
    if (mode != Mode.UP) {
      simmersFrom = Math.min(simmersFrom, time);
    }
  }

  private Mode starting(double[] y) {
    double over = y[T] - ceiling(y);
    if (setting.heating() instanceof SimmeredByEye) {
      return over > 1e-6 ? Mode.DOWN : over < -1e-6 ? Mode.UP : Mode.KEPT;
    }
    return over < -1e-6 ? Mode.UP : Mode.BOILING;
  }

  private void next(double[] y) {
    Mode held = setting.heating() instanceof SimmeredByEye ? Mode.KEPT : Mode.BOILING;
    if (mode == Mode.UP || mode == Mode.DOWN) {
      y[T] = ceiling(y);
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
      case UP -> y[T] - ceiling(y);
      case DOWN -> ceiling(y) - y[T];
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

  /** Below zero before the end of the phase, written from its words. */
  private double margin(double[] y) {
    PhaseEnd end = program.phases().get(phase).end();
    PotContents all = contents(y);
    if (end instanceof PhaseEnd.DownToMass down) {
      return down.mass().kilograms() - all.total().kilograms();
    }
    double celsius = Math.min(150, celsius(y));
    double volume = ThermalProperties.volumeCubicMeters(all.everything(), celsius);
    if (end instanceof PhaseEnd.DownToVolume down) {
      return (down.volume().cubicMeters() - volume) * 1000;
    }
    if (end instanceof PhaseEnd.DownToDepth down) {
      double full = setting.shape().capacity().cubicMeters();
      double depth = setting.shape().depthAt(new Volume(Math.min(full, volume))).meters();
      return 100 * (down.depth().meters() - depth);
    }
    if (end instanceof PhaseEnd.Warm warm) {
      return celsius - warm.temperature().celsius();
    }
    if (end instanceof PhaseEnd.ThickAs as) {
      return equivalentSolids(y) - as.solids().value();
    }
    return end instanceof PhaseEnd.Thick ? equivalentSolids(y) - target : -1;
  }

  private OrdinaryDifferentialEquation equation() {
    return new OrdinaryDifferentialEquation() {
      @Override
      public int getDimension() {
        return 4 + kinds.size();
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
    double[] slope = new double[y.length];
    slope[0] = -leaving;
    slope[1] = -leaving * flow.alcohol;
    slope[T] = warming;
    slope[LEFT] = -y[LEFT] * shrinking / start.pieces().releaseSeconds();
    for (int i = 0; i < kinds.size(); i++) {
      slope[LEFT + 1 + i] = -y[LEFT + 1 + i] * shrinking / kinds.get(i).pieces().releaseSeconds();
    }
    return slope;
  }

  private double celsius(double[] y) {
    return mode == Mode.KEPT || mode == Mode.BOILING ? ceiling(y) : y[T];
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
    Pieces pieces = start.pieces().after(left(y, 0));
    Composition given = start.pieces().given(left(y, 0));
    for (int i = 0; i < kinds.size(); i++) {
      Pieces kind = kinds.get(i).pieces();
      pieces = pieces.plus(kind.after(left(y, 1 + i)));
      given = given.plus(kind.given(left(y, 1 + i)));
    }
    double water = Math.max(0, y[0] - pieces.whole().waterKilograms());
    Composition sauce = start.sauce().plus(given).withLiquids(water, Math.max(0, y[1]));
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
