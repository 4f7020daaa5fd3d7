package urnstew.core.formula;

import java.util.List;
import urnstew.units.Mass;

/** What became of one line of a pasted list. */
public sealed interface PastedLine {
  /** The line as it was pasted. */
  String text();

  /**
   * Read rightly.
   *
   * @param text the line as it was pasted
   * @param ingredientId what
   * @param mass how much
   * @param entered the amount as it was written
   * @param note what is done to it
   */
  record Understood(String text, String ingredientId, Mass mass, String entered, String note)
      implements PastedLine {}

  /**
   * Sent back.
   *
   * @param text the line as it was pasted
   * @param question what is not clear, with the way out
   * @param couldBe ingredients that may be meant, by id
   */
  record Unclear(String text, String question, List<String> couldBe) implements PastedLine {
    public Unclear {
      couldBe = List.copyOf(couldBe);
    }
  }
}
