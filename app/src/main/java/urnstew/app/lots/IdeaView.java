package urnstew.app.lots;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something to cook from what is open or due.
 *
 * @param servingKilograms what each eater gets
 */
public record IdeaView(
    String formulaId, String name, int covers, double servingKilograms, List<TakesView> takes) {

  /**
   * What it takes, of so much that there is.
   *
   * @param baseFormulaId of a tub that goes in as the base
   */
  public record TakesView(
      String what,
      double massKilograms,
      double thereKilograms,
      LocalDate by,
      @Nullable String baseFormulaId) {}
}
