package urnstew.app.keeping.store;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.SubclassMapping;
import org.mapstruct.factory.Mappers;
import urnstew.app.keeping.KeepingEvent;
import urnstew.app.keeping.KeepingStart;
import urnstew.app.kitchen.store.EquipmentMapping;
import urnstew.app.pantry.store.IngredientMapping;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.app.rules.store.RulesMapping;
import urnstew.core.cooling.CoolingSetup;
import urnstew.core.holding.Loosening;

/** How something began to be kept and what happened to it, and what is stored of that. */
@Mapper(
    config = StoreMapping.class,
    uses = {
      UnitsMapping.class,
      IngredientMapping.class,
      EquipmentMapping.class,
      RulesMapping.class
    })
public interface KeepingMapping {
  KeepingMapping MAPPING = Mappers.getMapper(KeepingMapping.class);

  @SubclassMapping(source = KeepingStart.ToCool.class, target = StoredStart.ToCool.class)
  @SubclassMapping(source = KeepingStart.ToHold.class, target = StoredStart.ToHold.class)
  @SubclassMapping(source = KeepingStart.ToSetOut.class, target = StoredStart.ToSetOut.class)
  StoredStart stored(KeepingStart of);

  @SubclassMapping(source = StoredStart.ToCool.class, target = KeepingStart.ToCool.class)
  @SubclassMapping(source = StoredStart.ToHold.class, target = KeepingStart.ToHold.class)
  @SubclassMapping(source = StoredStart.ToSetOut.class, target = KeepingStart.ToSetOut.class)
  KeepingStart start(StoredStart stored);

  @SubclassMapping(source = KeepingEvent.Read.class, target = StoredEntry.Read.class)
  @SubclassMapping(source = KeepingEvent.Placed.class, target = StoredEntry.Placed.class)
  @SubclassMapping(source = KeepingEvent.Stirred.class, target = StoredEntry.Stirred.class)
  @SubclassMapping(source = KeepingEvent.Reheated.class, target = StoredEntry.Reheated.class)
  @SubclassMapping(source = KeepingEvent.ToppedUp.class, target = StoredEntry.ToppedUp.class)
  @SubclassMapping(source = KeepingEvent.StruckOut.class, target = StoredEntry.StruckOut.class)
  StoredEntry stored(KeepingEvent of);

  @SubclassMapping(source = StoredEntry.Read.class, target = KeepingEvent.Read.class)
  @SubclassMapping(source = StoredEntry.Placed.class, target = KeepingEvent.Placed.class)
  @SubclassMapping(source = StoredEntry.Stirred.class, target = KeepingEvent.Stirred.class)
  @SubclassMapping(source = StoredEntry.Reheated.class, target = KeepingEvent.Reheated.class)
  @SubclassMapping(source = StoredEntry.ToppedUp.class, target = KeepingEvent.ToppedUp.class)
  @SubclassMapping(source = StoredEntry.StruckOut.class, target = KeepingEvent.StruckOut.class)
  KeepingEvent event(StoredEntry stored);

  default StoredEntry.Stirred stored(KeepingEvent.Stirred stirred) {
    return new StoredEntry.Stirred();
  }

  default KeepingEvent.Stirred stirred(StoredEntry.Stirred stored) {
    return new KeepingEvent.Stirred();
  }

  StoredSetup stored(CoolingSetup setup);

  CoolingSetup setup(StoredSetup stored);

  StoredSetup.Onward onward(CoolingSetup.Onward onward);

  CoolingSetup.Onward onward(StoredSetup.Onward stored);

  StoredStart.Loosening loosening(Loosening loosening);

  Loosening loosening(StoredStart.Loosening stored);

  default StoredSetup.@Nullable Onward ifOnward(Optional<CoolingSetup.Onward> onward) {
    return onward.map(this::onward).orElse(null);
  }

  default Optional<CoolingSetup.Onward> ifOnward(StoredSetup.@Nullable Onward stored) {
    return Optional.ofNullable(stored).map(this::onward);
  }

  default StoredStart.@Nullable Loosening ifLoosening(Optional<Loosening> loosening) {
    return loosening.map(this::loosening).orElse(null);
  }

  default Optional<Loosening> ifLoosening(StoredStart.@Nullable Loosening stored) {
    return Optional.ofNullable(stored).map(this::loosening);
  }
}
