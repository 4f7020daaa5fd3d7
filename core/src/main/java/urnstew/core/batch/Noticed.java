package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.correction.Prediction;
import urnstew.core.explain.Caution;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;

/** What a pot gives away, in words, each with a remedy. */
final class Noticed {
  /** Share by which what went in must differ before it is said (assumption). */
  private static final double OTHER_AMOUNT = 0.04;

  /** Rates this far from the assumed are said (assumption). */
  private static final double STALLED = 0.5;

  private static final double TOO_FAST = 1.5;

  private final BatchHistory history;
  private final Prediction prediction;
  private final double moment;
  private final int readings;

  Noticed(BatchHistory history, Prediction prediction, double moment, int readings) {
    this.history = history;
    this.prediction = prediction;
    this.moment = moment;
    this.readings = readings;
  }

  List<Caution> all() {
    List<Caution> noticed = new ArrayList<>();
    newer(noticed);
    noticed.addAll(new RawInPot(history, prediction.likely()).all());
    never(noticed);
    late(noticed);
    if (readings > 0) {
      rate(noticed);
      amount(noticed);
    }
    for (Hazard hazard : Hazard.along(prediction.likely())) {
      hazard(noticed, hazard);
    }
    return noticed;
  }

  /** Says that an older version of the model lit this batch. */
  private void newer(List<Caution> noticed) {
    if (!history.snapshot().modelVersion().equals(BatchSnapshot.MODEL_VERSION)) {
      noticed.add(
          new Caution(
              "newer-model",
              "This pot was lit under an earlier release: from its last entry on its hours are"
                  + " reckoned by the newer one. What was told before stands in its plan."));
    }
  }

  private void never(List<Caution> noticed) {
    if (prediction.likely().outcome() instanceof NeverReaches never) {
      noticed.add(new Caution("never-thick", never.why().reason()));
    } else if (prediction.likely().outcome() instanceof OutOfRange beyond) {
      noticed.add(new Caution("out-of-range", beyond.what().reason()));
    }
  }

  /** Thick enough only after it should have been on the table: what would still help. */
  private void late(List<Caution> noticed) {
    if (!(prediction.likely().outcome() instanceof Reaches reaches)) {
      return;
    }
    BatchClock clock = history.snapshot().clock();
    PlanInputs inputs = history.snapshot().inputs();
    double start = clock.secondsAt(history.simmerStartedAt());
    double end = start + reaches.after().toSeconds() + inputs.formula().finishTime().toSeconds();
    long minutes = Duration.between(inputs.readyBy(), clock.at(end)).toMinutes();
    if (minutes >= 1) {
      noticed.add(
          new Caution(
              "late",
              String.format(
                  Locale.ROOT,
                  "Likely %d min too late for the table. %s",
                  minutes,
                  remedy(setting()))));
    }
  }

  /** What speeds this pot up: at the boil a lid hardly matters, the heat does. */
  private static String remedy(SimmerSetting setting) {
    if (setting.lid() != Lid.OFF && !setting.heatLimited()) {
      return "Take the lid off.";
    }
    if (setting.heating() instanceof SimmeredByEye byEye && byEye.level() != SimmerLevel.LIVELY) {
      return "Turn it up to a lively simmer, and stir more.";
    }
    return setting.heating() instanceof BurnerSet set && set.share().value() < 1
        ? "Turn the burner up, and stir more."
        : "Ladle half into a second wide pot, or stir paste in.";
  }

  /** How it cooks when it is looked at: as set, or as its stage says. */
  private SimmerSetting setting() {
    return prediction.likely().at(moment).setting();
  }

  private void rate(List<Caution> noticed) {
    SimmerSetting setting = setting();
    double factor =
        prediction.estimate().factor(setting.heatLimited() ? Quantity.POWER : Quantity.EVAPORATION);
    if (factor < STALLED) {
      noticed.add(
          new Caution(
              "stalled",
              setting.lid() == Lid.OFF
                  ? "It loses less than half the water it should. Look whether it really simmers, and"
                      + " turn it up."
                  : "It loses less than half the water it should. Take the lid off, or turn it up."));
    } else if (factor > TOO_FAST) {
      noticed.add(
          new Caution(
              "too-fast",
              "It loses water half as fast again as it should. Turn it down, stir to the floor, and"
                  + " read again soon."));
    }
  }

  /** Readings that agree with each other but not with the amounts: the cook should hear of it. */
  private void amount(List<Caution> noticed) {
    double factor = prediction.estimate().factor(Quantity.MASS);
    if (Math.abs(factor - 1) < OTHER_AMOUNT) {
      return;
    }
    noticed.add(
        new Caution(
            "other-amount",
            String.format(
                Locale.ROOT,
                "The readings go together if about %.0f %% %s went into the pot than planned. If you"
                    + " do not know why, check the weight of the empty pot.",
                100 * Math.abs(factor - 1),
                factor < 1 ? "less" : "more")));
  }

  /** Hazards of what is still to come; what is over is over. */
  private void hazard(List<Caution> noticed, Hazard hazard) {
    ReductionCurve likely = prediction.likely();
    boolean past = hazard.after().toSeconds() < moment - 1 && readings > 0;
    switch (hazard.kind()) {
      case SCORCHES ->
          noticed.add(
              new Caution(
                  "sticking",
                  String.format(
                      Locale.ROOT,
                      "Thick and hot below: stir to the floor every %d minutes, or turn it down.",
                      Hazard.stirEvery(likely, Math.max(moment, hazard.after().toSeconds()))
                          .toMinutes())));
      case SPATTERS ->
          noticed.add(
              new Caution(
                  "spatters",
                  "It gets thick and throws hot drops: turn it down to gentle, or lay a lid half"
                      + " on."));
      case BOILS_OVER -> {
        if (!past || tooFullNow(likely)) {
          noticed.add(
              new Caution(
                  "over-headroom",
                  "The pot is too full to bubble safely. Take some out, or move to a larger pot."));
        }
      }
      case TOO_SHALLOW ->
          noticed.add(
              new Caution(
                  "too-shallow",
                  "Less than 2 cm stand in the pot: it can scorch. Move to a narrower pot or stay"
                      + " with it."));
    }
  }

  private boolean tooFullNow(ReductionCurve likely) {
    PotState now = likely.at(moment);
    double capacity = now.setting().shape().capacity().cubicMeters();
    return now.volume().cubicMeters() > (1 - Hazard.HEADROOM_SHARE) * capacity;
  }
}
