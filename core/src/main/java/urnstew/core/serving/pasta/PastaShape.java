package urnstew.core.serving.pasta;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.Use;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.MassFraction;

/**
 * Pasta of one shape.
 *
 * @param id stable key
 * @param name as cooks say it
 * @param ingredientId of the pantry
 * @param form how it lies in a pan or tray
 * @param thickness of what is cooked through last
 * @param atSeaLevel from the drop to al dente, done and soft, at 100 °C
 * @param alDente share of water when it is al dente
 * @param uses what for
 * @param source of the row
 */
public record PastaShape(
    String id,
    String name,
    String ingredientId,
    Form form,
    Length thickness,
    Span atSeaLevel,
    MassFraction alDente,
    List<Use> uses,
    String source) {
  private static final List<PastaShape> SHIPPED =
      ReferenceTable.rows("pasta-shapes").stream().map(PastaShape::read).toList();
  private static final String FRESH = "pasta-egg-fresh";

  /** How it lies. */
  public enum Form {
    LONG,
    SHORT,
    SHEET
  }

  public PastaShape {
    uses = List.copyOf(uses);
  }

  /** The shipped ones. */
  public static List<PastaShape> shipped() {
    return SHIPPED;
  }

  /**
   * One of the shipped ones.
   *
   * @throws InvalidInput {@code shapeId} if there is none
   */
  public static PastaShape of(String id) {
    return SHIPPED.stream()
        .filter(shape -> shape.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInput(
                    "shapeId",
                    "unknown",
                    "No pasta is called '" + id + "'.",
                    "one of the table of pasta shapes",
                    "Choose a shape from the list."));
  }

  /** Whether it was never dried. */
  public boolean isFresh() {
    return ingredientId.equals(FRESH);
  }

  private static PastaShape read(CSVRecord row) {
    return new PastaShape(
        row.get("id"),
        row.get("name"),
        row.get("ingredient"),
        Form.valueOf(row.get("form")),
        Length.ofMillimeters(Double.parseDouble(row.get("thickness_mm"))),
        new Span(
            minutes(row, "minutes_least"),
            minutes(row, "minutes_likely"),
            minutes(row, "minutes_most")),
        MassFraction.ofPercent(Double.parseDouble(row.get("al_dente_water_percent"))),
        Arrays.stream(row.get("uses").split(" ")).map(Use::valueOf).toList(),
        row.get("source"));
  }

  private static Duration minutes(CSVRecord row, String column) {
    return Duration.ofSeconds(Math.round(60 * Double.parseDouble(row.get(column))));
  }
}
