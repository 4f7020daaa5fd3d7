package urnstew.app.formula.store;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.formula.Formula;
import urnstew.core.formula.School;

/** Formulas between the core and what is stored. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface FormulaMapping {
  FormulaMapping MAPPING = Mappers.getMapper(FormulaMapping.class);

  StoredFormula stored(Formula formula);

  Formula formula(StoredFormula stored);

  StoredFormula.School school(School school);

  School school(StoredFormula.School stored);

  default StoredFormula.@Nullable School ifSchool(Optional<School> school) {
    return school.map(this::school).orElse(null);
  }

  default Optional<School> ifSchool(StoredFormula.@Nullable School stored) {
    return Optional.ofNullable(stored).map(this::school);
  }
}
