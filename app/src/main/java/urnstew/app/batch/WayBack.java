package urnstew.app.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;

/** For half a minute what was not meant is taken back as if it had not been written. */
@Component
public class WayBack {
  /** As long as the screens offer it. */
  static final Duration OFFERED = Duration.ofSeconds(30);

  private final IdempotencyStore writes;

  WayBack(IdempotencyStore writes) {
    this.writes = writes;
  }

  /**
   * Refuses what is taken back too late, or was never written. What counts is when it was typed,
   * whatever hour is said: an hour that is said could be any.
   *
   * @param otherwise what to do instead
   */
  public void requireInTime(Writes.TakeBack write, Instant received, String otherwise) {
    UUID event = write.eventId();
    boolean inTime =
        writes
            .receivedAt(event)
            .filter(at -> !write.stamp().typed(received).isAfter(at.plus(OFFERED)))
            .isPresent();
    if (!inTime) {
      throw new ConflictException("That can be taken back for half a minute only.", otherwise);
    }
  }
}
