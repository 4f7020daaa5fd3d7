package urnstew.app.change;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One open screen. Whoever tells it something never waits for its network. */
final class Screen {
  /** With more to tell than this, all of it is quicker said at once. */
  private static final int MOST_PENDING = 200;

  private final SseEmitter emitter;
  private final Executor senders;
  private final List<Change> pending = new ArrayList<>();
  private final AtomicBoolean beatDue = new AtomicBoolean();
  private final AtomicBoolean sending = new AtomicBoolean();

  Screen(SseEmitter emitter, Executor senders) {
    this.emitter = emitter;
    this.senders = senders;
  }

  /** Tells a change, once, however often it is said before it is sent. */
  void tell(Change change) {
    synchronized (pending) {
      if (pending.stream().anyMatch(known -> known.covers(change))) {
        return;
      }
      if (pending.size() >= MOST_PENDING) {
        pending.clear();
        pending.add(Change.EVERYTHING);
      } else {
        pending.removeIf(change::covers);
        pending.add(change);
      }
    }
    send();
  }

  /** Says that it is still there. */
  void beat() {
    beatDue.set(true);
    send();
  }

  void close() {
    emitter.complete();
  }

  private void send() {
    if (sending.compareAndSet(false, true)) {
      senders.execute(this::sendAll);
    }
  }

  private void sendAll() {
    try {
      if (beatDue.getAndSet(false)) {
        emitter.send(SseEmitter.event().comment("beat"));
      }
      for (Change each : taken()) {
        emitter.send(SseEmitter.event().name("change").data(each));
      }
      sending.set(false);
    } catch (IOException | IllegalStateException gone) {
      emitter.completeWithError(gone);
      return;
    }
    // What was told meanwhile found somebody sending.
    if (isMore()) {
      send();
    }
  }

  private List<Change> taken() {
    synchronized (pending) {
      List<Change> taken = List.copyOf(pending);
      pending.clear();
      return taken;
    }
  }

  private boolean isMore() {
    synchronized (pending) {
      return beatDue.get() || !pending.isEmpty();
    }
  }
}
