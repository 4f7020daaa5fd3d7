package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * One step of a formula.
 *
 * @param title in a cook's words
 * @param role what it does to the pot
 * @param technique what is done
 * @param time fixed time it takes; zero where it is computed: simmer and browning
 * @param driedShare of the water of its lines that is gone when it is over; 0 for the simmer
 * @param lines what goes in
 * @param readyCue how 'ready' looks, smells and sounds
 * @param tooFarCue how 'too far' does
 */
public record Stage(
    String title,
    StageRole role,
    Technique technique,
    Duration time,
    MassFraction driedShare,
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
   * @param after time from the start of its stage at which it goes in
   * @param note cut or moment
   */
  public record Line(String ingredientId, Mass mass, Duration after, String note) {}
}
