package urnstew.app.lots.store;

import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.factory.Mappers;
import urnstew.app.platform.store.StoreMapping;
import urnstew.core.formula.Declaration;

/** What is told of a lot, between the core and what is stored. */
@Mapper(config = StoreMapping.class)
public interface LotMapping {
  LotMapping MAPPING = Mappers.getMapper(LotMapping.class);

  StoredDeclaration stored(Declaration told);

  Declaration declaration(StoredDeclaration stored);

  @Mapping(target = "what", source = "allergen")
  StoredDeclaration.Caused stored(Declaration.Carried carried);

  @Mapping(target = "allergen", source = "what")
  Declaration.Carried carried(StoredDeclaration.Caused stored);

  @Mapping(target = "what", source = "trait")
  StoredDeclaration.Caused stored(Declaration.Borne borne);

  @Mapping(target = "trait", source = "what")
  Declaration.Borne borne(StoredDeclaration.Caused stored);
}
