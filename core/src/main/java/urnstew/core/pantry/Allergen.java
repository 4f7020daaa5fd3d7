package urnstew.core.pantry;

import java.util.Locale;
import java.util.Set;

/**
 * What the law asks to be named: 14 groups of Regulation (EU) 1169/2011, Annex II, of which nine
 * are also those of FALCPA 2004 and the FASTER Act 2021. Cereals are two entries, since the United
 * States name wheat alone.
 */
public enum Allergen {
  WHEAT("wheat", true, "wheat", "flour", "semolina", "pasta", "bread", "crumb"),
  OTHER_GLUTEN("gluten of barley, rye or oats", false, "barley", "rye", "oat"),
  CRUSTACEANS("crustaceans", true, "prawn", "shrimp", "lobster", "crab", "langoustine", "coral"),
  EGG("egg", true, "egg", "yolk"),
  FISH("fish", true, "fish", "cod", "tuna", "bream", "hake"),
  PEANUTS("peanuts", true, "peanut"),
  SOYA("soya", true, "soy"),
  MILK("milk", true, "milk", "butter", "cream", "mascarpone", "ricotta", "mozzarella", "cheese"),
  NUTS("nuts", true, "nut", "almond"),
  CELERY("celery", false, "celery", "celeriac"),
  MUSTARD("mustard", false, "mustard"),
  SESAME("sesame", true, "sesame"),
  /** Above 10 mg/kg in the food as served. */
  SULPHITES("sulphites", false, "sulphite"),
  LUPIN("lupin", false, "lupin"),
  MOLLUSCS(
      "molluscs", false, "mussel", "clam", "oyster", "scallop", "squid", "cuttlefish", "octopus");

  private final String words;
  private final boolean inUnitedStates;
  private final Set<String> tellTales;

  Allergen(String words, boolean inUnitedStates, String... tellTales) {
    this.words = words;
    this.inUnitedStates = inUnitedStates;
    this.tellTales = Set.of(tellTales);
  }

  /** As a cook would say it. */
  public String words() {
    return words;
  }

  /** Whether it is one of the nine of the United States; all are on the list of the EU. */
  public boolean inUnitedStates() {
    return inUnitedStates;
  }

  /** Whether a name tells an eater that this is in it. */
  public boolean isPlainIn(String name) {
    String small = name.toLowerCase(Locale.ROOT);
    return tellTales.stream().anyMatch(small::contains);
  }
}
