package urnstew.core.pantry;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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

  /** The pack with the lowest price by weight, of those that have one. */
  public Optional<Pack> cheapest() {
    return packs.stream()
        .filter(pack -> pack.price().isPresent())
        .min(Comparator.comparing(Pack::pricePerKilogram));
  }
}
