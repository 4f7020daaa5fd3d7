package urnstew.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.core.correction.Target;
import urnstew.core.explain.Working;
import urnstew.core.plan.Alternative;
import urnstew.core.plan.Alternatives;
import urnstew.core.plan.Plan;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Lid;

/**
 * What could be done otherwise.
 *
 * @param sooner thick enough sooner, or what gives where that is not enough
 * @param later thick enough later
 * @param working how they came about
 */
public record WaysView(List<AlternativeView> sooner, List<AlternativeView> later, Working working) {

  /** Another way to cook the batch, with its hours and what it costs. */
  public record AlternativeView(
      Alternative.Kind kind,
      String what,
      String cost,
      long simmerSeconds,
      @Nullable Instant thickAt,
      UUID vesselId,
      HeatingChoice heating,
      Lid lid,
      double covers,
      @Nullable Double targetSolidsFraction,
      Instant readyBy,
      double amountKilograms) {
    static AlternativeView of(Alternative way, @Nullable Instant simmerAt) {
      var setting = way.inputs().setting();
      return new AlternativeView(
          way.kind(),
          way.what(),
          way.cost(),
          way.simmer().toSeconds(),
          simmerAt == null ? null : simmerAt.plus(way.simmer()),
          setting.vessel().id(),
          HeatingChoice.of(setting.heating()),
          setting.lid(),
          way.inputs().need().covers(),
          way.inputs().target() instanceof Target.Solids solids ? solids.share().value() : null,
          way.inputs().readyBy(),
          way.amount().kilograms());
    }
  }

  static WaysView of(Plan plan, Alternatives ways) {
    Instant simmerAt = plan.timing() instanceof Scheduled hours ? hours.simmerAt() : null;
    List<Alternative> sooner = ways.sooner();
    List<Alternative> later = ways.later();
    return new WaysView(
        sooner.stream().map(way -> AlternativeView.of(way, simmerAt)).toList(),
        later.stream().map(way -> AlternativeView.of(way, simmerAt)).toList(),
        ways.working(Stream.concat(sooner.stream(), later.stream()).toList()));
  }
}
