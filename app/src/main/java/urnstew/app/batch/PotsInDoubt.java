package urnstew.app.batch;

import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import urnstew.app.platform.Actor;

/**
 * Looks after pots in which something is due that nobody said is done: their forecasts, which every
 * screen reads, are reckoned anew with both ways in the band.
 */
@Component
class PotsInDoubt {
  private static final Logger LOG = LoggerFactory.getLogger(PotsInDoubt.class);
  private static final Actor CLOCK = Actor.itself("the clock");

  private final EntryWriter writer;

  PotsInDoubt(EntryWriter writer) {
    this.writer = writer;
  }

  /** One that cannot be reckoned leaves the others alone. */
  @Scheduled(fixedDelay = 15, timeUnit = TimeUnit.SECONDS)
  void look() {
    for (UUID batch : writer.overtaken()) {
      try {
        writer.reckonAgain(batch, CLOCK);
      } catch (RuntimeException fault) {
        LOG.warn("Pot {} could not be reckoned anew", batch, fault);
      }
    }
  }
}
