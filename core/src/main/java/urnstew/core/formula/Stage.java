package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import urnstew.units.Mass;

/**
 * One step of a formula.
 *
 * @param title in a cook's words
 * @param role what it does to the pot
 * @param time fixed time it takes; zero for the simmer, whose time is computed
 * @param lines what goes in
 * @param readyCue how 'ready' looks, smells and sounds
 * @param tooFarCue how 'too far' does
 */
public record Stage(
    String title,
    StageRole role,
    Duration time,
    List<Line> lines,
    String readyCue,
    String tooFarCue) {
  public Stage {
    lines = List.copyOf(lines);
  }

  /**
   * One ingredient of a stage.
   *
   * @param ingredientId key in the pantry
   * @param mass for one making at the formula's own size
   * @param note cut or moment
   */
  public record Line(String ingredientId, Mass mass, String note) {}
}
