package urnstew.app.formula;

import java.util.List;
import urnstew.core.formula.Swap;
import urnstew.core.formula.Without;
import urnstew.core.pantry.Allergen;

/** A formula made otherwise, and what that changes. */
record WithoutView(FormulaSheet sheet, List<SwapView> swaps, AnalysisView analysis) {

  /** One ingredient exchanged for others. */
  record SwapView(
      String was,
      double massKilograms,
      List<InsteadView> instead,
      String tells,
      double solidsKilograms,
      double saltKilograms,
      double acidKilograms,
      double fatKilograms,
      List<String> brings,
      List<String> takesAway) {
    static SwapView of(Swap swap) {
      return new SwapView(
          swap.was().name(),
          swap.mass().kilograms(),
          swap.instead().stream()
              .map(one -> new InsteadView(one.ingredient().name(), one.mass().kilograms()))
              .toList(),
          swap.tells(),
          swap.solidsKilograms(),
          swap.saltKilograms(),
          swap.acidKilograms(),
          swap.fatKilograms(),
          swap.brings().stream().map(Allergen::words).toList(),
          swap.takesAway().stream().map(Allergen::words).toList());
    }
  }

  /** Something that goes in instead. */
  record InsteadView(String name, double massKilograms) {}

  static WithoutView of(Without without, AnalysisView analysis) {
    return new WithoutView(
        FormulaSheet.of(without.formula()),
        without.swaps().stream().map(SwapView::of).toList(),
        analysis);
  }
}
