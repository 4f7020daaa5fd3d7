package urnstew.app.pantry;

import static urnstew.app.platform.Fields.agree;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
    int version) {

  StockItem checked(QuantityText masses) {
    Require.within("massKilograms", massKilograms, 0.0001, 5000, "kg");
    agree("massKilograms", massText, masses, massKilograms);
    return this;
  }

  StockItem usedBy(@Nullable LocalDate day) {
    return new StockItem(id, ingredientId, massKilograms, massText, openedOn, day, note, version);
  }
}
