package urnstew.app.batch.store;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.SubclassMapping;
import org.mapstruct.factory.Mappers;
import urnstew.app.formula.store.FormulaMapping;
import urnstew.app.kitchen.store.EquipmentMapping;
import urnstew.app.pantry.store.IngredientMapping;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Measurement;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Target;
import urnstew.core.formula.MadePart;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.SimmerSetting;

/** What a batch was planned from and what happened to it, between the core and what is stored. */
@Mapper(
    config = StoreMapping.class,
    uses = {
      UnitsMapping.class,
      IngredientMapping.class,
      FormulaMapping.class,
      EquipmentMapping.class
    })
public interface BatchMapping {
  BatchMapping MAPPING = Mappers.getMapper(BatchMapping.class);

  StoredSnapshot stored(BatchSnapshot snapshot);

  BatchSnapshot snapshot(StoredSnapshot stored);

  @SubclassMapping(source = BatchEvent.ReadingTaken.class, target = StoredEvent.ReadingTaken.class)
  @SubclassMapping(source = BatchEvent.StruckOut.class, target = StoredEvent.StruckOut.class)
  @SubclassMapping(source = BatchEvent.Restored.class, target = StoredEvent.Restored.class)
  @SubclassMapping(source = BatchEvent.Poured.class, target = StoredEvent.Poured.class)
  @SubclassMapping(source = BatchEvent.Added.class, target = StoredEvent.Added.class)
  @SubclassMapping(source = BatchEvent.LadledOut.class, target = StoredEvent.LadledOut.class)
  @SubclassMapping(
      source = BatchEvent.PiecesTakenOut.class,
      target = StoredEvent.PiecesTakenOut.class)
  @SubclassMapping(source = BatchEvent.CameOver.class, target = StoredEvent.CameOver.class)
  @SubclassMapping(source = BatchEvent.SetOtherwise.class, target = StoredEvent.SetOtherwise.class)
  @SubclassMapping(source = BatchEvent.TargetSet.class, target = StoredEvent.TargetSet.class)
  @SubclassMapping(source = BatchEvent.Tasted.class, target = StoredEvent.Tasted.class)
  @SubclassMapping(source = BatchEvent.CupsTried.class, target = StoredEvent.CupsTried.class)
  @SubclassMapping(source = BatchEvent.StepDone.class, target = StoredEvent.StepDone.class)
  @SubclassMapping(
      source = BatchEvent.SimmerStarted.class,
      target = StoredEvent.SimmerStarted.class)
  @SubclassMapping(source = BatchEvent.Finished.class, target = StoredEvent.Finished.class)
  StoredEvent stored(BatchEvent of);

  @SubclassMapping(source = StoredEvent.ReadingTaken.class, target = BatchEvent.ReadingTaken.class)
  @SubclassMapping(source = StoredEvent.StruckOut.class, target = BatchEvent.StruckOut.class)
  @SubclassMapping(source = StoredEvent.Restored.class, target = BatchEvent.Restored.class)
  @SubclassMapping(source = StoredEvent.Poured.class, target = BatchEvent.Poured.class)
  @SubclassMapping(source = StoredEvent.Added.class, target = BatchEvent.Added.class)
  @SubclassMapping(source = StoredEvent.LadledOut.class, target = BatchEvent.LadledOut.class)
  @SubclassMapping(
      source = StoredEvent.PiecesTakenOut.class,
      target = BatchEvent.PiecesTakenOut.class)
  @SubclassMapping(source = StoredEvent.CameOver.class, target = BatchEvent.CameOver.class)
  @SubclassMapping(source = StoredEvent.SetOtherwise.class, target = BatchEvent.SetOtherwise.class)
  @SubclassMapping(source = StoredEvent.TargetSet.class, target = BatchEvent.TargetSet.class)
  @SubclassMapping(source = StoredEvent.Tasted.class, target = BatchEvent.Tasted.class)
  @SubclassMapping(source = StoredEvent.CupsTried.class, target = BatchEvent.CupsTried.class)
  @SubclassMapping(source = StoredEvent.StepDone.class, target = BatchEvent.StepDone.class)
  @SubclassMapping(
      source = StoredEvent.SimmerStarted.class,
      target = BatchEvent.SimmerStarted.class)
  @SubclassMapping(source = StoredEvent.Finished.class, target = BatchEvent.Finished.class)
  BatchEvent event(StoredEvent stored);

