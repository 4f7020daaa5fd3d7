package urnstew.app.formula.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.platform.store.StoredUnits;

/** One version of a formula. */
public record StoredFormula(
    String id,
    int version,
    String name,
    String inShort,
    String family,
    List<String> uses,
    StoredUnits.@Nullable MassFraction target,
    @Nullable Piece piece,
    List<Choice> choices,
    List<Stage> stages) {
  /** By what it is counted. */
  public record Piece(String name, StoredUnits.Mass mass) {}

  /** A question with its ways. */
  public record Choice(String question, List<Option> options) {}

  /** One way. */
  public record Option(String name, String reason) {}

  /** A stage with what goes in. */
  public record Stage(
      String title,
      String role,
      String technique,
      Heat heat,
      String lid,
      Course course,
      Duration time,
      StoredUnits.MassFraction driedShare,
      List<Line> lines,
      List<String> unread,
      Cues cues,
      List<String> takeOuts,
      String caution,
      String pause,
      @Nullable School school) {}

  /** What goes in, and how much. */
  public record Line(
      String ingredientId,
      StoredUnits.Mass mass,
      String entered,
      Duration after,
      String note,
      StoredUnits.MassFraction firstDose,
      @Nullable School school) {}

  /** How hot. */
  public record Heat(
      String level,
      StoredUnits.@Nullable Temperature oven,
      boolean fan,
      StoredUnits.@Nullable MassFraction burnerShare) {}

  /** What it is cooked in, what ends it, what it needs, which pieces come and go. */
  public record Course(
      String vessel,
      End end,
      String endEntered,
      @Nullable Duration hands,
      List<Tool> tools,
      List<Move> moves) {}

  /** What ends a stage. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  public sealed interface End {}

  /** Nothing is said. */
  @JsonTypeName("Unsaid")
  public record Unsaid() implements End {}

  /** Its minutes. */
  @JsonTypeName("Minutes")
  public record Minutes() implements End {}

  /** A cue. */
  @JsonTypeName("Cue")
  public record Cue() implements End {}

  /** The last of it is in. */
  @JsonTypeName("AllIn")
  public record AllIn() implements End {}

  /** The formula's own thickness. */
  @JsonTypeName("Thick")
  public record Thick() implements End {}

  /** A thickness. */
  @JsonTypeName("ThickAs")
  public record ThickAs(StoredUnits.MassFraction solids) implements End {}

  /** A mass. */
  @JsonTypeName("DownToMass")
  public record DownToMass(StoredUnits.Mass mass) implements End {}

  /** A volume. */
  @JsonTypeName("DownToVolume")
  public record DownToVolume(StoredUnits.Volume volume) implements End {}

  /** A depth. */
  @JsonTypeName("DownToDepth")
  public record DownToDepth(StoredUnits.Length depth) implements End {}

  /** A temperature. */
  @JsonTypeName("Warm")
  public record Warm(StoredUnits.Temperature temperature) implements End {}

  /** A machine. */
  public record Tool(String name, String use) {}

  /** Pieces that go out or come back. */
  public record Move(
      String way, String ingredientId, StoredUnits.MassFraction share, @Nullable Duration after) {}

  /** What shows that it is done. */
  public record Cues(String ready, String tooFar, String thenDo) {}

  /** The way that something belongs to. */
  public record School(String question, String option) {}
}
