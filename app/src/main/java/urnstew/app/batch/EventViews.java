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
import urnstew.core.batch.BatchEvent.CameOver;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.Restored;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.batch.BatchEvent.TargetSet;
import urnstew.core.batch.BatchEvent.Tasted;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.Measurement;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.batch.Measurement.Probed;
import urnstew.core.batch.Measurement.Refracted;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.batch.PiecesInPot;
import urnstew.core.formula.Stage;
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
    Told told = event.accept(new Telling(acts));
    return new EventView(
        row.id(),
        row.sequence(),
        row.kind(),
        row.happenedAt(),
        row.actor(),
        row.enteredText() == null ? "" : row.enteredText(),
        told.read(),
        told.kilograms(),
        told.what(),
        struckOut,
        odd,
        told.note());
  }

  /**
   * What one says.
   *
   * @param what of what, or how from then on
   */
  private record Told(ReadView read, @Nullable Double kilograms, String what, String note) {
    static final Told NOTHING = new Told(NOTHING_READ, null, "", "");

    static Told of(Mass mass, String what) {
      return new Told(NOTHING_READ, mass.kilograms(), what, "");
    }

    static Told of(String what) {
      return new Told(NOTHING_READ, null, what, "");
    }
  }

  /** Every kind in a cook's words. */
  private record Telling(BatchHistory history) implements BatchEvent.Visitor<Told> {
    @Override
    public Told readingTaken(ReadingTaken event) {
      return new Told(read(event.measurement()), null, "", "");
    }

    @Override
    public Told struckOut(StruckOut event) {
      return new Told(NOTHING_READ, null, "", event.reason());
    }

    @Override
    public Told restored(Restored event) {
      return Told.NOTHING;
    }

    @Override
    public Told poured(Poured event) {
      var portions = history.snapshot().inputs().formula().portions();
      return Told.of(event.mass(), portions.get(event.line()).ingredient().name());
    }

    @Override
    public Told added(Added event) {
      return Told.of(event.mass(), event.ingredient().name());
    }

    @Override
    public Told ladledOut(LadledOut event) {
      return Told.of(event.mass(), "");
    }

    @Override
    public Told piecesTakenOut(PiecesTakenOut event) {
      return Told.of(
          PiecesInPot.before(history, event.at()).all().stream()
              .filter(piece -> event.which().contains(piece.ingredient().id()))
              .map(piece -> piece.ingredient().name())
              .distinct()
              .collect(Collectors.joining(", ")));
    }

    @Override
    public Told cameOver(CameOver event) {
      Stage stage = history.snapshot().inputs().formula().formula().stages().get(event.stage());
      return Told.of(event.mass(), stage.title());
    }

    @Override
    public Told setOtherwise(SetOtherwise event) {
      return Told.of(setting(event.setting()));
    }

    @Override
    public Told targetSet(TargetSet event) {
      return Told.NOTHING;
    }

    @Override
    public Told tasted(Tasted event) {
      return Told.of(found(event.taste()));
    }

    @Override
    public Told cupsTried(CupsTried event) {
      return Told.of(event.taken(), tried(event.trial()));
    }

    @Override
    public Told stepDone(StepDone event) {
      return Told.of(event.step());
    }

    @Override
    public Told simmerStarted(SimmerStarted event) {
      return Told.NOTHING;
    }

    @Override
    public Told finished(Finished event) {
      Double weighed = event.finalMass().map(Mass::kilograms).orElse(null);
      return new Told(NOTHING_READ, weighed, "", event.note());
    }
  }

  private static ReadView read(Measurement m) {
    return new ReadView(
        m instanceof Weighed w ? w.gross().minus(w.tare()).kilograms() : null,
        m instanceof Dipped d ? d.depth().meters() : null,
        m instanceof Probed p ? p.temperature().celsius() : null,
        m instanceof Refracted r ? r.soluble().value() : null,
        m instanceof Plated p ? p.spread().meters() : null);
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
}
