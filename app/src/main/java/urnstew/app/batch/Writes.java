package urnstew.app.batch;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.kitchen.KitchenTime;
import urnstew.app.plan.HeatingChoice;
import urnstew.app.plan.PlanRequest;
import urnstew.app.platform.StoveTime;
import urnstew.core.reduction.Lid;

/** What is written at the stove. Every write says when it was typed and when it was sent. */
public interface Writes {
  /** What every write brings. */
  interface Timed {
    UUID id();

    Stamp stamp();

    /** What was typed for the value, if there is one. */
    default String enteredText() {
      return "";
    }
  }

  /** What is written to a pot that is on the stove. */
  sealed interface Entry extends Timed {
    /** The visitor's answer for this kind. */
    <T> T accept(Visitor<T> visitor);
  }

  /** One answer for each kind: a new kind does not compile until everybody has one for it. */
  interface Visitor<T> {
    T simmerStart(SimmerStart write);

    T takeReading(TakeReading write);

    T pour(Pour write);

    T add(Add write);

    T ladleOut(LadleOut write);

    T takePiecesOut(TakePiecesOut write);

    T bringOver(BringOver write);

    T setHeat(SetHeat write);

    T taste(Taste write);

    T tryCups(TryCups write);

    T setTarget(SetTarget write);

    T doStep(DoStep write);

    T strikeOut(StrikeOut write);

    T restore(Restore write);

    T finish(Finish write);
  }

  /**
   * When something was written.
   *
   * @param typedAt by the device's clock
   * @param sentAt by the device's clock
   * @param happenedLocalTime hour on the kitchen's clock, where it was not when it was typed
   */
  record Stamp(
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime) {

    /** When it was typed, by the server's clock. */
    public Instant typed(Instant received) {
      return new StoveTime(typedAt, sentAt).typedByServerClock(received);
    }

    /** When it happened, by the server's clock. */
    public Instant happened(Instant received, ZoneId zone) {
      Instant typed = typed(received);
      return happenedLocalTime == null ? typed : KitchenTime.gone(happenedLocalTime, zone, typed);
    }
  }

  /**
   * Light the burner.
   *
   * @param sharesHeat whether somebody said that it stands beside others on its burner or in its
   *     oven
   */
  record StartBatch(
      @NotNull UUID id,
      @NotNull @Valid PlanRequest plan,
      int timeScale,
      @Nullable Boolean sharesHeat,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** Everything for the simmer is in the pot. */
  record SimmerStart(@NotNull UUID id, @NotNull @Valid Stamp stamp) implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.simmerStart(this);
    }
  }

  /**
   * A reading: exactly one of a weighing (with the pot it was weighed in, if there was one), a
   * depth, a temperature, dissolved solids, or the spread of a spoonful.
   */
  record TakeReading(
      @NotNull UUID id,
      @Nullable Double grossKilograms,
      @Nullable UUID tareVesselId,
      @Nullable Double depthMeters,
      @Nullable Double temperatureCelsius,
      @Nullable Double solubleFraction,
      @Nullable Double spreadMeters,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull ReadingSource source,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.takeReading(this);
    }
  }

  /** What really went in of one line of the formula. */
  record Pour(
      @NotNull UUID id,
      int line,
      double massKilograms,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.pour(this);
    }
  }

  /**
   * Something goes in that was not planned.
   *
   * @param temperatureCelsius of it; the kitchen's where nobody says
   */
  record Add(
      @NotNull UUID id,
      @NotNull String ingredientId,
      double massKilograms,
      @Nullable Double temperatureCelsius,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.add(this);
    }
  }

  /** Sauce is ladled out. */
  record LadleOut(
      @NotNull UUID id,
      double massKilograms,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.ladleOut(this);
    }
  }

  /**
   * Whole pieces are lifted out.
   *
   * @param ingredientIds which; absent for all that are lifted out
   */
  record TakePiecesOut(
      @NotNull UUID id, @Nullable List<String> ingredientIds, @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.takePiecesOut(this);
    }
  }

  /**
   * What a stage cooked beside the pot came over into it, weighed with its liquor.
   *
   * @param stage place of the stage in the formula
   */
  record BringOver(
      @NotNull UUID id,
      int stage,
      double massKilograms,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.bringOver(this);
    }
  }

  /**
   * Knob, lid, oven, burner or pot are changed.
   *
   * @param sharesHeat whether somebody said that it stands beside others there
   */
  record SetHeat(
      @NotNull UUID id,
      @NotNull @Valid HeatingChoice heating,
      @NotNull Lid lid,
      @NotNull UUID vesselId,
      @NotNull UUID heatSourceId,
      @Nullable Boolean sharesHeat,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.setHeat(this);
    }
  }

  /** The pot is measured or tasted: any of these, what is absent was not. */
  record Taste(
      @NotNull UUID id,
      @Nullable Double pH,
      @Nullable Double brixFraction,
      int sharper,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.taste(this);
    }
  }

  /**
   * Doses were tried in cups; the first cup is the pot as it is.
   *
   * @param potKilograms what the pot held when the doses were measured out
   * @param chosen place of the cup that was chosen, from 0
   */
  record TryCups(
      @NotNull UUID id,
      double cupKilograms,
      @NotNull @Size(max = 80) String enteredText,
      double potKilograms,
      @NotNull List<@Valid TriedCup> cups,
      int tasters,
      @Nullable Integer chosen,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.tryCups(this);
    }
  }

  /** One cup: what it stands for in the pot, and what was tasted. */
  record TriedCup(@NotNull List<@Valid TriedDose> doses, @NotNull @Size(max = 200) String note) {}

  /** So much for the pot. */
  record TriedDose(@NotNull String ingredientId, double massKilograms) {}

  /** Another thickness is wanted: by solids, or as thick as when a spoonful spread so far. */
  record SetTarget(
      @NotNull UUID id,
      @Nullable Double solidsFraction,
      @Nullable Double spreadMeters,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.setTarget(this);
    }
  }

  /** A step was done. */
  record DoStep(
      @NotNull UUID id, @NotNull @Size(min = 1, max = 80) String step, @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.doStep(this);
    }
  }

  /** An earlier event was wrong. */
  record StrikeOut(
      @NotNull UUID id,
      @NotNull UUID eventId,
      @NotNull @Size(max = 500) String reason,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.strikeOut(this);
    }
  }

  /**
   * What was written a moment ago was not meant: the lighting, or that it is off the heat; of what
   * is kept its beginning or end, of tubs what was last done with them.
   *
   * @param eventId the thing itself, for its beginning; else the entry
   */
  record TakeBack(@NotNull UUID id, @NotNull UUID eventId, @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** That event was right after all. */
  record Restore(@NotNull UUID id, @NotNull UUID eventId, @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.restore(this);
    }
  }

  /** Off the heat. */
  record Finish(
      @NotNull UUID id,
      @Nullable Double finalMassKilograms,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Size(max = 2000) String note,
      @Nullable Boolean stopped,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.finish(this);
    }
  }
}
