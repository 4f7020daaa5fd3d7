package urnstew.app.batch;

import java.util.List;

/**
 * In what a batch differs from its formula.
 *
 * @param differences by ingredient; nothing was planned of what was only added
 * @param leftOut names of what cannot be had again, such as a tub
 */
public record AsMadeView(List<DifferenceView> differences, List<String> leftOut) {

  /** One ingredient. */
  public record DifferenceView(String name, double plannedKilograms, double madeKilograms) {}

  /** A formula that holds it. */
  public record MadeFormula(String formulaId) {}
}
