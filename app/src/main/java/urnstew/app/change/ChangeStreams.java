package urnstew.app.change;

import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Tags;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The screens that are open, and what each has still to be told. */
@Component
class ChangeStreams {
  /** Far more than the tablets of a kitchen. */
  private static final int MOST = 1000;

  /** A screen whose network is stuck holds one of these until its connection times out. */
  private static final int SENDERS = 8;

  private static final long BEAT_SECONDS = 15;

  private final Set<Screen> screens = ConcurrentHashMap.newKeySet();
  private final ExecutorService senders;

  ChangeStreams(MeterRegistry registry) {
    registry.gaugeCollectionSize("urnstew.screens", Tags.empty(), screens);
    CustomizableThreadFactory threads = new CustomizableThreadFactory("hints-");
    threads.setDaemon(true);
    senders = Executors.newFixedThreadPool(SENDERS, threads);
  }

  /** A stream of hints to one more screen; it begins with a word, so that it counts as open. */
  SseEmitter open() {
    if (screens.size() >= MOST) {
      throw new ResponseStatusException(
          HttpStatus.TOO_MANY_REQUESTS, "Too many screens are open at once.");
    }
    SseEmitter emitter = new SseEmitter(0L);
    Screen screen = new Screen(emitter, senders);
    emitter.onCompletion(() -> screens.remove(screen));
    emitter.onError(fault -> screens.remove(screen));
    screens.add(screen);
    screen.beat();
    return emitter;
  }

  /** Tells every screen. */
  void publish(Change change) {
    screens.forEach(screen -> screen.tell(change));
  }

  /** A word now and then keeps the connections open, and finds those that are not. */
  @Scheduled(fixedDelay = BEAT_SECONDS, timeUnit = TimeUnit.SECONDS)
  void beat() {
    screens.forEach(Screen::beat);
  }

  /** Ends all streams; screens come back by themselves. */
  void close() {
    screens.forEach(Screen::close);
  }
}
