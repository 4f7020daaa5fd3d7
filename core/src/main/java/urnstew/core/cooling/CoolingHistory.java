package urnstew.core.cooling;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import urnstew.units.Temperature;

/**
 * One cooling as far as it is known.
 *
 * @param sauce what cools
 * @param startedAt when it left the heat
 * @param start how warm it was then, all through
 * @param setup how it stood then
 * @param events what happened since, in any order
 */
public record CoolingHistory(
    CoolingSauce sauce,
    Instant startedAt,
    Temperature start,
    CoolingSetup setup,
    List<CoolingEvent> events) {
  public CoolingHistory {
    events = events.stream().sorted(Comparator.comparing(CoolingEvent::at)).toList();
  }

  /** Whether it was reheated already; that mends a cooling once. */
  public boolean reheated() {
    return events.stream().anyMatch(CoolingEvent.Reheated.class::isInstance);
  }

  /** When the cooling that counts began: after the last reheating. */
  public Instant begun() {
    return sinceReheated().startedAt();
  }

  /** From the last reheating on; what was before it counts no more. */
  CoolingHistory sinceReheated() {
    Optional<CoolingEvent.Reheated> last =
        events.stream()
            .filter(CoolingEvent.Reheated.class::isInstance)
            .map(CoolingEvent.Reheated.class::cast)
            .reduce((first, second) -> second);
    return last.map(
            again ->
                new CoolingHistory(
                    sauce,
                    again.at(),
                    again.core(),
                    again.setup(),
                    events.stream().filter(event -> event.at().isAfter(again.at())).toList()))
        .orElse(this);
  }

  /** All readings, in the order of time. */
  public List<CoolingEvent.Read> readings() {
    return events.stream()
        .filter(CoolingEvent.Read.class::isInstance)
        .map(CoolingEvent.Read.class::cast)
        .toList();
  }

  /** How it stands now. */
  public CoolingSetup standing() {
    CoolingSetup now = setup;
    for (CoolingEvent event : events) {
      if (event instanceof CoolingEvent.Placed placed) {
        now = placed.setup();
      } else if (event instanceof CoolingEvent.Reheated again) {
        now = again.setup();
      }
    }
    return now;
  }

  /** Seconds since it left the heat. */
  double seconds(Instant at) {
    return (at.toEpochMilli() - startedAt.toEpochMilli()) / 1000.0;
  }

  Instant after(double seconds) {
    return startedAt.plusMillis(Math.round(seconds * 1000));
  }

  /** What changed its cooling, for a run. */
  List<CoolingRun.Step> steps() {
    List<CoolingRun.Step> steps = new ArrayList<>();
    steps.add(new CoolingRun.Step(0, Optional.of(setup)));
    for (CoolingEvent event : events) {
      if (event instanceof CoolingEvent.Placed placed) {
        steps.add(new CoolingRun.Step(seconds(placed.at()), Optional.of(placed.setup())));
      } else if (event instanceof CoolingEvent.Stirred stirred) {
        steps.add(new CoolingRun.Step(seconds(stirred.at()), Optional.empty()));
      }
    }
    return steps;
  }
}
