package urnstew.app.plan;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Timing.Scheduled;

/**
 * What goes into one of several pots.
 *
 * @param vesselId which
 * @param vesselName what the cooks call it
 * @param covers people served from it
 * @param startMassKilograms what goes in
 * @param startVolumeCubicMeters the same, hot
 * @param lightAt when to light its burner, alone on one like the chosen; absent if it never
 *     thickens
 * @param thickAt when it is thick enough
 */
public record ShareView(
    UUID vesselId,
    String vesselName,
    double covers,
    double startMassKilograms,
    double startVolumeCubicMeters,
    @Nullable Instant lightAt,
    @Nullable Instant thickAt) {
  static ShareView of(PlanInputs inputs, Plan plan) {
    Scheduled hours = plan.timing() instanceof Scheduled scheduled ? scheduled : null;
    return new ShareView(
        inputs.vessel().id(),
        inputs.vessel().name(),
        inputs.need().covers(),
        plan.size().start().total().kilograms(),
        plan.fit().startVolume().cubicMeters(),
        hours == null ? null : hours.lightAt(),
        hours == null ? null : hours.thickAt());
  }
}
