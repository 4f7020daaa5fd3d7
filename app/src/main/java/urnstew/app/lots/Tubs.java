package urnstew.app.lots;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import urnstew.app.batch.TubShelf;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.core.lot.TubIngredient;
import urnstew.core.pantry.Ingredient;
import urnstew.core.thermo.Composition;

/** Tubs under the keys by which a pot takes them. */
@Component
class Tubs implements TubShelf {
  private static final String KEY = "tub-";

  private final LotMapper mapper;
  private final LotDeclarations declarations;
  private final FormulaShelf shelf;

  Tubs(LotMapper mapper, LotDeclarations declarations, FormulaShelf shelf) {
    this.mapper = mapper;
    this.declarations = declarations;
    this.shelf = shelf;
  }

  static String key(LotRow lot) {
    return KEY + lot.code().toLowerCase(Locale.ROOT);
  }

  @Override
  public Optional<Ingredient> find(String ingredientId) {
    return ingredientId.startsWith(KEY)
        ? mapper
            .byCode(ingredientId.substring(KEY.length()).toUpperCase(Locale.ROOT))
            .map(lot -> ingredient(ingredientId, lot))
        : Optional.empty();
  }

  /** A lot as an ingredient. */
  Ingredient of(LotRow lot) {
    return ingredient(key(lot), lot);
  }

  private Ingredient ingredient(String id, LotRow lot) {
    Composition kind = IngredientDocuments.COMPOSITION.read(lot.kind());
    return TubIngredient.of(
        id, shelf.resolved(lot.formulaId(), List.of()), kind, declarations.of(lot).labelling());
  }
}
