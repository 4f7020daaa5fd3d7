package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.text.Measures;
import urnstew.units.text.QuantityKind;

/**
 * A measure as it is entered: 'ladle', and what one weighs, with the text as typed, or empty; of
 * one ingredient where it is named, of everything else where it is not.
 */
public record MeasureEdit(
    @NotNull UUID id,
    @NotNull String name,
    @Nullable String ingredientId,
    double massKilograms,
    @NotNull String massText) {

  MeasureEdit checked() {
    if (!Measures.canName(name)) {
      throw new InvalidInput(
          "name",
          "not-a-measure",
          "'" + name + "' is a unit already, or not one word in the singular.",
          "one word of 2 to 30 small letters, in the singular, that is no unit yet",
          "Type one word, such as ladle or handful.");
    }
    Require.within("massKilograms", massKilograms, 0.00001, 20, "kg");
    agree("massKilograms", massText, QuantityKind.MASS, "g", massKilograms);
    return this;
  }
}
