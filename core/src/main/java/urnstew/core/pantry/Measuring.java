package urnstew.core.pantry;

import java.util.List;
import java.util.Optional;
import urnstew.units.Density;

/**
 * How a cook names and measures an ingredient without a scale.
 *
 * @param spoonDensity mass of a filled spoon or cup by its volume, where that makes sense
 * @param piece natural piece, where there is one
 * @param alsoCalled other names under which it is found
 */
public record Measuring(
    Optional<Density> spoonDensity, Optional<Piece> piece, List<String> alsoCalled) {
  public Measuring {
    alsoCalled = List.copyOf(alsoCalled);
  }
}
