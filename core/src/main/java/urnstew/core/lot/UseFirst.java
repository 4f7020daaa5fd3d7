package urnstew.core.lot;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import urnstew.units.Mass;

/** First in, first out: which lots give how much. */
public final class UseFirst {
  private UseFirst() {}

  /**
   * A lot that could be used.
   *
   * @param id identity
   * @param daysLeft for use; a lot with none left is never used
   * @param frozen whether it must be thawed first
   * @param mass that is left of it
   */
  public record Available(UUID id, int daysLeft, boolean frozen, Mass mass) {}

  /**
   * What one lot gives.
   *
   * @param id of the lot
   * @param mass taken from it
   */
  public record Taken(UUID id, Mass mass) {}

  /** The order of use: what must go first, chilled before frozen. */
  public static Comparator<Available> order() {
    return Comparator.comparing(Available::frozen)
        .thenComparingInt(Available::daysLeft)
        .thenComparing(Available::id);
  }

  /**
   * Covers that must still be cooked for, whole ones, where some of it is there.
   *
   * @param wanted for all covers; above 0
   */
  public static int restOfCovers(int covers, Mass wanted, Mass there) {
    double share = 1 - there.kilograms() / wanted.kilograms();
    return (int) Math.max(0, Math.ceil(covers * share - 1e-6));
  }

  /** Takes so much, or as much as there is, in the order of use. */
  public static List<Taken> take(List<Available> lots, Mass wanted) {
    List<Taken> taken = new ArrayList<>();
    double missing = wanted.kilograms();
    for (Available lot : lots.stream().filter(lot -> lot.daysLeft() > 0).sorted(order()).toList()) {
      double gives = Math.min(missing, lot.mass().kilograms());
      if (gives > 0) {
        taken.add(new Taken(lot.id(), new Mass(gives)));
        missing -= gives;
      }
    }
    return taken;
  }
}
