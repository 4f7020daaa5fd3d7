package urnstew.app.service;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import urnstew.app.service.ServiceMapper.ServiceEventRow;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.ServiceEntry;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.task.Task;

/** What was said of a service, as it is stored and as the core knows it. */
record ServiceLog(List<ServiceEventRow> rows, List<ServiceEntry> entries) {
  static ServiceLog of(List<ServiceEventRow> rows) {
    return new ServiceLog(
        rows,
        rows.stream()
            .map(
                row ->
                    new ServiceEntry(
                        row.id(), row.happenedAt(), ServiceDocuments.EVENT.read(row.payload())))
            .toList());
  }

  boolean knows(UUID id) {
    return rows.stream().anyMatch(row -> row.id().equals(id));
  }

  private boolean isTakenBack(UUID id) {
    return entries.stream()
        .anyMatch(one -> one.event() instanceof TakenBack back && back.entry().equals(id));
  }

  /** What a pot told and nobody took back. */
  List<UUID> toldBy(UUID batch) {
    return rows.stream()
        .filter(row -> batch.equals(row.batchId()))
        .map(ServiceEventRow::id)
        .filter(id -> !isTakenBack(id))
        .toList();
  }

  /** Pots on the stove that cook for it, by the subject of their tasks. */
  Map<String, UUID> pots(ServiceSetup setup) {
    Map<String, UUID> pots = new HashMap<>();
    for (int place = 0; place < rows.size(); place++) {
      UUID batch = rows.get(place).batchId();
      boolean counts = !isTakenBack(rows.get(place).id());
      if (batch != null && counts && entries.get(place).event() instanceof Began began) {
        setup.tasks().stream()
            .filter(task -> task.key().equals(began.key()))
            .map((Task task) -> task.subject().id())
            .forEach(subject -> pots.putIfAbsent(subject, batch));
      }
    }
    return pots;
  }

  Set<UUID> batches(ServiceSetup setup) {
    return Set.copyOf(pots(setup).values());
  }
}
