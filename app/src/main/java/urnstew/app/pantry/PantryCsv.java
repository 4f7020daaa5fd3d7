package urnstew.app.pantry;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import urnstew.app.pantry.IngredientView.Content;
import urnstew.app.pantry.IngredientView.PackView;
import urnstew.app.platform.SafeCells;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Trait;

/**
 * The pantry as a table: grams in 100 g, and packs as {@code name=grams=price}, apart by {@code |}.
 */
final class PantryCsv {
  private static final String[] COLUMNS = {
    "id",
    "name",
    "kind",
    "water",
    "alcohol",
    "protein",
    "fat",
    "carbohydrate",
    "fibre",
    "salt",
    "sugars",
    "spoon_density",
    "piece",
    "piece_grams",
    "edible_percent",
    "sulphites_mg_kg",
    "allergens",
    "label_read",
    "traits",
    "also_called",
    "packs",
    "source"
  };
  private static final CSVFormat WRITTEN = SafeCells.format(COLUMNS);
  private static final CSVFormat READ =
      CSVFormat.DEFAULT
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setIgnoreHeaderCase(true)
          .setTrim(true)
          .get();

  private PantryCsv() {}

  /** The column in which a field of the content stands. */
  static String column(String field) {
    return switch (field) {
      case "edibleFraction" -> "edible_percent";
      case "sulphitesMilligramsPerKilogram" -> "sulphites_mg_kg";
      case "spoonDensityKilogramsPerCubicMeter" -> "spoon_density";
      case "pieceMassKilograms" -> "piece_grams";
      default -> field.startsWith("packs.") ? "packs" : field.replace("Fraction", "");
    };
  }

  /** A row that was read. */
  record Row(long line, String id, Content content) {}

  /** A row, or the file, that was not, and why. */
  record RowFault(long line, String column, String what) {}

  /** All rows that were read, and all that were not. */
  record Read(List<Row> rows, List<RowFault> faults) {}

