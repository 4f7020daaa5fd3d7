package urnstew.core.pantry;

import urnstew.units.Require;

/**
 * What makes something sweet, sour and savoury, by mass. All of it stays in the pot while water
 * leaves.
 *
 * @param sugarsKilograms sugars
 * @param potassiumKilograms potassium
 * @param citricKilograms citric acid
 * @param malicKilograms malic acid
 * @param aceticKilograms acetic acid
 * @param lacticKilograms lactic acid
 * @param glutamateKilograms free glutamate
 * @param impKilograms inosinate (IMP)
 * @param gmpKilograms guanylate (GMP)
 */
public record TasteContent(
    double sugarsKilograms,
    double potassiumKilograms,
    double citricKilograms,
    double malicKilograms,
    double aceticKilograms,
    double lacticKilograms,
    double glutamateKilograms,
    double impKilograms,
    double gmpKilograms) {
  /** Tasteless. */
  public static final TasteContent NOTHING = new TasteContent(0, 0, 0, 0, 0, 0, 0, 0, 0);

  /** Molar masses, g/mol: anhydrous acids. */
  private static final double CITRIC = 192.12;

  private static final double MALIC = 134.09;
  private static final double ACETIC = 60.05;
  private static final double LACTIC = 90.08;

  public TasteContent {
    Require.notNegative("sugars", sugarsKilograms, "kg");
    Require.notNegative("potassium", potassiumKilograms, "kg");
    Require.notNegative("citric", citricKilograms, "kg");
    Require.notNegative("malic", malicKilograms, "kg");
    Require.notNegative("acetic", aceticKilograms, "kg");
    Require.notNegative("lactic", lacticKilograms, "kg");
    Require.notNegative("glutamate", glutamateKilograms, "kg");
    Require.notNegative("imp", impKilograms, "kg");
    Require.notNegative("gmp", gmpKilograms, "kg");
  }

  public TasteContent plus(TasteContent other) {
    return new TasteContent(
        sugarsKilograms + other.sugarsKilograms,
        potassiumKilograms + other.potassiumKilograms,
        citricKilograms + other.citricKilograms,
        malicKilograms + other.malicKilograms,
        aceticKilograms + other.aceticKilograms,
        lacticKilograms + other.lacticKilograms,
        glutamateKilograms + other.glutamateKilograms,
        impKilograms + other.impKilograms,
        gmpKilograms + other.gmpKilograms);
  }

  /** Without what is in a part of it; never less than nothing. */
  public TasteContent without(TasteContent part) {
    return new TasteContent(
        Math.max(0, sugarsKilograms - part.sugarsKilograms),
        Math.max(0, potassiumKilograms - part.potassiumKilograms),
        Math.max(0, citricKilograms - part.citricKilograms),
        Math.max(0, malicKilograms - part.malicKilograms),
        Math.max(0, aceticKilograms - part.aceticKilograms),
        Math.max(0, lacticKilograms - part.lacticKilograms),
        Math.max(0, glutamateKilograms - part.glutamateKilograms),
        Math.max(0, impKilograms - part.impKilograms),
        Math.max(0, gmpKilograms - part.gmpKilograms));
  }

  public TasteContent times(double factor) {
    return new TasteContent(
        sugarsKilograms * factor,
        potassiumKilograms * factor,
        citricKilograms * factor,
        malicKilograms * factor,
        aceticKilograms * factor,
        lacticKilograms * factor,
        glutamateKilograms * factor,
        impKilograms * factor,
        gmpKilograms * factor);
  }

  /**
   * All acids as the citric acid that would take as much base: three protons from citric, two from
   * malic, one from acetic and lactic. A content, not a titration: salts already formed count too.
   */
  public double acidsAsCitricKilograms() {
    double perProton = CITRIC / 3;
    return citricKilograms
        + perProton
            * (2 * malicKilograms / MALIC + aceticKilograms / ACETIC + lacticKilograms / LACTIC);
  }

  /** IMP and GMP. */
  public double nucleotidesKilograms() {
    return impKilograms + gmpKilograms;
  }
}
