package urnstew.app.pantry;

import java.util.List;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Swap;

/** One ingredient exchanged for others, and what that changes. */
public record SwapView(
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

  /** Something that goes in instead. */
  public record InsteadView(String name, double massKilograms) {}

  public static SwapView of(Swap swap) {
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
