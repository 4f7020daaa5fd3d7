package urnstew.app.formula.store;

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
    List<Choice> choices,
    List<Stage> stages) {
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
  public record Heat(String level, StoredUnits.@Nullable Temperature oven) {}

  /** What shows that it is done. */
  public record Cues(String ready, String tooFar, String thenDo) {}

  /** The way that something belongs to. */
  public record School(String question, String option) {}
}
