package urnstew.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BisectionSolver;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.kitchen.OvenFitness;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.Alternative.Kind;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;

/**
 * 'Sooner?' and 'later?': the model run backwards from the wanted hour by level, lid, pot,
 * splitting into two pots, paste or water; where none is enough, what gives. Everything is compared
 * on its likely fall.
 */
public final class Alternatives {
  /** Of the most that is sensible. */
  private static final double FOUND = 1e-3;

  private static final int MOST_TRIES = 40;
  private static final double WORTH_SHARE = 0.06;
  private static final double SOONER_SHARE = 0.75;
  private static final double MOST_PASTE_SHARE = 0.12;
  private static final double MOST_WATER_SHARE = 0.4;
  private static final double NEVER = Double.POSITIVE_INFINITY;

  private final PlanInputs inputs;
  private final Plan plan;
  private final List<Vessel> vessels;
  private final PotContents paste;
  private final PotContents water;
  private final Program program;
  private final double now;

  /**
   * @param inputs of the plan
   * @param plan as it is
   * @param vessels of the kitchen
   * @param paste a kilogram of tomato paste
   * @param water a kilogram of water
   */
  public Alternatives(
      PlanInputs inputs, Plan plan, List<Vessel> vessels, PotContents paste, PotContents water) {
    this.inputs = inputs;
    this.plan = plan;
    this.vessels = vessels;
    this.paste = paste;
    this.water = water;
    this.program = PotProgram.of(inputs, plan.size().batch());
    this.now = seconds(fall(program));
  }

  /** Ways that are thick enough sooner, the soonest first. */
  public List<Alternative> sooner() {
    List<Alternative> all = withOtherSettings();
    split().ifPresent(all::add);
    more(Kind.PASTE, paste, soonerGoal(), MOST_PASTE_SHARE).ifPresent(all::add);
    all.addAll(new WhatGives(inputs, plan, now).all());
    return all.stream()
        .filter(way -> gives(way) || way.simmer().toSeconds() < (1 - WORTH_SHARE) * now)
        .sorted(Comparator.comparing(Alternative::simmer))
        .toList();
  }

  private static boolean gives(Alternative way) {
    return switch (way.kind()) {
      case THINNER, FEWER, LATER_HOUR -> true;
      default -> false;
    };
  }

  /** Ways that are thick enough later, the nearest first. */
  public List<Alternative> later() {
    List<Alternative> all = withOtherSettings();
    laterGoal()
        .flatMap(goal -> more(Kind.WATER, water, goal, MOST_WATER_SHARE))
        .ifPresent(all::add);
    return all.stream()
        .filter(way -> way.simmer().toSeconds() > (1 + WORTH_SHARE) * now)
        .sorted(Comparator.comparing(Alternative::simmer))
        .toList();
  }

