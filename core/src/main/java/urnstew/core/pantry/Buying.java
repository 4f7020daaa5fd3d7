package urnstew.core.pantry;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * How an ingredient comes into the kitchen.
 *
 * @param edibleShare what is left of the bought weight after peel, stem, bone or shell; above 0
 * @param packs sizes in which it is bought; empty where it is not bought
 */
public record Buying(double edibleShare, List<Pack> packs) {
  public Buying {
    Require.within("edibleShare", edibleShare, 0.01, 1, "share");
    packs = List.copyOf(packs);
  }

  /** Whether it comes in whole packs and not by weight. */
  public boolean inWholePacks() {
    return packs.stream().anyMatch(pack -> !pack.loose());
  }

  /**
   * What is still shut when so much was taken of a shut lot: whole packs of the largest size that
   * the lot is made up of. Nothing, where no size fits it: then all that is left counts as opened.
   * Goods that only come loose have nothing to open.
   *
   * @param lot mass before, as bought
   * @param taken from it, not more than the lot
   */
  public Mass staysShut(Mass lot, Mass taken) {
    Mass left = lot.minus(taken);
    if (!inWholePacks()) {
      return left;
    }
    return packs.stream()
        .filter(pack -> !pack.loose())
        .map(Pack::net)
        .filter(net -> isMadeUpOf(lot, net))
        .max(Comparator.naturalOrder())
        .map(net -> net.times(Math.floor((left.grams() + 0.5) / net.grams())))
        .orElse(Mass.ZERO);
  }

  private static boolean isMadeUpOf(Mass lot, Mass net) {
    double count = Math.rint(lot.grams() / net.grams());
    return count >= 1 && Math.abs(lot.grams() - count * net.grams()) <= 1;
  }

  /** The pack with the lowest price by weight, of those that have one. */
  public Optional<Pack> cheapest() {
    return packs.stream()
        .filter(pack -> pack.price().isPresent())
        .min(Comparator.comparing(Pack::pricePerKilogram));
  }
}
