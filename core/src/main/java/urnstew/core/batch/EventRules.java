package urnstew.core.batch;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CameOver;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.Restored;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.batch.BatchEvent.Tasted;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.batch.Measurement.Probed;
import urnstew.core.batch.Measurement.Refracted;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.core.kitchen.OvenFitness;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** Whether an event can be meant, given what happened so far. */
final class EventRules {
  private static final double MOST_SPREAD_MILLIMETERS = 300;

  private final BatchHistory history;
  private final Instant now;

  EventRules(BatchHistory history, Instant now) {
    this.history = history;
    this.now = now;
  }

  void require(BatchEvent event) {
    requireInTime(event);
    if (event instanceof ReadingTaken reading) {
      requireSimmering(reading);
      require(reading.measurement());
    } else if (event instanceof StruckOut struck) {
      requireStanding(struck);
    } else if (event instanceof Restored restored) {
      requireStruckOut(restored);
    } else if (event instanceof Poured poured) {
      requireLine(poured);
    } else if (event instanceof Added added) {
      // What goes into the pan before the tomatoes is in the sauce all the same.
      requireHeld("mass", added.mass());
    } else if (event instanceof LadledOut ladled) {
      requireSimmering(ladled);
      requireHeld("mass", ladled.mass());
    } else if (event instanceof Tasted tasted) {
      requireSimmering(tasted);
    } else if (event instanceof CupsTried cups) {
      requireSimmering(cups);
      requireHeld("cup", cups.taken());
    } else if (event instanceof PiecesTakenOut out) {
      requireSimmering(out);
      requirePieces(out);
    } else if (event instanceof CameOver over) {
      requireBeside(over);
    } else if (event instanceof SetOtherwise set) {
      requireBears(set);
    } else if (event instanceof Finished finished) {
      finished.finalMass().ifPresent(mass -> requireHeld("finalMass", mass));
    }
  }

  private void requireInTime(BatchEvent event) {
    if (event.at().isAfter(now.plusSeconds(60))) {
      throw new InvalidInput(
          "at",
          "in-the-future",
          "That moment is still to come.",
          "now or earlier",
          "Type when it really happened.");
    }
    if (event.at().isBefore(history.snapshot().clock().startedAt())) {
      throw new InvalidInput(
          "at",
          "before-start",
          "The burner was not lit yet then.",
          "after the batch was started",
          "Type a later moment.");
    }
  }

  private void requireSimmering(BatchEvent event) {
    if (event.at().isBefore(history.simmerStartedAt())) {
      throw new InvalidInput(
          "at",
          "before-simmer",
          "The tomatoes were not in the pot yet then.",
          "after the simmer started",
          "Say when they went in at the step 'Simmer', or type a later moment.");
    }
  }

  private void require(Measurement measurement) {
    if (measurement instanceof Dipped dipped) {
      pot().shape().volumeAt(dipped.depth());
    } else if (measurement instanceof Weighed weighed) {
      requireHeld("gross", net(weighed));
    } else if (measurement instanceof Probed probed) {
      Require.within("temperature", probed.temperature().celsius(), 0, 130, "°C");
    } else if (measurement instanceof Refracted refracted) {
      Require.within("brix", refracted.soluble().percent(), 0.5, 40, "°Brix");
    } else if (measurement instanceof Plated plated) {
      double spread = plated.spread().millimeters();
      Require.within("spread", spread, 10, MOST_SPREAD_MILLIMETERS, "mm");
    }
  }

  private Vessel pot() {
    return history.setting().vessel();
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
    Require.positive(parameter, mass.kilograms(), "kg");
    var contents = history.snapshot().inputs().formula().beforeTheFinish().everything();
    Mass most =
        pot().shape().capacity().at(ThermalProperties.density(contents, Temperature.ofCelsius(20)));
    if (mass.compareTo(most) > 0) {
      throw new InvalidInput(
          parameter,
          "more-than-vessel-holds",
          String.format(
              Locale.ROOT,
              "%.2f kg is more than '%s' holds, %.1f kg.",
              mass.kilograms(),
              pot().name(),
              most.kilograms()),
          String.format(Locale.ROOT, "%.1f kg", most.kilograms()),
          "Check the number and its unit, and whether the pot was on the scale.");
    }
  }

  private void requireLine(Poured poured) {
    int lines = history.snapshot().inputs().formula().portions().size();
    if (poured.line() < 0 || poured.line() >= lines) {
      throw new InvalidInput(
          "line",
          "no-such-line",
          "This formula has no such line.",
          "a line from 0 to " + (lines - 1),
          "Look at the amounts again.");
    }
    if (poured.mass().kilograms() > 0) {
      requireHeld("mass", poured.mass());
    }
  }

  /** Pieces that are not there, or are out already, cannot come out. */
  private void requireBeside(CameOver over) {
    ResolvedFormula planned = history.snapshot().inputs().size().batch();
    ResolvedFormula batch = BatchLines.asPoured(planned, new BatchLines(history, planned).all());
    List<Stage> stages = batch.formula().stages();
    Require.within("stage", over.stage(), 0, stages.size() - 1, "");
    if (!stages.get(over.stage()).isBeside()) {
      throw new InvalidInput(
          "stage",
          "in-the-pot",
          "'" + stages.get(over.stage()).title() + "' is cooked in the pot itself.",
          "a stage in a pan, on a tray or in a bowl, before the simmer",
          "Weigh the pot instead.");
    }
    double most =
        batch.portionsOf(over.stage()).stream()
            .mapToDouble(portion -> portion.mass().kilograms())
            .sum();
    Require.within("massKilograms", over.mass().kilograms(), 0.001, most, "kg");
  }

  private void requirePieces(PiecesTakenOut out) {
    if (PiecesInPot.before(history, out.at()).leaving(out).isEmpty()) {
      throw new InvalidInput(
          "at",
          "no-pieces",
          "Nothing that is lifted out whole is in this pot then.",
          "a moment at which meat, fish, shells or other whole pieces are in the pot",
          "Look at the hour, and at what was taken out before; small pieces are ladled out.");
    }
  }

  /** Pots melt and handles burn. */
  private static void requireBears(SetOtherwise set) {
    if (set.setting().heating() instanceof InOven oven) {
      OvenFitness.require(set.setting().vessel(), oven.air());
    }
  }

  private void requireStanding(StruckOut struck) {
    boolean stands =
        history.counting(BatchEvent.class).stream()
            .filter(EventRules::canBeStruckOut)
            .anyMatch(event -> event.id().equals(struck.eventId()));
    if (!stands) {
      throw new InvalidInput(
          "eventId",
          "no-such-event",
          "There is nothing of that kind to strike out.",
          "a reading, an addition or a setting of this batch that still counts",
          "Look at the list again.");
    }
  }

  private static boolean canBeStruckOut(BatchEvent event) {
    return !(event instanceof StruckOut || event instanceof Restored);
  }

  private void requireStruckOut(Restored restored) {
    boolean anEnd =
        history.events().stream()
            .anyMatch(e -> e instanceof Finished && e.id().equals(restored.eventId()));
    if (anEnd || !history.struckOut().contains(restored.eventId())) {
      throw new InvalidInput(
          "eventId",
          "no-such-event",
          "There is nothing struck out to put back.",
          "a struck-out event of this batch",
          "Look at the list again.");
    }
  }
}
