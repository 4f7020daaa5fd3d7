package urnstew.app.service;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.platform.NotFoundException;
import urnstew.app.service.ServiceMapper.ServiceRow;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.Brigade;
import urnstew.core.service.RunningService;
import urnstew.core.service.ServiceEntry;

/** Reads how services stand. */
@Component
class ServiceStates {
  private final ServiceMapper mapper;
  private final ServicePots pots;
  private final KitchenBrigade brigades;
  private final EquipmentService equipment;

  ServiceStates(
      ServiceMapper mapper, ServicePots pots, KitchenBrigade brigades, EquipmentService equipment) {
    this.mapper = mapper;
    this.pots = pots;
    this.brigades = brigades;
    this.equipment = equipment;
  }

  @Transactional(readOnly = true)
  ServiceState of(UUID id) {
    return of(mapper.find(id).orElseThrow(() -> new NotFoundException("service", id)));
  }

  ServiceState of(ServiceRow row) {
    ServiceSetup setup = ServiceDocuments.SETUP.read(row.setup());
    ServiceLog written = ServiceLog.of(mapper.events(row.id()));
    List<ServiceEntry> told = row.endedAt() == null ? pots.told(setup, written) : List.of();
    List<ServiceEntry> log = Stream.concat(written.entries().stream(), told.stream()).toList();
    Brigade brigade =
        brigades.of(
            setup.hands(),
            Set.copyOf(setup.machines()),
            setup.from(),
            setup.end(),
            written.batches(setup));
    RunningService running =
        RunningService.of(setup.tasks(), brigade, setup.from(), setup.end(), log);
    return new ServiceState(
        row,
        setup,
        written,
        told,
        running,
        LaneNames.of(brigade, running.cooks(), equipment.vessels()),
        mapper.lastPlans(row.id(), 1).stream().findFirst());
  }
}
