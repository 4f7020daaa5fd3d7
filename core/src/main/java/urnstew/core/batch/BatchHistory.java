package urnstew.core.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.Restored;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.batch.BatchEvent.TargetSet;
import urnstew.core.correction.Target;
import urnstew.core.reduction.SimmerSetting;

/** A batch and everything that happened to it so far. */
public final class BatchHistory {
  private final BatchSnapshot snapshot;
  private final List<BatchEvent> events;
  private final Set<UUID> struckOut;

  /**
   * What counts of each kind, sorted once: of thousands of readings it is asked again and again.
   */
  private final Map<Class<?>, List<?>> counting = new ConcurrentHashMap<>();

  /**
   * A history.
   *
   * @param snapshot what it was started with
   * @param events in the order in which they were recorded
   */
  public BatchHistory(BatchSnapshot snapshot, List<BatchEvent> events) {
    this.snapshot = snapshot;
    this.events = List.copyOf(events);
    this.struckOut = Set.copyOf(struckOut(events));
  }

  /** What it was started with. */
  public BatchSnapshot snapshot() {
    return snapshot;
  }

  /** All that was recorded, in that order. */
  public List<BatchEvent> events() {
    return events;
  }

  /** The history with one more event, if the event can be meant. */
  public BatchHistory with(BatchEvent event, Instant now) {
    new EventRules(this, now).require(event);
    List<BatchEvent> more = new ArrayList<>(events);
    more.add(event);
    return new BatchHistory(snapshot, more);
  }

  /** Readings that count, in the order of time. */
  public List<ReadingTaken> countingReadings() {
    return counting(ReadingTaken.class);
  }

  /** Events of a kind that were not struck out, in the order of time. */
  public <E extends BatchEvent> List<E> counting(Class<E> kind) {
    return counting.computeIfAbsent(kind, this::sorted).stream().map(kind::cast).toList();
  }

  private List<BatchEvent> sorted(Class<?> kind) {
    return events.stream()
        .filter(event -> kind.isInstance(event) && !struckOut.contains(event.id()))
        .sorted(Comparator.comparing(BatchEvent::at))
        .toList();
  }

  /** Events that were struck out and not put back. */
  public Set<UUID> struckOut() {
    return struckOut;
  }

  private static Set<UUID> struckOut(List<BatchEvent> events) {
    Set<UUID> struck = new HashSet<>();
    for (BatchEvent event : events) {
      if (event instanceof StruckOut out) {
        struck.add(out.eventId());
      } else if (event instanceof Restored back) {
        struck.remove(back.eventId());
      }
    }
    return struck;
  }

  /** When everything for the simmer was in the pot: as ticked, else as planned. */
  public Instant simmerStartedAt() {
    List<SimmerStarted> ticks = counting(SimmerStarted.class);
    if (!ticks.isEmpty()) {
      return ticks.get(ticks.size() - 1).at();
    }
    return snapshot.clock().at(snapshot.preparation().toSeconds());
  }

  /** How it cooks now: as last set. */
  public SimmerSetting setting() {
    List<SetOtherwise> set = counting(SetOtherwise.class);
    return set.isEmpty() ? snapshot.inputs().setting() : set.get(set.size() - 1).setting();
  }

  /** What the cook wants now. */
  public Target target() {
    List<TargetSet> set = counting(TargetSet.class);
    return set.isEmpty() ? snapshot.inputs().target() : set.get(set.size() - 1).target();
  }

  /** The end, once the batch came off the heat and nobody took that back. */
  public Optional<Finished> finished() {
    return counting(Finished.class).stream().findFirst();
  }

  /**
   * When it came off the heat to go on another day, s after the simmer started; empty where it did
   * not.
   */
  OptionalDouble stoppedSeconds() {
    return finished().filter(Finished::stopped).stream()
        .mapToDouble(end -> Math.max(0, simmerSeconds(end.at())))
        .findFirst();
  }

  /** When it is so many seconds after the simmer started. */
  Instant at(double simmerSeconds) {
    BatchClock clock = snapshot.clock();
    return clock.at(clock.secondsAt(simmerStartedAt()) + simmerSeconds);
  }

  /** Time of the batch since the simmer started, s. */
  public double simmerSeconds(Instant at) {
    BatchClock clock = snapshot.clock();
    return clock.secondsAt(at) - clock.secondsAt(simmerStartedAt());
  }
}
