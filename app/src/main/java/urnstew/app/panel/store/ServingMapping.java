package urnstew.app.panel.store;

import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;
import urnstew.app.platform.store.StoreMapping;
import urnstew.core.panel.ServingPlan;

/** Serving plans of blind tastings between the core and what is stored. */
@Mapper(config = StoreMapping.class)
public interface ServingMapping {
  ServingMapping MAPPING = Mappers.getMapper(ServingMapping.class);

  StoredServing stored(ServingPlan plan);

  ServingPlan plan(StoredServing stored);
}
