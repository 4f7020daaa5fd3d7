package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
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
import urnstew.core.plan.Planner;
import urnstew.core.reduction.Change;
import urnstew.core.reduction.Program;
import urnstew.core.sauce.Pieces;

/** A batch's history as a program for the pot, and its readings in the program's own time. */
final class ProgramOfBatch {
  private final BatchHistory history;

  /** Of the simmer's seconds on the batch's clock: asked for at every reading. */
  private final double origin;

  ProgramOfBatch(BatchHistory history) {
    this.history = history;
    this.origin = history.snapshot().clock().secondsAt(history.simmerStartedAt());
  }

  /** What was done to the pot, and what is still planned to be. */
  Program program(BatchLines lines) {
    Program planned = Planner.program(history.snapshot().inputs().setting(), lines.asPoured());
    List<Change> changes = new ArrayList<>(planned.changes());
    for (Added added : history.counting(Added.class)) {
      changes.add(
          new Change.Added(
              seconds(added), added.ingredient().contents(added.mass()), added.temperature()));
    }
    for (LadledOut out : history.counting(LadledOut.class)) {
      changes.add(new Change.LadledOut(seconds(out), out.mass()));
    }
    for (CupsTried cups : history.counting(CupsTried.class)) {
      changes.add(new Change.LadledOut(seconds(cups), cups.taken()));
    }
    for (PiecesTakenOut out : history.counting(PiecesTakenOut.class)) {
      PiecesInPot in = PiecesInPot.before(history, lines.asPoured(), seconds(out));
      Pieces stay = in.together(piece -> !PiecesInPot.leaves(piece, out));
      changes.add(new Change.PiecesTakenOut(seconds(out), stay, in.together(piece -> true)));
    }
    for (SetOtherwise set : history.counting(SetOtherwise.class)) {
      changes.add(new Change.SetOtherwise(seconds(set), set.setting()));
    }
    return planned.with(changes);
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