  static String write(List<IngredientView> ingredients) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, WRITTEN)) {
      for (IngredientView one : ingredients) {
        printer.printRecord(SafeCells.of(cells(one.id(), one.content()).toArray()));
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toString();
  }

  /** One row as it is written. */
  static String line(String id, Content content) {
    return WRITTEN.format(SafeCells.of(cells(id, content).toArray()));
  }

  private static List<Object> cells(String id, Content of) {
    List<Object> cells = new ArrayList<>(List.of(id, of.name(), of.kind()));
    for (double share :
        new double[] {
          of.waterFraction(), of.alcoholFraction(), of.proteinFraction(), of.fatFraction(),
          of.carbohydrateFraction(), of.fibreFraction(), of.saltFraction(), of.sugarsFraction()
        }) {
      cells.add(number(share * 100));
    }
    cells.add(orEmpty(of.spoonDensityKilogramsPerCubicMeter(), 1));
    cells.add(of.pieceName() == null ? "" : of.pieceName());
    cells.add(orEmpty(of.pieceMassKilograms(), 1000));
    cells.add(number(of.edibleFraction() * 100));
    cells.add(number(of.sulphitesMilligramsPerKilogram()));
    cells.add(of.allergens().stream().map(Enum::name).sorted().collect(Collectors.joining(" ")));
    cells.add(of.labelRead() ? "yes" : "");
    cells.add(of.traits().stream().map(Enum::name).sorted().collect(Collectors.joining(" ")));
    cells.add(String.join("|", of.alsoCalled()));
    cells.add(of.packs().stream().map(PantryCsv::pack).collect(Collectors.joining("|")));
    cells.add(of.source());
    return cells;
  }

  private static String pack(PackView pack) {
    BigDecimal price = pack.price();
    return (pack.loose() ? "~" : "")
        + pack.name()
        + "="
        + number(pack.netMassKilograms() * 1000)
        + "="
        + (price == null ? "" : price.toPlainString());
  }

  private static String orEmpty(@Nullable Double value, double factor) {
    return value == null ? "" : number(value * factor);
  }

  private static String number(double value) {
    String text = String.format(Locale.ROOT, "%.6f", value);
    return text.replaceFirst("0+$", "").replaceFirst("\\.$", "");
  }

  static Read read(String text) {
    List<Row> rows = new ArrayList<>();
    List<RowFault> faults = new ArrayList<>();
    try {
      for (CSVRecord record : READ.parse(new StringReader(text)).getRecords()) {
        new Reader(record, rows, faults).read();
      }
    } catch (IOException | IllegalArgumentException strange) {
      faults.add(new RowFault(1, "file", "It is not a table with a header line: save it as CSV."));
    }
    return new Read(rows, faults);
  }

  /** Reads one row; what is wrong is told by its column. */
  private static final class Reader {
    private final CSVRecord record;
    private final List<Row> rows;
    private final List<RowFault> faults;

    Reader(CSVRecord record, List<Row> rows, List<RowFault> faults) {
      this.record = record;
      this.rows = rows;
      this.faults = faults;
    }

    void read() {
      int before = faults.size();
      String id = cell("id");
      if (id.isEmpty()) {
        fault("id", "There is no key in this row.");
      }
      Content content =
          new Content(
              cell("name"),
              named("kind", IngredientKind::valueOf, IngredientKind.OTHER),
              share("water"),
              share("alcohol"),
              share("protein"),
              share("fat"),
              share("carbohydrate"),
              share("fibre"),
              share("salt"),
              share("sugars"),
              optional("spoon_density", 1),
              cell("piece").isEmpty() ? null : cell("piece"),
              optional("piece_grams", 0.001),
              cell("edible_percent").isEmpty() ? 1 : share("edible_percent"),
              number("sulphites_mg_kg"),
              words("allergens").stream()
                  .map(word -> named(word, "allergens", Allergen::valueOf))
                  .flatMap(List::stream)
                  .collect(Collectors.toSet()),
              cell("label_read").equalsIgnoreCase("yes"),
              words("traits").stream()
                  .map(word -> named(word, "traits", Trait::valueOf))
                  .flatMap(List::stream)
                  .collect(Collectors.toSet()),
              parts("also_called"),
              parts("packs").stream().map(this::pack).flatMap(List::stream).toList(),
              cell("source"));
      if (faults.size() == before) {
        rows.add(new Row(record.getRecordNumber() + 1, id, content));
      }
    }

    private List<PackView> pack(String text) {
      String[] sides = text.split("=", -1);
      try {
        boolean loose = sides[0].startsWith("~");
        double net = Double.parseDouble(sides[1]) / 1000;
        BigDecimal price = sides[2].isBlank() ? null : new BigDecimal(sides[2]);
        return List.of(new PackView(loose ? sides[0].substring(1) : sides[0], net, loose, price));
      } catch (IndexOutOfBoundsException | NumberFormatException strange) {
        fault("packs", "'" + text + "' is not a pack: write name=grams=price.");
        return List.of();
      }
    }

    private <T> T named(String column, Function<String, T> reader, T otherwise) {
      String text = cell(column).toUpperCase(Locale.ROOT);
      return text.isEmpty()
          ? otherwise
          : named(text, column, reader).stream().findFirst().orElse(otherwise);
    }

    private <T> List<T> named(String word, String column, Function<String, T> reader) {
      try {
        return List.of(reader.apply(word));
      } catch (IllegalArgumentException unknown) {
        fault(column, "'" + word + "' is not one of the words for it.");
        return List.of();
      }
    }

    private double share(String column) {
      return number(column) / 100;
    }

    private @Nullable Double optional(String column, double factor) {
      return cell(column).isEmpty() ? null : Double.valueOf(number(column) * factor);
    }

    private double number(String column) {
      String text = cell(column).replace(',', '.');
      if (text.isEmpty()) {
        return 0;
      }
      try {
        double value = Double.parseDouble(text);
        if (!Double.isFinite(value) || value < 0) {
          fault(column, "'" + text + "' is below nothing or no number.");
          return 0;
        }
        return value;
      } catch (NumberFormatException strange) {
        fault(column, "'" + text + "' is not a number.");
        return 0;
      }
    }

    private List<String> words(String column) {
      return Arrays.stream(cell(column).toUpperCase(Locale.ROOT).split("\\s+"))
          .filter(word -> !word.isEmpty())
          .toList();
    }

    private List<String> parts(String column) {
      return Arrays.stream(cell(column).split("\\|"))
          .map(String::strip)
          .filter(part -> !part.isEmpty())
          .toList();
    }

    private String cell(String column) {
      return record.isSet(column) ? SafeCells.read(record.get(column)) : "";
    }

    private void fault(String column, String what) {
      faults.add(new RowFault(record.getRecordNumber() + 1, column, what));
    }
  }
}
