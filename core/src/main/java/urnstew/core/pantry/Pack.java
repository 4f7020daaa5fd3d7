package urnstew.core.pantry;

import java.math.BigDecimal;
import java.util.Optional;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/**
 * A size in which an ingredient is bought.
 *
 * @param name as on the shelf
 * @param net contents, 0.1 g to 200 kg
 * @param loose bought by weight in steps of {@code net}
 * @param price of one, in the kitchen's currency; empty where nobody knows
 */
public record Pack(String name, Mass net, boolean loose, Optional<BigDecimal> price) {
  public Pack {
    if (net.grams() < 0.1 || net.kilograms() > 200) {
      throw new InvalidInput(
          "net",
          "out-of-range",
          "A pack of " + net.grams() + " g cannot be bought.",
          "0.1 g to 200 kg",
          "Type the weight that is printed on it.");
    }
    if (price.isPresent() && price.orElseThrow().signum() < 0) {
      throw new InvalidInput(
          "price",
          "negative",
          "A price below nothing cannot be.",
          "0 or more",
          "Type what one pack costs.");
    }
  }

  /** Price of a kilogram; 0 where nobody knows. */
  public double pricePerKilogram() {
    return price.map(BigDecimal::doubleValue).orElse(0.0) / net.kilograms();
  }
}
