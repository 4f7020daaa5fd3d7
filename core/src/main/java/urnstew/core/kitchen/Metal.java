package urnstew.core.kitchen;

/**
 * What a vessel is made of inside and how much heat it takes up. Specific heats from handbook
 * tables, from memory; which metals an acid sauce attacks is common practice.
 */
public enum Metal {
  STAINLESS_STEEL(500, false),
  ENAMELLED_IRON(480, false),
  LINED_COPPER(390, false),
  COATED_ALUMINIUM(900, false),
  GLASS_OR_CLAY(850, false),
  BARE_ALUMINIUM(900, true),
  BARE_COPPER(390, true),
  BARE_IRON(460, true);

  private final double joulesPerKilogramKelvin;
  private final boolean attackedByAcid;

  Metal(double joulesPerKilogramKelvin, boolean attackedByAcid) {
    this.joulesPerKilogramKelvin = joulesPerKilogramKelvin;
    this.attackedByAcid = attackedByAcid;
  }

  /** Specific heat, J/(kg K). */
  public double joulesPerKilogramKelvin() {
    return joulesPerKilogramKelvin;
  }

  /** Whether a tomato sauce takes up metal from it when it stays long. */
  public boolean attackedByAcid() {
    return attackedByAcid;
  }
}
