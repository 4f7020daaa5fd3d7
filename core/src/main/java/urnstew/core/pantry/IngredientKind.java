package urnstew.core.pantry;

/** Shelf of the pantry on which an ingredient stands. */
public enum IngredientKind {
  TOMATO,
  VEGETABLE,
  MUSHROOM,
  PULSE,
  MEAT,
  CURED_PORK,
  FISH,
  SHELLFISH,
  STOCK,
  WINE,
  /** Vinegars and citrus. */
  SOURING,
  FAT,
  DAIRY,
  EGG,
  HERB,
  SPICE,
  /** Salts, sugars, soda. */
  SEASONING,
  /** What strengthens: anchovy, capers, soy. */
  SAVOURY,
  /** Flours, crumbs, pasta, polenta, rice. */
  STARCH,
  OTHER
}
