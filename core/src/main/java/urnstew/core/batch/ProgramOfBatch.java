package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.batch.Measurement.Probed;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.correction.Reading;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.plan.PotProgram;
import urnstew.core.reduction.Change;
import urnstew.core.reduction.Program;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PotContents;

/** A batch's history as a program for the pot, and its readings in the program's own time. */
final class ProgramOfBatch {
  private final BatchHistory history;
  private final Set<String> moved;

  /** Of the simmer's seconds on the batch's clock: asked for at every reading. */
  private final double origin;

  ProgramOfBatch(BatchHistory history) {
    this.history = history;
    this.moved = PiecesInPot.movedIn(history);
    this.origin = history.snapshot().clock().secondsAt(history.simmerStartedAt());
  }

  /** What was done to the pot, and what is still planned to be. */
  Program program(BatchLines lines) {
    ResolvedFormula asPoured = lines.asPoured();
    List<Change> changes = new ArrayList<>();
    for (Added added : history.counting(Added.class)) {
      Filling what = filling(added);
      changes.add(new Change.Added(seconds(added), what, added.temperature()));
    }
    for (LadledOut out : history.counting(LadledOut.class)) {
      changes.add(new Change.LadledOut(seconds(out), out.mass()));
    }
    for (CupsTried cups : history.counting(CupsTried.class)) {
      changes.add(new Change.LadledOut(seconds(cups), cups.taken()));
    }
    for (PiecesTakenOut out : history.counting(PiecesTakenOut.class)) {
      PiecesInPot.before(history, asPoured, seconds(out)).leaving(out).stream()
          .map(kind -> new Change.PiecesOut(seconds(out), kind, 1))
          .forEach(changes::add);
    }
    for (SetOtherwise set : history.counting(SetOtherwise.class)) {
      changes.add(new Change.SetOtherwise(seconds(set), set.setting()));
    }
    Program planned =
        PotProgram.of(history.snapshot().inputs(), asPoured, moved, new Told(history).seconds());
    changes.addAll(planned.changes());
    return planned.with(changes);
  }

  private Filling filling(Added added) {
    PotContents all = added.ingredient().contents(added.mass());
    String id = added.ingredient().id();
    return moved.contains(id) ? Filling.apart(all, id) : Filling.of(all);
  }

  List<Reading> readings() {
    return history.countingReadings().stream().map(this::reading).toList();
  }

  private Reading reading(ReadingTaken taken) {
    double seconds = seconds(taken);
    String key = taken.id().toString();
    Measurement measurement = taken.measurement();
    if (measurement instanceof Weighed weighed) {
      return new Reading.Weighing(
          key, seconds, weighed.gross().minus(weighed.tare()), weighed.error());
    }
    if (measurement instanceof Dipped dipped) {
      return new Reading.Dip(key, seconds, dipped.depth(), dipped.error());
    }
    if (measurement instanceof Probed probed) {
      return new Reading.Warmth(key, seconds, probed.temperature(), probed.error());
    }
    if (measurement instanceof Plated plated) {
      return new Reading.Plate(key, seconds, plated.spread(), plated.spoonful(), plated.error());
    }
    Measurement.Refracted refracted = (Measurement.Refracted) measurement;
    return new Reading.Brix(key, seconds, refracted.soluble(), refracted.error());
  }

  private double seconds(BatchEvent event) {
    return Math.max(0, history.snapshot().clock().secondsAt(event.at()) - origin);
  }
}
