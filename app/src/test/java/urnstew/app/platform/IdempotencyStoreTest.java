package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
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

  private record Answer(int number) {}

  @Test
  void theFirstWriteIsDoneAndItsAnswerKept() {
    when(mapper.claim(eq(ID), anyString(), anyString(), any())).thenReturn(1);
    Answer answer = writes.once(ID, "x", new Body("a"), Answer.class, () -> new Answer(7));
    assertEquals(new Answer(7), answer);
    verify(mapper).answered(ID, "{\"number\":7}");
  }

  @Test
  void theSameWriteAgainGetsTheFirstAnswerAndAnotherBodyClashes() {
    ArgumentCaptor<String> fingerprint = ArgumentCaptor.forClass(String.class);
    when(mapper.claim(eq(ID), anyString(), fingerprint.capture(), any())).thenReturn(1, 0, 0);
    writes.once(ID, "x", new Body("a"), Answer.class, () -> new Answer(7));
    when(mapper.find(ID)).thenReturn(new FirstWrite(fingerprint.getValue(), "{\"number\":7}"));

    assertEquals(
        new Answer(7), writes.once(ID, "x", new Body("a"), Answer.class, () -> new Answer(8)));
    assertThrows(
        Clash.class, () -> writes.once(ID, "x", new Body("b"), Answer.class, () -> new Answer(8)));
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
