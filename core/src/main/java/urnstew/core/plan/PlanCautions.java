package urnstew.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.explain.Caution;
import urnstew.core.plan.Timing.NotReached;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.PotContents;
import urnstew.units.MassFraction;

/** What a plan warns of, with the moment and the way out. */
final class PlanCautions {
  /** From here on a cook takes a second pan (assumption). */
  private static final int MANY_LOADS = 4;

  /** So much thicker than wanted is told. */
  private static final double PAST_SHARE = 0.005;

  private PlanCautions() {}

  static List<Caution> of(
      PotFit fit,
      Preparation preparation,
      ReductionCurve fall,
      Timing timing,
      MassFraction wanted) {
    List<Caution> cautions = new ArrayList<>();
    for (Hazard hazard : Hazard.along(fall)) {
      cautions.add(caution(hazard));
    }
    boolean told = cautions.stream().anyMatch(caution -> caution.code().equals("over-headroom"));
    if (!fit.withinHeadroom() && !told) {
      cautions.add(caution(new Hazard(Hazard.Kind.BOILS_OVER, Duration.ZERO)));
    }
    if (preparation.loads() >= MANY_LOADS) {
      cautions.add(
          new Caution(
              "many-loads",
              String.format(
                  Locale.ROOT,
                  "The meat browns in %d loads in this pot. A second pan on another burner saves"
                      + " about half of that time.",
                  preparation.loads())));
    }
    if (timing instanceof Scheduled scheduled && scheduled.spareAtWorst().isNegative()) {
      cautions.add(
          new Caution(
              "late",
              "Even lit now it may not be ready in time. Simmer harder, take a wider pot, or eat"
                  + " later."));
    }
    pastWanted(fall, wanted).ifPresent(cautions::add);
    if (timing instanceof NotReached never) {
      cautions.add(new Caution("never-thick", never.why()));
    }
    return cautions;
  }

  /** Stages that a clock ends can boil it past the thickness wanted. */
  private static Optional<Caution> pastWanted(ReductionCurve fall, MassFraction wanted) {
    PotContents end = fall.last().contents().cooked();
    double surplus = end.equivalentSolids().value() - wanted.value();
    if (surplus < PAST_SHARE || !(fall.outcome() instanceof Reaches)) {
      return Optional.empty();
    }
    double standing = end.sauce().solids().kilograms() + end.thickeningKilograms();
    double liquid = standing / wanted.value() - end.sauce().solids().kilograms();
    double water = liquid - end.sauce().waterKilograms() - end.sauce().ethanolKilograms();
    return Optional.of(
        new Caution(
            "past-wanted",
            String.format(
                Locale.ROOT,
                "When its stages are over it is thicker than wanted: about %.0f g of water bring it"
                    + " back. Let a stage be shorter or gentler, or more covered.",
                Math.max(0, water * 1000))));
  }

  private static Caution caution(Hazard hazard) {
    String when = when(hazard.after());
    return switch (hazard.kind()) {
      case BOILS_OVER ->
          new Caution(
              "over-headroom",
              "The pot is too full to bubble safely"
                  + when
                  + ": it will spatter or boil over. Take a larger pot or make less.");
      case SPATTERS ->
          new Caution(
              "spatters",
              "Thick sauce at a lively simmer throws hot drops"
                  + when
                  + ". Turn it down to gentle, or lay a lid half on.");
      case SCORCHES ->
          new Caution(
              "scorches",
              "Thick and hot below" + when + ": it can stick. Stir to the floor, or turn it down.");
      case TOO_SHALLOW ->
          new Caution(
              "too-shallow",
              "Less than 2 cm stand in this pot"
                  + when
                  + ": it can scorch. Take a narrower pot or stay with it.");
    };
  }

  private static String when(Duration after) {
    return after.toMinutes() < 1
        ? ""
        : String.format(Locale.ROOT, " from minute %d on", after.toMinutes());
  }
}
