package urnstew.core.serving;

import java.util.List;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What one eater gets.
 *
 * @param shares sauce, pasta, pieces, what the ladle brought
 */
public record Plate(List<Share> shares) {
  /**
   * One thing on it.
   *
   * @param name as cooks say it
   * @param mass as it is eaten
   * @param salt in it
   */
  public record Share(String name, Mass mass, Mass salt) {}

  public Plate {
    shares = List.copyOf(shares);
  }

  public Mass mass() {
    return shares.stream().map(Share::mass).reduce(Mass.ZERO, Mass::plus);
  }

  public Mass salt() {
    return shares.stream().map(Share::salt).reduce(Mass.ZERO, Mass::plus);
  }

  /** Salt of all of it; zero for an empty plate. */
  public MassFraction saltShare() {
    double mass = mass().kilograms();
    return new MassFraction(mass == 0 ? 0 : salt().kilograms() / mass);
  }
}
