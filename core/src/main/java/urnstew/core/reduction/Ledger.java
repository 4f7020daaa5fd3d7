package urnstew.core.reduction;

/**
 * What passed the borders of a pot since its start. With what is in the pot it closes the balances
 * of water, alcohol and heat.
 *
 * @param heatInJoules from burner or oven, J
 * @param heatLostJoules to the room, J
 * @param steamJoules carried away by steam, counted from liquid at 0 °C, J
 * @param broughtJoules carried in less carried out by what was added and taken out, J
 * @param waterKilograms boiled or dried off, kg
 * @param ethanolKilograms of alcohol that left with it, kg
 */
public record Ledger(
    double heatInJoules,
    double heatLostJoules,
    double steamJoules,
    double broughtJoules,
    double waterKilograms,
    double ethanolKilograms) {
  /** Nothing has passed yet. */
  static final Ledger EMPTY = new Ledger(0, 0, 0, 0, 0, 0);
}
