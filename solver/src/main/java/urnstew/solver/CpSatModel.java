package urnstew.solver;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import urnstew.core.bench.Activity;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Cook;
import urnstew.core.bench.Cost;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Occupied;
import urnstew.core.bench.Oven;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;
import urnstew.core.bench.TimeLag;

/** One problem of the bench as a model of CP-SAT, in ticks of its grid. */
final class CpSatModel {
  private static final int TICK = Problem.GRID_SECONDS;
  private static final int MINUTE = 60 / TICK;

  private final Problem problem;
  private final int horizon;
  private final CpModel model = new CpModel();
  private final Map<String, Chosen> chosen = new HashMap<>();
  private final Map<String, List<IntervalVar>> alone = new HashMap<>();
  private final Map<String, CumulativeConstraint> shelves = new HashMap<>();
  private final Map<String, List<Baked>> baked = new HashMap<>();
  private final Map<String, Integer> cooks = new HashMap<>();
  private final LinearExprBuilder lateMinutes = LinearExpr.newBuilder();
  private final LinearExprBuilder unrest = LinearExpr.newBuilder();

  /** When the first that is still free begins. */
  private final IntVar first;

  /** When, how and by whom; hands are empty where nobody's are needed. */
  private record Chosen(IntVar start, LinearExpr end, List<Literal> modes, List<Literal> hands) {}

  /** In an oven, if that mode is chosen. */
  private record Baked(Claim.Shelf shelf, IntVar start, LinearExpr end, Literal is) {}

  CpSatModel(Problem problem, Optional<Schedule> before) {
    this.problem = problem;
    horizon = problem.horizonSeconds() / TICK;
    first = model.newIntVar(0, horizon, "first");
    problem.cooks().forEach(one -> cooks.put(one.name(), cooks.size()));
    problem.ovens().forEach(one -> shelves.put(one.name(), model.addCumulative(one.shelves())));
    problem.activities().forEach(this::add);
    problem.activities().forEach(this::claims);
    problem.lags().forEach(this::add);
    problem.ovens().forEach(this::heats);
    problem.occupied().forEach(this::add);
    alone.values().forEach(model::addNoOverlap);
    problem.fixed().forEach(this::fix);
    before.ifPresent(this::staysNear);
  }

  /** What decides first comes first. */
  enum Goal {
    LATE_MINUTES,
    UNREST,
    AHEAD_TICKS;

    long of(Cost cost) {
      return switch (this) {
        case LATE_MINUTES -> cost.lateMinutes();
        case UNREST -> cost.unrest();
        case AHEAD_TICKS -> cost.aheadSeconds() / TICK;
      };
    }
  }

  private LinearExpr expression(Goal goal) {
    return switch (goal) {
      case LATE_MINUTES -> lateMinutes.build();
      case UNREST -> unrest.build();
      case AHEAD_TICKS -> LinearExpr.affine(first, -1, horizon);
    };
  }

  CpModel minimizing(Goal goal) {
    model.clearObjective();
    model.minimize(expression(goal));
    return model;
  }

  /** From now on it is not worse. */
  void atMost(Goal goal, long most) {
    model.addLessOrEqual(expression(goal), most);
  }

  /** Where the search begins. */
  void hint(Schedule schedule) {
    model.clearHints();
    for (Placement at : schedule.placements()) {
      Chosen one = of(at.key());
      model.addHint(one.start(), at.startSeconds() / TICK);
      for (int mode = 0; one.modes().size() > 1 && mode < one.modes().size(); mode++) {
        model.addHint(one.modes().get(mode), mode == at.mode());
      }
      for (int cook = 0; cook < one.hands().size(); cook++) {
        boolean his = at.cook().filter(problem.cooks().get(cook).name()::equals).isPresent();
        model.addHint(one.hands().get(cook), his);
      }
    }
  }

