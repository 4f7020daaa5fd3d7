package urnstew.app.formula;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import urnstew.core.formula.Use;
import urnstew.core.sizing.Serving;
import urnstew.core.sizing.Style;

/** What one eater gets, by use and school. */
record ServingView(
    Use use, Style style, double sauceMassKilograms, double besideMassKilograms, String why) {

  /** Every school of every use, in their order. */
  static List<ServingView> of(Set<Use> uses) {
    return uses.stream()
        .sorted()
        .flatMap(use -> Arrays.stream(Style.values()).map(style -> Serving.of(use, style)))
        .map(
            serving ->
                new ServingView(
                    serving.use(),
                    serving.style(),
                    serving.sauce().kilograms(),
                    serving.beside().kilograms(),
                    serving.why()))
        .toList();
  }
}