  /** How the ways to be shown came about. */
  public Working working(List<Alternative> ways) {
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("simmer as planned", "t", now / 60, "min"));
    for (Alternative way : ways) {
      terms.add(new Term(way.what(), "t", way.simmer().toSeconds() / 60.0, "min"));
    }
    return new Working(
        "otherWays",
        "The same pot run again with one thing changed. Paste and water are searched for until the"
            + " pot is thick enough at the wanted hour; without time to win, a quarter sooner or an"
            + " eighth later.",
        "t(way): s(t) = s_wanted;  m_paste: t(m) = t_wanted",
        terms,
        List.of(
            "Everything starts to simmer at the same moment as in the plan",
            "Likely falls are compared, without their bands",
            "Half the batch in each of two pots: the slower one counts"),
        List.of("The fall of the pot; see 'Thick enough'"),
        Confidence.ASSUMED);
  }

  private List<Alternative> withOtherSettings() {
    List<Alternative> all = new ArrayList<>();
    SimmerSetting own = inputs.setting();
    for (Heating heating : heatings()) {
      add(all, Kind.LEVEL, own.with(heating), heating.inWords());
    }
    for (Lid lid : Lid.values()) {
      if (lid != own.lid() && !(own.heating() instanceof BurnerSet)) {
        add(all, Kind.LID, own.with(lid), "lid " + lid.name().toLowerCase(Locale.ROOT));
      }
    }
    for (Vessel vessel : vessels) {
      if (!vessel.id().equals(own.vessel().id()) && holds(vessel, 1)) {
        add(all, Kind.POT, own.with(vessel), "in the " + vessel.name());
      }
    }
    return all;
  }

  private List<Heating> heatings() {
    if (inputs.setting().heating() instanceof InOven) {
      return List.of();
    }
    List<Heating> all = new ArrayList<>();
    for (SimmerLevel level : SimmerLevel.values()) {
      all.add(new SimmeredByEye(level));
    }
    all.add(BurnerSet.FULL);
    all.remove(inputs.setting().heating());
    return all;
  }

  private void add(List<Alternative> all, Kind kind, SimmerSetting setting, String what) {
    ReductionCurve fall = fall(in(setting, 1));
    double seconds = seconds(fall);
    if (seconds < NEVER) {
      all.add(
          new Alternative(
              kind,
              what,
              cost(kind, setting, fall),
              duration(seconds),
              inputs.with(setting),
              Mass.ZERO));
    }
  }

  /** Half in this pot, half in the widest other that holds it. */
  private Optional<Alternative> split() {
    return vessels.stream()
        .filter(vessel -> !vessel.id().equals(inputs.vessel().id()) && holds(vessel, 0.5))
        .max(Comparator.comparingDouble(v -> v.shape().floor().squareMeters()))
        .map(this::split)
        .filter(way -> way.simmer().toSeconds() > 0);
  }

  private Alternative split(Vessel other) {
    double here = seconds(fall(in(inputs.setting(), 0.5)));
    double there = seconds(fall(in(inputs.setting().with(other), 0.5)));
    double both = Math.max(here, there);
    return new Alternative(
        Kind.SPLIT,
        "half in the " + other.name(),
        "two burners, two pots to watch",
        both < NEVER ? duration(both) : Duration.ofDays(1),
        inputs.with(inputs.setting().with(other)),
        Mass.ZERO);
  }

  /** So much more of something that it is thick enough after a time. */
  private Optional<Alternative> more(Kind kind, PotContents each, double goal, double mostShare) {
    double most = mostShare * program.start().all().total().kilograms();
    DoubleFunction<Program> with =
        kilograms -> program.from(program.start().plus(Filling.of(each.times(kilograms))));
    boolean falls = kind == Kind.PASTE;
    UnivariateFunction late = kilograms -> seconds(fall(with.apply(kilograms))) - goal;
    if (late.value(0) > 0 == late.value(most) > 0) {
      return Optional.empty();
    }
    // So much may never be thick enough at all: only halving finds it.
    double found = new BisectionSolver(most * FOUND).solve(MOST_TRIES, late, 0, most);
    double seconds = seconds(fall(with.apply(found)));
    if (seconds == NEVER) {
      return Optional.empty();
    }
    String what =
        String.format(Locale.ROOT, "%.0f g more %s", found * 1000, falls ? "paste" : "water");
    String cost = falls ? "tastes longer cooked; a little more sauce" : "more to boil off";
    return Optional.of(
        new Alternative(kind, what, cost, duration(seconds), inputs, new Mass(found)));
  }

  /** The wanted hour where it is late, a quarter sooner where it is not. */
  private double soonerGoal() {
    return plan.timing() instanceof Scheduled hours && hours.spareAtWorst().isNegative()
        ? Math.max(0.3 * now, now + hours.spareAtWorst().toSeconds())
        : SOONER_SHARE * now;
  }

  /** Later only as far as there is time to spare. */
  private Optional<Double> laterGoal() {
    return plan.timing() instanceof Scheduled hours
            && hours.spareAtWorst().toSeconds() > WORTH_SHARE * now
        ? Optional.of(now + hours.spareAtWorst().toSeconds())
        : Optional.of(now * (1 + 2 * WORTH_SHARE));
  }

  private Program in(SimmerSetting setting, double share) {
    return PotProgram.of(inputs.with(setting), plan.size().batch().times(share));
  }

  private ReductionCurve fall(Program of) {
    return Reduction.untilThick(of, inputs.equivalentSolids(), inputs.likely());
  }

  private static double seconds(ReductionCurve fall) {
    return fall.outcome() instanceof Reaches reaches ? reaches.after().toSeconds() : NEVER;
  }

  private boolean holds(Vessel vessel, double share) {
    double volume = plan.fit().startVolume().cubicMeters() * share;
    double capacity = vessel.shape().capacity().cubicMeters();
    boolean stands =
        inputs.setting().heating() instanceof InOven oven
            ? OvenFitness.bears(vessel, oven.air())
            : !vessel.tray();
    if (!stands) {
      return false;
    }
    return volume <= (1 - Hazard.HEADROOM_SHARE) * capacity;
  }

  private static String cost(Kind kind, SimmerSetting setting, ReductionCurve fall) {
    long stir = Hazard.stirEvery(fall, 0.8 * fall.last().seconds()).toMinutes();
    if (kind == Kind.POT) {
      return String.format(
          Locale.ROOT, "%.0f mm deep at the end", fall.last().depth().millimeters());
    }
    if (kind == Kind.LID) {
      return setting.lid() == Lid.OFF ? "more steam in the room" : "less steam in the room";
    }
    return String.format(Locale.ROOT, "stir every %d min", stir);
  }

  private static Duration duration(double seconds) {
    return Duration.ofSeconds(Math.round(seconds));
  }
}
