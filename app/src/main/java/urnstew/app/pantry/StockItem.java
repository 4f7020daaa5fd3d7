package urnstew.app.pantry;

import static urnstew.app.platform.Fields.agree;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.text.QuantityText;

/**
 * Something in stock: on the shelf, or an opened pack with its date.
 *
 * @param id identity, made by the client
 * @param ingredientId what
 * @param massKilograms how much
 * @param massText the same as entered
 * @param openedOn day on which its pack was opened; absent where it is shut
 * @param useBy last day; computed from the opening where it is left out
 * @param note where it stands
 * @param code on the can, or the number of the shellfish tag; absent where nobody noted it
 * @param version of the row; 0 for a new one
 */
public record StockItem(
    @NotNull UUID id,
    @NotNull String ingredientId,
    double massKilograms,
    @NotNull String massText,
    @Nullable LocalDate openedOn,
    @Nullable LocalDate useBy,
    @NotNull String note,
    @Nullable @Size(min = 1, max = 60) String code,
    int version) {

  StockItem checked(QuantityText masses) {
    Require.within("massKilograms", massKilograms, 0.0001, 5000, "kg");
    agree("massKilograms", massText, masses, massKilograms);
    return this;
  }

  StockItem usedBy(@Nullable LocalDate day) {
    return new StockItem(
        id, ingredientId, massKilograms, massText, openedOn, day, note, code, version);
  }

  /** The same with less of it. */
  StockItem less(Mass mass) {
    double kilograms = Math.round(mass.kilograms() * 1e6) / 1e6;
    return new StockItem(
        id, ingredientId, kilograms, inGrams(kilograms), openedOn, useBy, note, code, version);
  }

  /** What is left in an opened pack. */
  static StockItem opened(
      UUID id, String ingredientId, Mass left, LocalDate day, String note, @Nullable String code) {
    double kilograms = Math.round(left.grams()) / 1000.0;
    return new StockItem(id, ingredientId, kilograms, inGrams(kilograms), day, null, note, code, 0);
  }

  private static String inGrams(double kilograms) {
    return BigDecimal.valueOf(kilograms).movePointRight(3).stripTrailingZeros().toPlainString()
        + " g";
  }
}
