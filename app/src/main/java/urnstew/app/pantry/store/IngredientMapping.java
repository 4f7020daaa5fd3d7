package urnstew.app.pantry.store;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Piece;
import urnstew.core.thermo.Composition;

/** Ingredients between the core and what is stored. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface IngredientMapping {
  IngredientMapping MAPPING = Mappers.getMapper(IngredientMapping.class);

  StoredIngredient stored(Ingredient ingredient);

  Ingredient ingredient(StoredIngredient stored);

  StoredComposition stored(Composition composition);

  Composition composition(StoredComposition stored);

  StoredIngredient.Piece piece(Piece piece);

  Piece piece(StoredIngredient.Piece stored);

  StoredIngredient.PieceYield pieceYield(Ingredient.PieceYield pieces);

  Ingredient.PieceYield pieceYield(StoredIngredient.PieceYield stored);

  default StoredIngredient.@Nullable Piece ifPiece(Optional<Piece> piece) {
    return piece.map(this::piece).orElse(null);
  }

  default Optional<Piece> ifPiece(StoredIngredient.@Nullable Piece stored) {
    return Optional.ofNullable(stored).map(this::piece);
  }

  default StoredIngredient.@Nullable PieceYield ifPieceYield(
      Optional<Ingredient.PieceYield> pieces) {
    return pieces.map(this::pieceYield).orElse(null);
  }

  default Optional<Ingredient.PieceYield> ifPieceYield(
      StoredIngredient.@Nullable PieceYield stored) {
    return Optional.ofNullable(stored).map(this::pieceYield);
  }
}
