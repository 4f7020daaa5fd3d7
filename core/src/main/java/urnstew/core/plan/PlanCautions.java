package urnstew.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import urnstew.core.explain.Caution;
import urnstew.core.plan.Timing.NotReached;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.ReductionCurve;

/** What a plan warns of, with the moment and the way out. */
final class PlanCautions {
  /** From here on a cook takes a second pan (assumption). */
  private static final int MANY_LOADS = 4;

  private PlanCautions() {}

  static List<Caution> of(PotFit fit, Preparation preparation, ReductionCurve fall, Timing timing) {
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
    if (timing instanceof NotReached never) {
      cautions.add(new Caution("never-thick", never.why()));
    }
    return cautions;
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
