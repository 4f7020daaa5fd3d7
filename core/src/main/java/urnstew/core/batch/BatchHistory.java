package urnstew.core.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingRestored;
import urnstew.core.batch.BatchEvent.ReadingStruckOut;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.thermo.FoodProperties;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * A batch and everything that happened to it so far.
 *
 * @param snapshot what it was started with
 * @param events in the order in which they were recorded
 */
public record BatchHistory(BatchSnapshot snapshot, List<BatchEvent> events) {
  public BatchHistory {
    events = List.copyOf(events);
  }

  /** The history with one more event, if the event can be meant. */
  public BatchHistory with(BatchEvent event, Instant now) {
    requireMeant(event, now);
    List<BatchEvent> more = new ArrayList<>(events);
    more.add(event);
    return new BatchHistory(snapshot, more);
  }

  /** Readings that count, in the order of time. */
  public List<ReadingTaken> countingReadings() {
    Set<UUID> struck = struckOut();
    return all(ReadingTaken.class).stream()
        .filter(reading -> !struck.contains(reading.id()))
        .sorted(java.util.Comparator.comparing(ReadingTaken::at))
        .toList();
  }

  /** Readings that were struck out and not put back. */
  public Set<UUID> struckOut() {
    Set<UUID> struck = new HashSet<>();
    for (BatchEvent event : events) {
      if (event instanceof ReadingStruckOut out) {
        struck.add(out.readingId());
      } else if (event instanceof ReadingRestored back) {
        struck.remove(back.readingId());
      }
    }
    return struck;
  }

  /** When everything for the simmer was in the pot: as ticked, else as planned. */
  public Instant simmerStartedAt() {
    List<SimmerStarted> ticks = all(SimmerStarted.class);
    if (!ticks.isEmpty()) {
      return ticks.get(ticks.size() - 1).at();
    }
    double lead = snapshot.inputs().formula().leadTime().toSeconds();
    return snapshot.clock().at(lead);
  }

  /** The end, once the batch came off the heat. */
  public Optional<Finished> finished() {
    return all(Finished.class).stream().findFirst();
  }

  private <E extends BatchEvent> List<E> all(Class<E> kind) {
    return events.stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  private void requireMeant(BatchEvent event, Instant now) {
    if (event.at().isAfter(now.plusSeconds(60))) {
      throw new InvalidInput(
          "at",
          "in-the-future",
          "That moment is still to come.",
          "now or earlier",
          "Type when it really happened.");
    }
    if (event.at().isBefore(snapshot.clock().startedAt())) {
      throw new InvalidInput(
          "at",
          "before-start",
          "The burner was not lit yet then.",
          "after the batch was started",
          "Type a later moment.");
    }
    if (event instanceof ReadingTaken reading) {
      requireMeant(reading);
    } else if (event instanceof ReadingStruckOut struck) {
      requireStanding(struck);
    } else if (event instanceof ReadingRestored restored) {
      requireStruckOut(restored);
    } else if (event instanceof Finished finished) {
      finished.finalMass().ifPresent(mass -> requireHeld("finalMass", mass));
    }
  }

  private void requireMeant(ReadingTaken reading) {
    if (reading.at().isBefore(simmerStartedAt())) {
      throw new InvalidInput(
          "at",
          "before-simmer",
          "The tomatoes were not in the pot yet then.",
          "after the simmer started",
          "Say when they went in at the step 'Simmer', or type a later moment.");
    }
    if (reading.measurement() instanceof Dipped dipped) {
      snapshot.inputs().vessel().shape().volumeAt(dipped.depth());
    } else if (reading.measurement() instanceof Weighed weighed) {
      requireHeld("gross", net(weighed));
    }
  }

  private static Mass net(Weighed weighed) {
    if (weighed.gross().compareTo(weighed.tare()) <= 0) {
      throw new InvalidInput(
          "gross",
          "lighter-than-pot",
          "That is not more than the empty pot weighs.",
          String.format(Locale.ROOT, "more than %.2f kg", weighed.tare().kilograms()),
          "Choose 'sauce alone' if the pot was not on the scale.");
    }
    return weighed.gross().minus(weighed.tare());
  }

  /** A pot cannot hold more than fills it to the rim. */
  private void requireHeld(String parameter, Mass mass) {
    var shape = snapshot.inputs().vessel().shape();
    Mass most =
        shape
            .capacity()
            .at(
                FoodProperties.density(
                    snapshot.inputs().formula().intoThePot(), Temperature.ofCelsius(20)));
    if (mass.compareTo(most) > 0) {
      throw new InvalidInput(
          parameter,
          "more-than-vessel-holds",
          String.format(
              Locale.ROOT,
              "%.2f kg is more than '%s' holds, %.1f kg.",
              mass.kilograms(),
              snapshot.inputs().vessel().name(),
              most.kilograms()),
          String.format(Locale.ROOT, "%.1f kg", most.kilograms()),
          "Check the number and its unit, and whether the pot was on the scale.");
    }
  }

  private void requireStanding(ReadingStruckOut struck) {
    boolean stands =
        countingReadings().stream().anyMatch(reading -> reading.id().equals(struck.readingId()));
    if (!stands) {
      throw new InvalidInput(
          "readingId",
          "no-such-reading",
          "There is no such reading to strike out.",
          "a reading of this batch that still counts",
          "Look at the list of readings again.");
    }
  }

  private void requireStruckOut(ReadingRestored restored) {
    if (!struckOut().contains(restored.readingId())) {
      throw new InvalidInput(
          "readingId",
          "no-such-reading",
          "There is no struck-out reading to put back.",
          "a struck-out reading of this batch",
          "Look at the list of readings again.");
    }
  }
}
