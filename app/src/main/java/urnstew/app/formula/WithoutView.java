package urnstew.app.formula;

import java.util.List;
import urnstew.app.pantry.SwapView;
import urnstew.core.formula.Without;

/** A formula made otherwise, and what that changes. */
record WithoutView(FormulaSheet sheet, List<SwapView> swaps, AnalysisView analysis) {
  static WithoutView of(Without without, AnalysisView analysis) {
    return new WithoutView(
        FormulaSheet.of(without.formula()),
        without.swaps().stream().map(SwapView::of).toList(),
        analysis);
  }
}