  private void add(Activity one) {
    IntVar start = model.newIntVar(up(one.earliestSeconds()), horizon, one.key());
    List<Literal> modes = new ArrayList<>();
    boolean oneWay = one.modes().size() == 1;
    LinearExpr over =
        oneWay
            ? LinearExpr.affine(start, 1, ticks(one.modes().get(0)))
            : LinearExpr.affine(model.newIntVar(0, horizon, ""), 1, 0);
    for (Mode mode : one.modes()) {
      Literal is = oneWay ? model.trueLiteral() : model.newBoolVar("");
      modes.add(is);
      if (!oneWay) {
        model.addEquality(over, LinearExpr.affine(start, 1, ticks(mode))).onlyEnforceIf(is);
      }
    }
    model.addExactlyOne(modes.toArray(Literal[]::new));
    List<Literal> hands = new ArrayList<>();
    if (one.handsSeconds() > 0) {
      problem.cooks().forEach(cook -> hands.add(hands(one, start, cook)));
      model.addExactlyOne(hands.toArray(Literal[]::new));
    }
    chosen.put(one.key(), new Chosen(start, over, modes, hands));
    model.addLessOrEqual(
        over,
        Math.min(problem.horizonSeconds(), one.latestSeconds().orElse(Integer.MAX_VALUE)) / TICK);
    one.dueSeconds().ifPresent(due -> late(over, due));
    if (problem.fixed().stream().noneMatch(at -> at.key().equals(one.key()))) {
      model.addLessOrEqual(first, start);
    }
  }

  private Literal hands(Activity one, IntVar start, Cook cook) {
    Literal is = model.newBoolVar("");
    int hands = one.handsSeconds() / TICK;
    alone(cook.name()).add(model.newOptionalFixedSizeIntervalVar(start, hands, is, ""));
    model.addGreaterOrEqual(start, up(cook.fromSeconds())).onlyEnforceIf(is);
    model.addLessOrEqual(start, cook.untilSeconds() / TICK - hands).onlyEnforceIf(is);
    return is;
  }

  private List<IntervalVar> alone(String resource) {
    return alone.computeIfAbsent(resource, name -> new ArrayList<>());
  }

  /** From its beginning to its end, or to that of what it is held for. */
  private void claims(Activity one) {
    Chosen is = of(one.key());
    for (int mode = 0; mode < one.modes().size(); mode++) {
      Literal chosenMode = is.modes().get(mode);
      LinearExpr over =
          one.holdsUntil()
              .map(until -> of(until).end())
              .orElse(LinearExpr.affine(is.start(), 1, ticks(one.modes().get(mode))));
      for (Claim claim : one.modes().get(mode).claims()) {
        claim(claim, is.start(), over, chosenMode);
      }
    }
    one.holdsUntil().ifPresent(until -> model.addGreaterOrEqual(of(until).end(), is.end()));
  }

  private void claim(Claim claim, IntVar start, LinearExpr end, Literal is) {
    IntVar size = model.newIntVar(0, horizon, "");
    IntervalVar held = model.newOptionalIntervalVar(start, size, end, is, "");
    if (claim instanceof Claim.Shelf shelf) {
      oven(shelf.resource()).addDemand(held, shelf.shelves());
      baked
          .computeIfAbsent(shelf.resource(), name -> new ArrayList<>())
          .add(new Baked(shelf, start, end, is));
    } else {
      whole(claim.resource(), held);
    }
  }

  /** Nothing else meanwhile: of an oven all shelves. */
  private void whole(String resource, IntervalVar held) {
    Optional<Oven> oven =
        problem.ovens().stream().filter(one -> one.name().equals(resource)).findFirst();
    if (oven.isPresent()) {
      oven(resource).addDemand(held, oven.get().shelves());
    } else {
      alone(resource).add(held);
    }
  }

  private CumulativeConstraint oven(String name) {
    return Objects.requireNonNull(shelves.get(name), name);
  }

  /** In minutes begun. */
  private void late(LinearExpr end, int due) {
    IntVar late = model.newIntVar(0, horizon, "");
    model.addGreaterOrEqual(
        LinearExpr.term(late, MINUTE), LinearExpr.newBuilder().add(end).add(-(due / TICK)).build());
    lateMinutes.add(late);
  }

