package urnstew.app.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.ReadView;
import urnstew.app.plan.HeatingChoice;
import urnstew.core.balance.CupTrial;
import urnstew.core.balance.MeasuredTaste;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.batch.BatchEvent.Tasted;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.Measurement;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.batch.Measurement.Probed;
import urnstew.core.batch.Measurement.Refracted;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.batch.PiecesInPot;
import urnstew.core.reduction.SimmerSetting;
import urnstew.units.Mass;

/** What happened to a batch, for the screens. */
final class EventViews {
  private static final ReadView NOTHING_READ = new ReadView(null, null, null, null, null);

  private EventViews() {}

  /** A stored event with what it says. */
  record Happened(EventRow row, BatchEvent event) {}

  /**
   * Some of a batch's events.
   *
   * @param acts everything of the batch but its readings
   */
  static List<EventView> of(List<Happened> some, BatchHistory acts, List<String> oddReadings) {
    Set<UUID> struck = acts.struckOut();
    Set<String> odd = Set.copyOf(oddReadings);
    return some.stream()
        .map(
            happened ->
                view(
                    happened.row(),
                    happened.event(),
                    acts,
                    struck.contains(happened.row().id()),
                    odd.contains(happened.row().id().toString())))
        .toList();
  }

  private static EventView view(
      EventRow row, BatchEvent event, BatchHistory acts, boolean struckOut, boolean odd) {
    return new EventView(
        row.id(),
        row.sequence(),
        row.kind(),
        row.happenedAt(),
        row.actor(),
        row.enteredText() == null ? "" : row.enteredText(),
        read(event),
        mass(event),
        what(event, acts),
        struckOut,
        odd,
        note(event));
  }

  private static ReadView read(BatchEvent event) {
    if (!(event instanceof ReadingTaken taken)) {
      return NOTHING_READ;
    }
    Measurement m = taken.measurement();
    return new ReadView(
        m instanceof Weighed w ? w.gross().minus(w.tare()).kilograms() : null,
        m instanceof Dipped d ? d.depth().meters() : null,
        m instanceof Probed p ? p.temperature().celsius() : null,
        m instanceof Refracted r ? r.soluble().value() : null,
        m instanceof Plated p ? p.spread().meters() : null);
  }

  private static @Nullable Double mass(BatchEvent event) {
    if (event instanceof Poured poured) {
      return poured.mass().kilograms();
    }
    if (event instanceof Added added) {
      return added.mass().kilograms();
    }
    if (event instanceof LadledOut out) {
      return out.mass().kilograms();
    }
    if (event instanceof CupsTried cups) {
      return cups.taken().kilograms();
    }
    return event instanceof Finished f ? f.finalMass().map(Mass::kilograms).orElse(null) : null;
  }

  /** Of what, or how from then on. */
  private static String what(BatchEvent event, BatchHistory history) {
    if (event instanceof Poured poured) {
      var portions = history.snapshot().inputs().formula().portions();
      return portions.get(poured.line()).ingredient().name();
    }
    if (event instanceof Added added) {
      return added.ingredient().name();
    }
    if (event instanceof SetOtherwise set) {
      return setting(set.setting());
    }
    if (event instanceof CupsTried cups) {
      return tried(cups.trial());
    }
    if (event instanceof Tasted tasted) {
      return found(tasted.taste());
    }
    if (event instanceof PiecesTakenOut out) {
      return PiecesInPot.before(history, out.at()).all().stream()
          .filter(piece -> out.which().contains(piece.ingredient().id()))
          .map(piece -> piece.ingredient().name())
          .distinct()
          .collect(Collectors.joining(", "));
    }
    return event instanceof StepDone done ? done.step() : "";
  }

  /** Each cup with what it stood for in the pot. */
  private static String tried(CupTrial trial) {
    return IntStream.range(0, trial.cups().size())
        .mapToObj(
            place -> {
              CupTrial.Cup cup = trial.cups().get(place);
              String chosen = trial.chosen().equals(Optional.of(place)) ? " (chosen)" : "";
              String note = cup.note().isEmpty() ? "" : ": " + cup.note();
              return doses(cup) + note + chosen;
            })
        .collect(Collectors.joining("; "));
  }

  private static String doses(CupTrial.Cup cup) {
    return cup.doses().isEmpty()
        ? "as it is"
        : cup.doses().stream()
            .map(
                dose ->
                    String.format(
                        Locale.ROOT,
                        "%.1f g %s",
                        dose.forPot().grams(),
                        dose.ingredient().name().toLowerCase(Locale.ROOT)))
            .collect(Collectors.joining(" and "));
  }

  private static String found(MeasuredTaste taste) {
    List<String> words = new ArrayList<>();
    taste.pH().ifPresent(read -> words.add(String.format(Locale.ROOT, "pH %.2f", read)));
    taste
        .brix()
        .ifPresent(
            read -> words.add(String.format(Locale.ROOT, "tomatoes %.1f °Brix", read.percent())));
    if (taste.sharper() != 0) {
      words.add(taste.sharper() > 0 ? "sharper than usual" : "milder than usual");
    }
    return String.join(", ", words);
  }

  private static String setting(SimmerSetting setting) {
    HeatingChoice heating = HeatingChoice.of(setting.heating());
    String lid =
        switch (setting.lid()) {
          case OFF -> "lid off";
          case AJAR -> "lid ajar";
          case ON -> "lid on";
        };
    return heating.inWords() + ", " + lid + ", " + setting.vessel().name();
  }

  private static String note(BatchEvent event) {
    if (event instanceof StruckOut out) {
      return out.reason();
    }
    return event instanceof Finished finished ? finished.note() : "";
  }
}
