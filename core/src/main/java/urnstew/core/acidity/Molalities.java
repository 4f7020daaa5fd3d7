package urnstew.core.acidity;

import urnstew.units.InvalidInput;

/**
 * A mixture by the kilogram of water.
 *
 * @param acids of every acid in the order of {@link Acid}, mol/kg
 * @param cations strong ions with a positive charge, mol/kg
 * @param anions strong ions with a negative charge, mol/kg
 * @param gas whether carbon dioxide can leave
 */
record Molalities(double[] acids, double cations, double anions, Gas gas) {
  static Molalities of(Solutes solutes, Gas gas) {
    double water = solutes.waterKilograms();
    if (water <= 0) {
      throw new InvalidInput(
          "water",
          "none",
          "There is no pH without water.",
          "some water",
          "Let a stage dry off less, or add what holds water.");
    }
    Acid[] all = Acid.values();
    double[] acids = new double[all.length];
    for (Acid acid : all) {
      acids[acid.ordinal()] = solutes.moles(acid) / water;
    }
    return new Molalities(acids, solutes.cationMoles() / water, solutes.anionMoles() / water, gas);
  }

  double strongIons() {
    return cations + anions;
  }
}
