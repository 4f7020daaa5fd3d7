package urnstew.app.batch;

import urnstew.app.plan.PlanView;

/**
 * The plan when the burner was lit.
 *
 * @param plan amounts and hours
 * @param forecast before any reading
 */
public record Planned(PlanView plan, ForecastView forecast) {}
