package urnstew.core.plan;

import java.time.Duration;
import urnstew.core.plan.Timing.Scheduled;

/** Figures of a plan of which one can ask what moves them most. */
public enum PlanFigure {
  FINAL_MASS("kg") {
    @Override
    double of(PlanInputs inputs, Plan plan) {
      return plan.size().end().total().kilograms();
    }
  },
  START_MASS("kg") {
    @Override
    double of(PlanInputs inputs, Plan plan) {
      return plan.size().start().total().kilograms();
    }
  },
  START_VOLUME("l") {
    @Override
    double of(PlanInputs inputs, Plan plan) {
      return plan.fit().startVolume().liters();
    }
  },
  SIMMER_TIME("min") {
    @Override
    double of(PlanInputs inputs, Plan plan) {
      return plan.timing() instanceof Scheduled hours
          ? Duration.between(hours.simmerAt(), hours.thickAt()).toSeconds() / 60.0
          : Double.NaN;
    }
  };

  private final String unit;

  PlanFigure(String unit) {
    this.unit = unit;
  }

  /** Unit in which the figure is counted. */
  public String unit() {
    return unit;
  }

  /** The figure of a plan, NaN where the plan has none. */
  abstract double of(PlanInputs inputs, Plan plan);
}
