package urnstew.app.sizing;

import urnstew.core.plan.StageFit;

/**
 * How one stage stands in what it is cooked in.
 *
 * @param title of the stage
 * @param vesselName pot or tray
 * @param vessels how many of it
 * @param volumeCubicMeters in each
 * @param depthMeters in each
 * @param fullFraction of what each holds
 * @param standing how it stands
 */
public record StageFitView(
    String title,
    String vesselName,
    int vessels,
    double volumeCubicMeters,
    double depthMeters,
    double fullFraction,
    StageFit.Standing standing) {
  public static StageFitView of(StageFit fit) {
    return new StageFitView(
        fit.stage().title(),
        fit.vessel().name(),
        fit.vessels(),
        fit.volume().cubicMeters(),
        fit.depth().meters(),
        fit.fullShare(),
        fit.standing());
  }
}