  private void add(TimeLag lag) {
    LinearExprBuilder between = LinearExpr.newBuilder();
    between.add(of(lag.after()).start()).addTerm(of(lag.before()).end(), -1);
    LinearExpr waits = between.build();
    model.addGreaterOrEqual(waits, up(lag.shortestSeconds()));
    lag.longestSeconds().ifPresent(most -> model.addLessOrEqual(waits, Math.floorDiv(most, TICK)));
    long weight = lag.costPerMinute();
    unrest.addTerm(waits, weight * TICK).add(-weight * lag.shortestSeconds());
  }

  private void heats(Oven oven) {
    List<Baked> here = baked.getOrDefault(oven.name(), List.of());
    for (int i = 0; i < here.size(); i++) {
      for (int j = i + 1; j < here.size(); j++) {
        int change = up(oven.changeSeconds(here.get(i).shelf(), here.get(j).shelf()));
        if (change > 0 && here.get(i).start() != here.get(j).start()) {
          Literal first = model.newBoolVar("");
          apart(here.get(i), here.get(j), change, first);
          apart(here.get(j), here.get(i), change, first.not());
        }
      }
    }
  }

  private void apart(Baked one, Baked other, int change, Literal first) {
    model
        .addGreaterOrEqual(
            other.start(), LinearExpr.newBuilder().add(one.end()).add(change).build())
        .onlyEnforceIf(new Literal[] {first, one.is(), other.is()});
  }

  private static int ticks(Mode mode) {
    return mode.lastsSeconds() / TICK;
  }

  private static int up(int seconds) {
    return Math.floorDiv(seconds + TICK - 1, TICK);
  }

  private Chosen of(String key) {
    return Objects.requireNonNull(chosen.get(key), key);
  }

  private void add(Occupied busy) {
    int from = Math.floorDiv(busy.fromSeconds(), TICK);
    whole(busy.resource(), model.newFixedInterval(from, up(busy.untilSeconds()) - from, ""));
  }

  private void fix(Placement at) {
    Chosen one = of(at.key());
    model.addEquality(one.start(), at.startSeconds() / TICK);
    model.addEquality(one.modes().get(at.mode()), 1);
    at.cook().ifPresent(name -> model.addEquality(one.hands().get(place(name)), 1));
  }

  private int place(String cook) {
    return Objects.requireNonNull(cooks.get(cook), cook);
  }

  /** Whatever is no longer as it was costs. */
  private void staysNear(Schedule before) {
    for (Placement was : before.placements()) {
      Optional.ofNullable(chosen.get(was.key())).ifPresent(one -> staysNear(one, was));
    }
  }

  private void staysNear(Chosen one, Placement was) {
    unrest.add(Cost.WAITING_PER_CHANGE);
    boolean can =
        was.mode() < one.modes().size()
            && was.startSeconds() % TICK == 0
            && was.cook().isPresent() == !one.hands().isEmpty()
            && was.cook().map(cooks::containsKey).orElse(true);
    if (can) {
      Literal same = model.newBoolVar("");
      model.addEquality(one.start(), was.startSeconds() / TICK).onlyEnforceIf(same);
      model.addImplication(same, one.modes().get(was.mode()));
      was.cook().ifPresent(name -> model.addImplication(same, one.hands().get(place(name))));
      unrest.addTerm(same, -Cost.WAITING_PER_CHANGE);
    }
  }

  Schedule read(CpSolver solver) {
    return new Schedule(
        problem.activities().stream()
            .map(one -> read(solver, one.key(), of(one.key())))
            .collect(Collectors.toList()));
  }

  private Placement read(CpSolver solver, String key, Chosen is) {
    return new Placement(
        key,
        (int) solver.value(is.start()) * TICK,
        chosen(solver, is.modes()),
        is.hands().isEmpty()
            ? Optional.empty()
            : Optional.of(problem.cooks().get(chosen(solver, is.hands())).name()));
  }

  private static int chosen(CpSolver solver, List<Literal> all) {
    int place = 0;
    while (!solver.booleanValue(all.get(place))) {
      place++;
    }
    return place;
  }
}
