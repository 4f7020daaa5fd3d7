package urnstew.core.pantry;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.consistency.Thickener;
import urnstew.core.pantry.Ingredient.PieceYield;
import urnstew.core.thermo.Composition;
import urnstew.units.Density;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** The shipped ingredients. */
public final class ReferencePantry {
  /** Where the figure stands in the list of check values: for whoever reads the tables. */
  private static final Pattern READERS_MARK = Pattern.compile(" ?\\([a-d]\\d+\\)");

  /** Rows within this of a whole need no word: rounding of seven figures, g per 100 g. */
  private static final double CLOSES_WITHIN = 1.5;

  private ReferencePantry() {}

  /** Reads the shipped tables. */
  public static Pantry load() {
    Map<String, List<Pack>> packs =
        ReferenceTable.rows("packs").stream()
            .collect(
                Collectors.groupingBy(
                    row -> row.get("ingredient"),
                    Collectors.mapping(ReferencePantry::pack, Collectors.toList())));
    return new Pantry(
        ReferenceTable.rows("ingredients").stream()
            .map(row -> ingredient(row, packs.getOrDefault(row.get("id"), List.of())))
            .collect(Collectors.toMap(Ingredient::id, Function.identity())));
  }

  private static Ingredient ingredient(CSVRecord row, List<Pack> packs) {
    return new Ingredient(
        row.get("id"),
        row.get("name"),
        IngredientKind.valueOf(row.get("kind")),
        perKilogram(row),
        MassFraction.ofPercent(
            Math.min(100, required(row, "sodium_mg") / 1000 / Ingredient.SODIUM_OF_SALT)),
        taste(row),
        measuring(row),
        Thickener.valueOf(row.get("thickener").isEmpty() ? "NONE" : row.get("thickener")),
        number(row, "juice_percent").map(juice -> pieceYield(row, juice)),
        new Buying(required(row, "edible_percent") / 100, packs),
        new Labelling(
            words(row, "allergens", " ").map(Allergen::valueOf).collect(Collectors.toSet()),
            words(row, "asks", " ").map(Allergen::valueOf).collect(Collectors.toSet()),
            words(row, "traits", " ").map(Trait::valueOf).collect(Collectors.toSet()),
            number(row, "sulphites_mg_kg").orElse(0.0),
            "",
            Set.of()),
        new Provenance(
            READERS_MARK.matcher(row.get("source")).replaceAll(""),
            required(row, "range_percent") / 100,
            required(row, "salt_range_percent") / 100,
            notes(row)));
  }

  private static Pack pack(CSVRecord row) {
    return new Pack(
        row.get("name"),
        Mass.ofGrams(required(row, "net_grams")),
        row.get("loose").equals("yes"),
        Optional.of(new BigDecimal(row.get("price"))));
  }

  private static Measuring measuring(CSVRecord row) {
    return new Measuring(
        number(row, "spoon_density").map(Density::new),
        number(row, "piece_grams").map(grams -> new Piece(row.get("piece"), Mass.ofGrams(grams))),
        words(row, "also", ";").toList());
  }

  private static TasteContent taste(CSVRecord row) {
    return new TasteContent(
        grams(row, "sugars"),
        grams(row, "potassium_mg") / 1000,
        grams(row, "citric"),
        grams(row, "malic"),
        grams(row, "acetic"),
        grams(row, "lactic"),
        grams(row, "glutamate_mg") / 1000,
        grams(row, "imp_mg") / 1000,
        grams(row, "gmp_mg") / 1000);
  }

  /** Grams in 100 g, as kilograms in one; empty is none. */
  private static double grams(CSVRecord row, String column) {
    return number(row, column).orElse(0.0) / 100;
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

  /** What a careful reader of the row would remark. */
  private static List<String> notes(CSVRecord row) {
    double sum =
        Arrays.stream(new String[] {"water", "alcohol", "protein", "fat", "carbohydrate", "ash"})
            .mapToDouble(part -> required(row, part))
            .sum();
    boolean open = Math.abs(sum - 100) > CLOSES_WITHIN;
    boolean crowded =
        grams(row, "sugars") + grams(row, "fibre") > grams(row, "carbohydrate") + 0.0005;
    return Stream.of(
            open
                ? Optional.of(
                    String.format(
                        Locale.ROOT,
                        "The parts add up to %.1f g in 100 g; they are scaled to a whole.",
                        sum))
                : Optional.<String>empty(),
            crowded
                ? Optional.of("Sugars and fibre together pass the carbohydrate; taken as they are.")
                : Optional.<String>empty())
        .flatMap(Optional::stream)
        .toList();
  }

  private static Stream<String> words(CSVRecord row, String column, String between) {
    return Arrays.stream(row.get(column).split(between)).filter(word -> !word.isBlank());
  }

  private static double required(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }

  private static Optional<Double> number(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? Optional.empty() : Optional.of(required(row, column));
  }
}
