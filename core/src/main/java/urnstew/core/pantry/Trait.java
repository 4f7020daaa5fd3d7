package urnstew.core.pantry;

/** What an ingredient is, for diets and for a kitchen's own avoid list. */
public enum Trait {
  MEAT,
  PORK,
  FISH,
  SHELLFISH,
  DAIRY,
  EGG,
  /** Set with animal rennet, or may be. */
  RENNET,
  HONEY,
  ALCOHOL,
  GARLIC,
  ONION,
  /** Salted or dried, so that it is not raw any more. */
  CURED,
  /** Tender again after half an hour or more: squid and its kin. */
  BRAISES
}
