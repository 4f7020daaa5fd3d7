package urnstew.app.formula.store;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.SubclassMapping;
import org.mapstruct.factory.Mappers;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.formula.Formula;
import urnstew.core.formula.School;
import urnstew.core.formula.StageEnd;
import urnstew.core.pantry.Piece;

/** Formulas between the core and what is stored. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface FormulaMapping {
  FormulaMapping MAPPING = Mappers.getMapper(FormulaMapping.class);

  StoredFormula stored(Formula formula);

  Formula formula(StoredFormula stored);

  @SubclassMapping(source = StageEnd.Unsaid.class, target = StoredFormula.Unsaid.class)
  @SubclassMapping(source = StageEnd.Minutes.class, target = StoredFormula.Minutes.class)
  @SubclassMapping(source = StageEnd.Cue.class, target = StoredFormula.Cue.class)
  @SubclassMapping(source = StageEnd.AllIn.class, target = StoredFormula.AllIn.class)
  @SubclassMapping(source = StageEnd.Thick.class, target = StoredFormula.Thick.class)
  @SubclassMapping(source = StageEnd.ThickAs.class, target = StoredFormula.ThickAs.class)
  @SubclassMapping(source = StageEnd.DownToMass.class, target = StoredFormula.DownToMass.class)
  @SubclassMapping(source = StageEnd.DownToVolume.class, target = StoredFormula.DownToVolume.class)
  @SubclassMapping(source = StageEnd.DownToDepth.class, target = StoredFormula.DownToDepth.class)
  @SubclassMapping(source = StageEnd.Warm.class, target = StoredFormula.Warm.class)
  StoredFormula.End stored(StageEnd of);

  @SubclassMapping(source = StoredFormula.Unsaid.class, target = StageEnd.Unsaid.class)
  @SubclassMapping(source = StoredFormula.Minutes.class, target = StageEnd.Minutes.class)
  @SubclassMapping(source = StoredFormula.Cue.class, target = StageEnd.Cue.class)
  @SubclassMapping(source = StoredFormula.AllIn.class, target = StageEnd.AllIn.class)
  @SubclassMapping(source = StoredFormula.Thick.class, target = StageEnd.Thick.class)
  @SubclassMapping(source = StoredFormula.ThickAs.class, target = StageEnd.ThickAs.class)
  @SubclassMapping(source = StoredFormula.DownToMass.class, target = StageEnd.DownToMass.class)
  @SubclassMapping(source = StoredFormula.DownToVolume.class, target = StageEnd.DownToVolume.class)
  @SubclassMapping(source = StoredFormula.DownToDepth.class, target = StageEnd.DownToDepth.class)
  @SubclassMapping(source = StoredFormula.Warm.class, target = StageEnd.Warm.class)
  StageEnd end(StoredFormula.End stored);

  StoredFormula.Piece piece(Piece piece);

  Piece piece(StoredFormula.Piece stored);

  default StoredFormula.@Nullable Piece ifPiece(Optional<Piece> piece) {
    return piece.map(this::piece).orElse(null);
  }

  default Optional<Piece> ifPiece(StoredFormula.@Nullable Piece stored) {
    return Optional.ofNullable(stored).map(this::piece);
  }

  StoredFormula.School school(School school);

  School school(StoredFormula.School stored);

  default StoredFormula.@Nullable School ifSchool(Optional<School> school) {
    return school.map(this::school).orElse(null);
  }

  default Optional<School> ifSchool(StoredFormula.@Nullable School stored) {
    return Optional.ofNullable(stored).map(this::school);
  }

  default StoredFormula.Unsaid stored(StageEnd.Unsaid of) {
    return new StoredFormula.Unsaid();
  }

  default StageEnd.Unsaid end(StoredFormula.Unsaid stored) {
    return new StageEnd.Unsaid();
  }

  default StoredFormula.Minutes stored(StageEnd.Minutes of) {
    return new StoredFormula.Minutes();
  }

  default StageEnd.Minutes end(StoredFormula.Minutes stored) {
    return new StageEnd.Minutes();
  }

  default StoredFormula.Cue stored(StageEnd.Cue of) {
    return new StoredFormula.Cue();
  }

  default StageEnd.Cue end(StoredFormula.Cue stored) {
    return new StageEnd.Cue();
  }

  default StoredFormula.AllIn stored(StageEnd.AllIn of) {
    return new StoredFormula.AllIn();
  }

  default StageEnd.AllIn end(StoredFormula.AllIn stored) {
    return new StageEnd.AllIn();
  }

  default StoredFormula.Thick stored(StageEnd.Thick of) {
    return new StoredFormula.Thick();
  }

  default StageEnd.Thick end(StoredFormula.Thick stored) {
    return new StageEnd.Thick();
  }
}
