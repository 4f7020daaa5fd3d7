package urnstew.app.service.store;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.SubclassMapping;
import org.mapstruct.factory.Mappers;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.app.service.ServicePlan;
import urnstew.app.service.ServiceSetup;
import urnstew.core.service.ServiceEvent;
import urnstew.core.task.Figure;
import urnstew.core.task.Need;
import urnstew.core.task.Task;

/** Services, and what is stored of them. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface ServiceMapping {
  ServiceMapping MAPPING = Mappers.getMapper(ServiceMapping.class);

  StoredService stored(ServiceSetup setup);

  ServiceSetup setup(StoredService stored);

  StoredServicePlan stored(ServicePlan plan);

  ServicePlan plan(StoredServicePlan stored);

  @SubclassMapping(source = ServiceEvent.Began.class, target = StoredServiceEvent.Began.class)
  @SubclassMapping(source = ServiceEvent.Ended.class, target = StoredServiceEvent.Ended.class)
  @SubclassMapping(
      source = ServiceEvent.TakesLonger.class,
      target = StoredServiceEvent.TakesLonger.class)
  @SubclassMapping(source = ServiceEvent.Expected.class, target = StoredServiceEvent.Expected.class)
  @SubclassMapping(source = ServiceEvent.Wanted.class, target = StoredServiceEvent.Wanted.class)
  @SubclassMapping(source = ServiceEvent.LetGo.class, target = StoredServiceEvent.LetGo.class)
  @SubclassMapping(source = ServiceEvent.Moved.class, target = StoredServiceEvent.Moved.class)
  @SubclassMapping(source = ServiceEvent.CookLeft.class, target = StoredServiceEvent.CookLeft.class)
  @SubclassMapping(source = ServiceEvent.CookCame.class, target = StoredServiceEvent.CookCame.class)
  @SubclassMapping(source = ServiceEvent.Failed.class, target = StoredServiceEvent.Failed.class)
  @SubclassMapping(source = ServiceEvent.Mended.class, target = StoredServiceEvent.Mended.class)
  @SubclassMapping(
      source = ServiceEvent.TakenBack.class,
      target = StoredServiceEvent.TakenBack.class)
  @SubclassMapping(
      source = ServiceEvent.MealChanged.class,
      target = StoredServiceEvent.MealChanged.class)
  StoredServiceEvent stored(ServiceEvent event);

  @SubclassMapping(source = StoredServiceEvent.Began.class, target = ServiceEvent.Began.class)
  @SubclassMapping(source = StoredServiceEvent.Ended.class, target = ServiceEvent.Ended.class)
  @SubclassMapping(
      source = StoredServiceEvent.TakesLonger.class,
      target = ServiceEvent.TakesLonger.class)
  @SubclassMapping(source = StoredServiceEvent.Expected.class, target = ServiceEvent.Expected.class)
  @SubclassMapping(source = StoredServiceEvent.Wanted.class, target = ServiceEvent.Wanted.class)
  @SubclassMapping(source = StoredServiceEvent.LetGo.class, target = ServiceEvent.LetGo.class)
  @SubclassMapping(source = StoredServiceEvent.Moved.class, target = ServiceEvent.Moved.class)
  @SubclassMapping(source = StoredServiceEvent.CookLeft.class, target = ServiceEvent.CookLeft.class)
  @SubclassMapping(source = StoredServiceEvent.CookCame.class, target = ServiceEvent.CookCame.class)
  @SubclassMapping(source = StoredServiceEvent.Failed.class, target = ServiceEvent.Failed.class)
  @SubclassMapping(source = StoredServiceEvent.Mended.class, target = ServiceEvent.Mended.class)
  @SubclassMapping(
      source = StoredServiceEvent.MealChanged.class,
      target = ServiceEvent.MealChanged.class)
  @SubclassMapping(
      source = StoredServiceEvent.TakenBack.class,
      target = ServiceEvent.TakenBack.class)
  ServiceEvent event(StoredServiceEvent stored);

  default StoredServiceEvent.MealChanged stored(ServiceEvent.MealChanged changed) {
    return new StoredServiceEvent.MealChanged();
  }

  default ServiceEvent.MealChanged changed(StoredServiceEvent.MealChanged stored) {
    return new ServiceEvent.MealChanged();
  }

  StoredService.Task stored(Task task);

  Task task(StoredService.Task stored);

  @SubclassMapping(source = Figure.Much.class, target = StoredService.Much.class)
  @SubclassMapping(source = Figure.Warm.class, target = StoredService.Warm.class)
  @SubclassMapping(source = Figure.Plates.class, target = StoredService.Plates.class)
  StoredService.Figure stored(Figure figure);

  @SubclassMapping(source = StoredService.Much.class, target = Figure.Much.class)
  @SubclassMapping(source = StoredService.Warm.class, target = Figure.Warm.class)
  @SubclassMapping(source = StoredService.Plates.class, target = Figure.Plates.class)
  Figure figure(StoredService.Figure stored);

  @SubclassMapping(source = Need.OfVessel.class, target = StoredService.OfVessel.class)
  @SubclassMapping(source = Need.OfBurner.class, target = StoredService.OfBurner.class)
  @SubclassMapping(source = Need.OfOven.class, target = StoredService.OfOven.class)
  @SubclassMapping(source = Need.OfTool.class, target = StoredService.OfTool.class)
  StoredService.Need stored(Need need);

  @SubclassMapping(source = StoredService.OfVessel.class, target = Need.OfVessel.class)
  @SubclassMapping(source = StoredService.OfBurner.class, target = Need.OfBurner.class)
  @SubclassMapping(source = StoredService.OfOven.class, target = Need.OfOven.class)
  @SubclassMapping(source = StoredService.OfTool.class, target = Need.OfTool.class)
  Need need(StoredService.Need stored);

  default StoredService.@Nullable Figure ifFigure(Optional<Figure> figure) {
    return figure.map(this::stored).orElse(null);
  }

  default Optional<Figure> ifFigure(StoredService.@Nullable Figure stored) {
    return Optional.ofNullable(stored).map(this::figure);
  }

  default @Nullable Instant ifInstant(Optional<Instant> of) {
    return of.orElse(null);
  }

  default Optional<Instant> ifInstant(@Nullable Instant of) {
    return Optional.ofNullable(of);
  }

  default @Nullable LocalDate ifLocalDate(Optional<LocalDate> of) {
    return of.orElse(null);
  }

  default Optional<LocalDate> ifLocalDate(@Nullable LocalDate of) {
    return Optional.ofNullable(of);
  }

  default @Nullable UUID ifUUID(Optional<UUID> of) {
    return of.orElse(null);
  }

  default Optional<UUID> ifUUID(@Nullable UUID of) {
    return Optional.ofNullable(of);
  }

  default @Nullable String ifString(Optional<String> of) {
    return of.orElse(null);
  }

  default Optional<String> ifString(@Nullable String of) {
    return Optional.ofNullable(of);
  }
}
