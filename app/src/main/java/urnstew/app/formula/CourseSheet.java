package urnstew.app.formula;

import static urnstew.app.platform.Fields.at;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.StageCourse;
import urnstew.core.formula.StageEnd;
import urnstew.core.formula.StageVessel;
import urnstew.core.formula.Tool;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * How a stage goes, as it is written.
 *
 * @param vessel what it is cooked in
 * @param end what ends it
 * @param endValue of a thickness (fraction), mass (kg), volume (m³), depth (m) or temperature (°C)
 * @param endText the same as entered; empty where it was not typed
 * @param handsMinutes a cook's own time in it; absent for what its technique usually takes
 * @param tools as 'processor: pulse 4'
 * @param moves pieces that go out or come back
 */
public record CourseSheet(
    @NotNull StageVessel vessel,
    @NotNull End end,
    @Nullable Double endValue,
    @NotNull String endText,
    @Nullable Double handsMinutes,
    @NotNull List<@NotNull @Size(max = 130) String> tools,
    @NotNull List<@Valid MoveSheet> moves) {
  private static final int MOST = 12;
  private static final Map<Class<? extends StageEnd>, End> KINDS =
      Map.of(
          StageEnd.Minutes.class, End.MINUTES,
          StageEnd.Cue.class, End.CUE,
          StageEnd.AllIn.class, End.ALL_IN,
          StageEnd.Thick.class, End.THICK,
          StageEnd.ThickAs.class, End.SOLIDS,
          StageEnd.DownToMass.class, End.MASS,
          StageEnd.DownToVolume.class, End.VOLUME,
          StageEnd.DownToDepth.class, End.DEPTH,
          StageEnd.Warm.class, End.TEMPERATURE);

  /** What ends a stage. */
  public enum End {
    UNSAID,
    MINUTES,
    CUE,
    ALL_IN,
    THICK,
    SOLIDS,
    MASS,
    VOLUME,
    DEPTH,
    TEMPERATURE
  }

  /** Pieces that go out or come back. */
  public record MoveSheet(
      @NotNull PieceMove.Way way,
      @NotNull String ingredientId,
      double shareFraction,
      @Nullable Double afterMinutes) {
    static MoveSheet of(PieceMove move) {
      return new MoveSheet(
          move.way(),
          move.ingredientId(),
          move.share().value(),
          move.after().map(after -> after.toSeconds() / 60.0).orElse(null));
    }

    PieceMove read(String at) {
      return new PieceMove(
          way,
          ingredientId,
          at(at + "shareFraction", () -> new MassFraction(shareFraction)),
          Optional.ofNullable(afterMinutes).map(it -> minutes(at + "afterMinutes", it)));
    }
  }

  static CourseSheet of(StageCourse course) {
    return new CourseSheet(
        course.vessel(),
        kind(course.end()),
        value(course.end()),
        course.endEntered(),
        course.hands().map(hands -> hands.toSeconds() / 60.0).orElse(null),
        course.tools().stream().map(Tool::text).toList(),
        course.moves().stream().map(MoveSheet::of).toList());
  }

  private static End kind(StageEnd end) {
    return KINDS.getOrDefault(end.getClass(), End.UNSAID);
  }

  private static @Nullable Double value(StageEnd end) {
    if (end instanceof StageEnd.ThickAs as) {
      return as.solids().value();
    }
    if (end instanceof StageEnd.DownToMass down) {
      return down.mass().kilograms();
    }
    if (end instanceof StageEnd.DownToVolume down) {
      return down.volume().cubicMeters();
    }
    if (end instanceof StageEnd.DownToDepth down) {
      return down.depth().meters();
    }
    return end instanceof StageEnd.Warm warm ? warm.temperature().celsius() : null;
  }

  /** What it means; every fault is told at its field. */
  StageCourse read(String at) {
    if (tools.size() > MOST || moves.size() > MOST) {
      throw new InvalidInput(
          at + (tools.size() > MOST ? "tools" : "moves"),
          "too-many",
          "More than " + MOST + " cannot be read.",
          "at most " + MOST,
          "Cut the stage in two.");
    }
    List<Tool> read = new ArrayList<>();
    for (int i = 0; i < tools.size(); i++) {
      String text = tools.get(i);
      read.add(at(at + "tools." + i, () -> Tool.of(text)));
    }
    List<PieceMove> moved = new ArrayList<>();
    for (int i = 0; i < moves.size(); i++) {
      MoveSheet move = moves.get(i);
      String field = at + "moves." + i + ".";
      moved.add(at(field + "shareFraction", () -> move.read(field)));
    }
    return new StageCourse(
        vessel,
        at(at + "endValue", this::meant),
        endText,
        Optional.ofNullable(handsMinutes).map(it -> minutes(at + "handsMinutes", it)),
        read,
        moved);
  }

  private StageEnd meant() {
    return switch (end) {
      case UNSAID -> new StageEnd.Unsaid();
      case MINUTES -> new StageEnd.Minutes();
      case CUE -> new StageEnd.Cue();
      case ALL_IN -> new StageEnd.AllIn();
      case THICK -> new StageEnd.Thick();
      case SOLIDS -> new StageEnd.ThickAs(new MassFraction(given()));
      case MASS -> new StageEnd.DownToMass(new Mass(given()));
      case VOLUME -> new StageEnd.DownToVolume(new Volume(given()));
      case DEPTH -> new StageEnd.DownToDepth(new Length(given()));
      case TEMPERATURE -> new StageEnd.Warm(new Temperature(given()));
    };
  }

  private double given() {
    if (endValue == null) {
      throw new InvalidInput(
          "endValue", "missing", "This end needs a number.", "a number", "Type how far it goes.");
    }
    return endValue;
  }

  private static Duration minutes(String field, double minutes) {
    Require.within(field, minutes, 0, 24 * 60, "min");
    return Duration.ofSeconds(Math.round(minutes * 60));
  }
}
