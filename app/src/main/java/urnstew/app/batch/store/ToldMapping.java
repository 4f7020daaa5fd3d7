package urnstew.app.batch.store;

import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.factory.Mappers;
import urnstew.app.batch.ForecastView;
import urnstew.app.batch.Planned;
import urnstew.app.platform.store.StoreMapping;

/** What was told when the burner was lit and since, between the screens and what is stored. */
@Mapper(config = StoreMapping.class)
public interface ToldMapping {
  ToldMapping MAPPING = Mappers.getMapper(ToldMapping.class);

  StoredPlanned stored(Planned planned);

  Planned planned(StoredPlanned stored);

  @Mapping(source = "equivalentSolidsFraction", target = "thicknessFraction")
  StoredForecast stored(ForecastView forecast);

  @Mapping(source = "thicknessFraction", target = "equivalentSolidsFraction")
  ForecastView forecast(StoredForecast stored);
}
