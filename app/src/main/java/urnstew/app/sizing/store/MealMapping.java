package urnstew.app.sizing.store;

import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;
import urnstew.app.formula.store.FormulaMapping;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.sizing.MealSheet;

/** Meals between the screens and what is stored. */
@Mapper(config = StoreMapping.class, uses = FormulaMapping.class)
public interface MealMapping {
  MealMapping MAPPING = Mappers.getMapper(MealMapping.class);

  StoredMeal stored(MealSheet sheet);

  MealSheet sheet(StoredMeal stored);
}
