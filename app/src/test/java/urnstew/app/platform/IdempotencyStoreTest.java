package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.platform.IdempotencyMapper.FirstWrite;
import urnstew.units.InvalidInput;

class IdempotencyStoreTest {
  private static final UUID ID = new UUID(1, 2);
  private static final Instant NOW = Instant.parse("2026-01-10T19:00:00Z");

  private final IdempotencyMapper mapper = mock(IdempotencyMapper.class);
  private final IdempotencyStore writes =
      new IdempotencyStore(mapper, JsonMapper.builder().build(), Clock.fixed(NOW, ZoneOffset.UTC));

  private record Body(String text) {}

  private static final List<UUID> WRITTEN = List.of(new UUID(3, 4), new UUID(5, 6));

  @Test
  void theFirstWriteIsDoneAndWhatItWroteIsKept() {
    when(mapper.claim(eq(ID), anyString(), anyString(), any())).thenReturn(1);
    assertEquals(WRITTEN, writes.once(ID, "x", new Body("a"), () -> WRITTEN));
    verify(mapper).written(ID, WRITTEN.get(0) + " " + WRITTEN.get(1));
  }

  @Test
  void theSameWriteAgainFindsWhatTheFirstWroteAndAnotherBodyClashes() {
    ArgumentCaptor<String> fingerprint = ArgumentCaptor.forClass(String.class);
    when(mapper.claim(eq(ID), anyString(), fingerprint.capture(), any())).thenReturn(1, 0, 0);
    writes.once(ID, "x", new Body("a"), () -> WRITTEN);
    FirstWrite first =
        new FirstWrite(fingerprint.getValue(), WRITTEN.get(0) + " " + WRITTEN.get(1));
    when(mapper.find(ID)).thenReturn(Optional.of(first));

    Supplier<List<UUID>> again = () -> fail("it was written already");
    assertEquals(WRITTEN, writes.once(ID, "x", new Body("a"), again));
    assertThrows(ConflictException.class, () -> writes.once(ID, "x", new Body("b"), again));
    assertTrue(writes.knows(ID, "x", new Body("a")));
    assertThrows(ConflictException.class, () -> writes.knows(ID, "x", new Body("b")));
  }

  @Test
  void aWriteOfAnEarlierReleaseIsFoundByItsOwnIdentity() {
    ArgumentCaptor<String> fingerprint = ArgumentCaptor.forClass(String.class);
    when(mapper.claim(eq(ID), anyString(), fingerprint.capture(), any())).thenReturn(1, 0);
    writes.once(ID, "x", new Body("a"), () -> WRITTEN);
    when(mapper.find(ID)).thenReturn(Optional.of(new FirstWrite(fingerprint.getValue(), null)));
    assertEquals(List.of(ID), writes.once(ID, "x", new Body("a"), () -> WRITTEN));
  }

  @Test
  void whatWasWrittenIsRememberedForNinetyDays() {
    writes.forget();
    verify(mapper).forgetBefore(Instant.parse("2025-10-12T19:00:00Z"));
  }

  @Test
  void aDevicesSkewIsTakenOut() {
    StoveTime fiveMinutesQueued = new StoveTime(NOW.plusSeconds(3600), NOW.plusSeconds(3900));
    assertEquals(NOW.minusSeconds(300), fiveMinutesQueued.typedByServerClock(NOW));
    assertThrows(InvalidInput.class, () -> new StoveTime(NOW, NOW.minusSeconds(1)));
  }
}
