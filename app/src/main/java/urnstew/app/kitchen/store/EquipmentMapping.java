package urnstew.app.kitchen.store;

import org.mapstruct.Mapper;
import org.mapstruct.SubclassMapping;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.RectangularShape;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.kitchen.VesselShape;

/** Equipment between the core and what is stored of it, as it was when something began. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface EquipmentMapping {
  StoredEquipment.Vessel stored(Vessel vessel);

  Vessel vessel(StoredEquipment.Vessel stored);

  StoredEquipment.HeatSource stored(HeatSource source);

  HeatSource heatSource(StoredEquipment.HeatSource stored);

  StoredEquipment.Instruments stored(Instruments instruments);

  Instruments instruments(StoredEquipment.Instruments stored);

  StoredEquipment.Surroundings stored(Surroundings surroundings);

  Surroundings surroundings(StoredEquipment.Surroundings stored);

  @SubclassMapping(source = RoundShape.class, target = StoredEquipment.Round.class)
  @SubclassMapping(source = RectangularShape.class, target = StoredEquipment.Rectangular.class)
  StoredEquipment.Shape stored(VesselShape shape);

  @SubclassMapping(source = StoredEquipment.Round.class, target = RoundShape.class)
  @SubclassMapping(source = StoredEquipment.Rectangular.class, target = RectangularShape.class)
  VesselShape shape(StoredEquipment.Shape stored);
}
