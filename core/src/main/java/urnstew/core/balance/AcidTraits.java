package urnstew.core.balance;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.acidity.Acid;
import urnstew.core.acidity.ChargeBalance;
import urnstew.core.acidity.Gas;
import urnstew.core.acidity.Solutes;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.pantry.TasteContent;

/**
 * What decides how an ingredient sours a pot, beside what its row says.
 *
 * @param naturalPH of the goods as they are; empty for pure acids, salts, sugars and oils
 * @param phosphorusShare phosphorus by mass
 * @param bicarbonateShare baking soda by mass
 * @param takesPart share of whole pieces that comes to rest with the sauce
 */
record AcidTraits(
    Optional<Double> naturalPH, double phosphorusShare, double bicarbonateShare, double takesPart) {
  /** Molar masses, kg/mol. */
  private static final double SODIUM = 0.022990;

  private static final double POTASSIUM = 0.039098;
  private static final double PHOSPHORUS = 0.030974;
  private static final double SODA = 0.084007;

  /**
   * Sites of protein that take up acid and base, mol/kg. Assumption: brings lean meat to some 50
   * mmol/(kg pH) about its own pH, as is published for muscle.
   */
  private static final double CARBOXYL = 1.0;

  private static final double IMIDAZOLE = 0.25;

  /** Dry goods are measured in so much water, kg/kg. */
  private static final double SLURRY_WATER = 10;

  private static final double DRY_BELOW = 0.25;

  private static final Map<String, AcidTraits> SHIPPED =
      ReferenceTable.rows("acidity").stream()
          .collect(Collectors.toMap(row -> row.get("for"), AcidTraits::traits));
  private static final AcidTraits NONE = new AcidTraits(Optional.empty(), 0, 0, 1);

  /** What is known of an ingredient, by itself or by its kind. */
  static AcidTraits of(Ingredient ingredient) {
    AcidTraits ofItsKind = SHIPPED.getOrDefault(ingredient.kind().name(), NONE);
    return SHIPPED.getOrDefault(ingredient.id(), ofItsKind);
  }

  /** Everything in a kilogram of it that takes part in the acidity of a sauce. */
  static Solutes perKilogram(Ingredient ingredient) {
    AcidTraits traits = of(ingredient);
    return traits.solutes(ingredient).times(ingredient.pieces().isPresent() ? traits.takesPart : 1);
  }

  private Solutes solutes(Ingredient ingredient) {
    double water = ingredient.perKilogram().waterKilograms();
    double sodium = ingredient.sodiumKilogramsPerKilogram() / SODIUM;
    double potassium = ingredient.taste().potassiumKilograms() / POTASSIUM;
    double cations = sodium + potassium;
    Solutes open = new Solutes(water, acids(ingredient), cations, sodium);
    if (naturalPH.isEmpty()) {
      double ownSalts = open.moles(Acid.CARBONIC) + open.moles(Acid.GLUTAMIC);
      return new Solutes(water, open.acidMoles(), cations, Math.max(0, cations - ownSalts));
    }
    return ChargeBalance.broughtTo(
            naturalPH.get(),
            water < DRY_BELOW ? open.in(water + SLURRY_WATER) : open,
            Gas.OPEN_TO_AIR)
        .in(water);
  }

  private Map<Acid, Double> acids(Ingredient ingredient) {
    TasteContent taste = ingredient.taste();
    double protein = ingredient.perKilogram().proteinKilograms();
    Map<Acid, Double> moles = new EnumMap<>(Acid.class);
    moles.put(Acid.CITRIC, Acid.CITRIC.moles(taste.citricKilograms()));
    moles.put(Acid.MALIC, Acid.MALIC.moles(taste.malicKilograms()));
    moles.put(Acid.ACETIC, Acid.ACETIC.moles(taste.aceticKilograms()));
    moles.put(Acid.LACTIC, Acid.LACTIC.moles(taste.lacticKilograms()));
    moles.put(Acid.GLUTAMIC, Acid.GLUTAMIC.moles(taste.glutamateKilograms()));
    moles.put(Acid.PHOSPHORIC, phosphorusShare / PHOSPHORUS);
    moles.put(Acid.CARBONIC, bicarbonateShare / SODA);
    moles.put(Acid.CARBOXYL_OF_PROTEIN, protein * CARBOXYL);
    moles.put(Acid.IMIDAZOLE_OF_PROTEIN, protein * IMIDAZOLE);
    return moles;
  }

  private static AcidTraits traits(CSVRecord row) {
    return new AcidTraits(
        number(row, "ph"),
        number(row, "phosphorus_mg").orElse(0.0) / 1e5,
        number(row, "bicarbonate_percent").orElse(0.0) / 100,
        number(row, "takes_part_percent").orElse(100.0) / 100);
  }

  private static Optional<Double> number(CSVRecord row, String column) {
    return row.get(column).isEmpty()
        ? Optional.empty()
        : Optional.of(Double.parseDouble(row.get(column)));
  }
}
