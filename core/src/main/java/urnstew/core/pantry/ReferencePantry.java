package urnstew.core.pantry;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.consistency.Thickener;
import urnstew.core.pantry.Ingredient.PieceYield;
import urnstew.core.thermo.Composition;
import urnstew.units.Density;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** The shipped ingredients. */
public final class ReferencePantry {
  private ReferencePantry() {}

  /** Reads the shipped tables. */
  public static Pantry load() {
    List<CSVRecord> packs = ReferenceTable.rows("packs");
    return new Pantry(
        ReferenceTable.rows("ingredients").stream()
            .map(row -> ingredient(row, packs))
            .collect(Collectors.toMap(Ingredient::id, Function.identity())));
  }

  private static Ingredient ingredient(CSVRecord row, List<CSVRecord> packs) {
    String id = row.get("id");
    return new Ingredient(
        id,
        row.get("name"),
        perKilogram(row),
        MassFraction.ofPercent(required(row, "salt")),
        number(row, "spoon_density").map(Density::new),
        number(row, "piece_grams").map(grams -> new Pack(row.get("piece"), Mass.ofGrams(grams))),
        Thickener.valueOf(row.get("thickener").isEmpty() ? "NONE" : row.get("thickener")),
        number(row, "juice_percent").map(juice -> pieceYield(row, juice)),
        packs.stream()
            .filter(pack -> pack.get("ingredient").equals(id))
            .map(pack -> new Pack(pack.get("name"), Mass.ofGrams(required(pack, "net_grams"))))
            .toList(),
        row.get("source"));
  }

  private static PieceYield pieceYield(CSVRecord row, double juicePercent) {
    return new PieceYield(
        juicePercent / 100,
        required(row, "fat_given_percent") / 100,
        required(row, "release_minutes") * 60);
  }

  /** Fibre is part of carbohydrate in the table but not here; rows are closed to a whole. */
  private static Composition perKilogram(CSVRecord row) {
    double fibre = required(row, "fibre");
    double protein = required(row, "protein");
    double carbohydrate = Math.max(0, required(row, "carbohydrate") - fibre);
    double ash = required(row, "ash");
    Composition raw =
        new Composition(
            required(row, "water"),
            required(row, "alcohol"),
            protein,
            required(row, "fat"),
            carbohydrate,
            fibre,
            ash,
            required(row, "soluble_share") * (protein + carbohydrate + fibre + ash));
    return raw.times(1 / raw.total().kilograms());
  }

  private static double required(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }

  private static Optional<Double> number(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? Optional.empty() : Optional.of(required(row, column));
  }
}
