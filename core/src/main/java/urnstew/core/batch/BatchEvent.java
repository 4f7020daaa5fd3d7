package urnstew.core.batch;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import urnstew.core.balance.CupTrial;
import urnstew.core.balance.MeasuredTaste;
import urnstew.core.correction.Target;
import urnstew.core.pantry.Ingredient;
import urnstew.core.reduction.SimmerSetting;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Something that happened to a batch; never changed, never removed. */
public sealed interface BatchEvent {
  /** Identity, made where it was typed. */
  UUID id();

  /** When it happened. */
  Instant at();

  /** Asks the visitor what to do with its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with every kind: a new one does not compile before each visitor knows it.
   *
   * @param <R> what is done with it
   */
  interface Visitor<R> {
    R readingTaken(ReadingTaken event);

    R struckOut(StruckOut event);

    R restored(Restored event);

    R poured(Poured event);

    R added(Added event);

    R ladledOut(LadledOut event);

    R piecesTakenOut(PiecesTakenOut event);

    R cameOver(CameOver event);

    R setOtherwise(SetOtherwise event);

    R targetSet(TargetSet event);

    R tasted(Tasted event);

    R cupsTried(CupsTried event);

    R stepDone(StepDone event);

    R simmerStarted(SimmerStarted event);

    R finished(Finished event);
  }

  /**
   * A reading.
   *
   * @param id identity
   * @param at when it was taken
   * @param measurement what was read
   */
  record ReadingTaken(UUID id, Instant at, Measurement measurement) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.readingTaken(this);
    }
  }

  /**
   * An earlier event was wrong; it stays in the history and counts no more.
   *
   * @param id identity
   * @param at when it was struck out
   * @param eventId which
   * @param reason why, may be empty
   */
  record StruckOut(UUID id, Instant at, UUID eventId, String reason) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.struckOut(this);
    }
  }

  /**
   * A struck-out event was right after all; it counts again.
   *
   * @param id identity
   * @param at when it was put back
   * @param eventId which
   */
  record Restored(UUID id, Instant at, UUID eventId) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.restored(this);
    }
  }

  /**
   * What really went in of one line of the formula.
   *
   * @param id identity
   * @param at when it went in
   * @param line which line, counted from 0 through all stages
   * @param mass how much
   */
  record Poured(UUID id, Instant at, int line, Mass mass) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.poured(this);
    }
  }

  /**
   * Something went in that was not planned.
   *
   * @param id identity
   * @param at when
   * @param ingredient what
   * @param mass how much
   * @param temperature of it
   */
  record Added(UUID id, Instant at, Ingredient ingredient, Mass mass, Temperature temperature)
      implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.added(this);
    }
  }

  /**
   * Sauce was ladled out.
   *
   * @param id identity
   * @param at when
   * @param mass how much
   */
  record LadledOut(UUID id, Instant at, Mass mass) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ladledOut(this);
    }
  }

  /**
   * The pieces came out, with what they have not given yet.
   *
   * @param id identity
   * @param at when
   * @param which ingredients by id; none for all that are lifted out whole
   */
  record PiecesTakenOut(UUID id, Instant at, List<String> which) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.piecesTakenOut(this);
    }

    public PiecesTakenOut {
      which = List.copyOf(which);
    }
  }

  /**
   * What a stage cooked in a vessel beside the pot came over into it, weighed with its liquor; what
   * was left behind as grit, rind or fat is not in it.
   *
   * @param id identity
   * @param at when
   * @param stage place of the stage in the formula
   * @param mass of what went in
   */
  record CameOver(UUID id, Instant at, int stage, Mass mass) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.cameOver(this);
    }
  }

  /**
   * Knob, lid, oven, burner or pot were changed.
   *
   * @param id identity
   * @param at when
   * @param setting from then on
   */
  record SetOtherwise(UUID id, Instant at, SimmerSetting setting) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.setOtherwise(this);
    }
  }

  /**
   * The cook wants it thicker or thinner, or judges it by the plate.
   *
   * @param id identity
   * @param at when
   * @param target from then on
   */
  record TargetSet(UUID id, Instant at, Target target) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.targetSet(this);
    }
  }

  /**
   * The pot was measured or tasted; the last one counts.
   *
   * @param id identity
   * @param at when
   * @param taste what was found
   */
  record Tasted(UUID id, Instant at, MeasuredTaste taste) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.tasted(this);
    }
  }

  /**
   * Doses were tried in cups.
   *
   * @param id identity
   * @param at when
   * @param trial the cups and what was chosen
   */
  record CupsTried(UUID id, Instant at, CupTrial trial) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.cupsTried(this);
    }

    /** Sauce that left the pot for it. */
    public Mass taken() {
      return trial.cup().times(trial.cups().size());
    }
  }

  /**
   * A step was done.
   *
   * @param id identity
   * @param at when
   * @param step its key
   */
  record StepDone(UUID id, Instant at, String step) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.stepDone(this);
    }
  }

  /**
   * Everything for the simmer went into the pot.
   *
   * @param id identity
   * @param at when
   */
  record SimmerStarted(UUID id, Instant at) implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.simmerStarted(this);
    }
  }

  /**
   * The batch came off the heat.
   *
   * @param id identity
   * @param at when
   * @param finalMass what was weighed at the end, if it was
   * @param note what the cook wants to remember, may be empty
   * @param stopped whether it is not done, and goes on another day
   */
  record Finished(UUID id, Instant at, Optional<Mass> finalMass, String note, boolean stopped)
      implements BatchEvent {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.finished(this);
    }
  }
}
