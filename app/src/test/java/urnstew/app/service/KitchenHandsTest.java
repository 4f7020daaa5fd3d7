package urnstew.app.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.app.service.ServiceMapper.ServiceEventRow;
import urnstew.app.service.ServiceMapper.ServiceRow;
import urnstew.app.service.ServiceSetup.Hands;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.HandsLearnt;
import urnstew.core.service.ServiceEvent;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.Ended;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** What the hands of a kitchen needed in a service that is over. */
class KitchenHandsTest {
  private static final UUID SERVICE = new UUID(1, 1);
  private static final Instant AT = Instant.parse("2026-11-30T15:00:00Z");
  private static final String KEY = "dish/prep";

  private final ServiceMapper mapper = mock(ServiceMapper.class);
  private final List<ServiceEventRow> rows = new ArrayList<>();

  private void over(double reckonedMinutes, List<Hands> learnt) {
    Task cut =
        Task.of(
            "prep",
            Kind.PREP,
            new Subject(Subject.Place.PLAN, "dish", "Dish"),
            "cut",
            Due.at(AT),
            Effort.ofMinutes(reckonedMinutes / 2, reckonedMinutes, reckonedMinutes * 2));
    ServiceSetup setup =
        new ServiceSetup(
            AT,
            AT.plus(Duration.ofHours(8)),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(cut),
            List.of(),
            learnt);
    String kept = ServiceDocuments.SETUP.write(setup);
    when(mapper.over(anyInt())).thenReturn(List.of(SERVICE));
    when(mapper.find(SERVICE))
        .thenReturn(Optional.of(new ServiceRow(SERVICE, SERVICE, "Mess", AT, AT, 3, kept)));
    when(mapper.events(SERVICE)).thenReturn(rows);
  }

  private UUID said(int minutes, ServiceEvent event) {
    UUID id = new UUID(2, rows.size());
    Instant at = AT.plus(Duration.ofMinutes(minutes));
    String payload = ServiceDocuments.EVENT.write(event);
    rows.add(
        new ServiceEventRow(SERVICE, rows.size() + 1, id, at, at, at, "kitchen", null, payload));
    return id;
  }

  /** What was learnt before is not learnt again: twenty minutes are twice the usual ten. */
  @ParameterizedTest
  @CsvSource({"10, 1", "20, 2", "5, 0.5"})
  void twiceTheUsualIsTwiceHoweverItWasCounted(double reckonedMinutes, double counted) {
    over(reckonedMinutes, List.of(new Hands(Kind.PREP, counted, 9)));
    said(0, new Began(KEY, Optional.of("Ada"), Set.of()));
    said(20, new Ended(KEY));
    HandsLearnt.Learnt learnt =
        Optional.ofNullable(new KitchenHands(mapper).learnt().byKind().get(Kind.PREP))
            .orElseThrow();
    assertEquals(Math.pow(2, 1.0 / 5), learnt.ratio(), 1e-6);
    assertEquals(1, learnt.works());
  }

  @Test
  void whatWasTakenBackOrTickedOnceSaysNothing() {
    over(10, List.of());
    said(0, new Began(KEY, Optional.of("Ada"), Set.of()));
    UUID wrong = said(20, new Ended(KEY));
    said(21, new TakenBack(wrong));
    assertEquals(HandsLearnt.NONE, new KitchenHands(mapper).learnt());
  }
}