  @SubclassMapping(source = Measurement.Weighed.class, target = StoredMeasurement.Weighed.class)
  @SubclassMapping(source = Measurement.Dipped.class, target = StoredMeasurement.Dipped.class)
  @SubclassMapping(source = Measurement.Probed.class, target = StoredMeasurement.Probed.class)
  @SubclassMapping(source = Measurement.Refracted.class, target = StoredMeasurement.Refracted.class)
  @SubclassMapping(source = Measurement.Plated.class, target = StoredMeasurement.Plated.class)
  StoredMeasurement stored(Measurement of);

  @SubclassMapping(source = StoredMeasurement.Weighed.class, target = Measurement.Weighed.class)
  @SubclassMapping(source = StoredMeasurement.Dipped.class, target = Measurement.Dipped.class)
  @SubclassMapping(source = StoredMeasurement.Probed.class, target = Measurement.Probed.class)
  @SubclassMapping(source = StoredMeasurement.Refracted.class, target = Measurement.Refracted.class)
  @SubclassMapping(source = StoredMeasurement.Plated.class, target = Measurement.Plated.class)
  Measurement measurement(StoredMeasurement stored);

  @SubclassMapping(source = Target.Plate.class, target = StoredTarget.Plate.class)
  @SubclassMapping(source = Target.Solids.class, target = StoredTarget.Solids.class)
  StoredTarget stored(Target of);

  @SubclassMapping(source = StoredTarget.Plate.class, target = Target.Plate.class)
  @SubclassMapping(source = StoredTarget.Solids.class, target = Target.Solids.class)
  Target target(StoredTarget stored);

  StoredSetting stored(SimmerSetting setting);

  SimmerSetting setting(StoredSetting stored);

  @SubclassMapping(source = Heating.SimmeredByEye.class, target = StoredSetting.KeptByEye.class)
  @SubclassMapping(source = Heating.BurnerSet.class, target = StoredSetting.BurnerSet.class)
  @SubclassMapping(source = Heating.InOven.class, target = StoredSetting.InOven.class)
  StoredSetting.Heating stored(Heating of);

  @SubclassMapping(source = StoredSetting.KeptByEye.class, target = Heating.SimmeredByEye.class)
  @SubclassMapping(source = StoredSetting.BurnerSet.class, target = Heating.BurnerSet.class)
  @SubclassMapping(source = StoredSetting.InOven.class, target = Heating.InOven.class)
  Heating heating(StoredSetting.Heating stored);

  @Mapping(source = "yieldShare", target = "keptShare")
  StoredSnapshot.Portion stored(ResolvedFormula.Portion portion);

  @Mapping(source = "keptShare", target = "yieldShare")
  ResolvedFormula.Portion portion(StoredSnapshot.Portion stored);

  default StoredSnapshot.@Nullable Made made(Optional<MadePart> made) {
    return made.map(this::stored).orElse(null);
  }

  default Optional<MadePart> made(StoredSnapshot.@Nullable Made stored) {
    return Optional.ofNullable(stored).map(this::part);
  }

  StoredSnapshot.Made stored(MadePart made);

  MadePart part(StoredSnapshot.Made stored);

  @Mapping(source = "evaporationLogMean", target = "evaporationMean")
  @Mapping(source = "evaporationLogDeviation", target = "evaporationDeviation")
  @Mapping(source = "powerLogMean", target = "powerMean")
  @Mapping(source = "powerLogDeviation", target = "powerDeviation")
  @Mapping(source = "bodyLogMean", target = "bodyMean")
  @Mapping(source = "bodyLogDeviation", target = "bodyDeviation")
  StoredSnapshot.Prior stored(Prior prior);

  @Mapping(source = "evaporationMean", target = "evaporationLogMean")
  @Mapping(source = "evaporationDeviation", target = "evaporationLogDeviation")
  @Mapping(source = "powerMean", target = "powerLogMean")
  @Mapping(source = "powerDeviation", target = "powerLogDeviation")
  @Mapping(source = "bodyMean", target = "bodyLogMean")
  @Mapping(source = "bodyDeviation", target = "bodyLogDeviation")
  Prior prior(StoredSnapshot.Prior stored);
}
