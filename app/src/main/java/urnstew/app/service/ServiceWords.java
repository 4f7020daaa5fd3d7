package urnstew.app.service;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.service.ServiceMapper.ServiceEventRow;
import urnstew.app.service.ServiceView.ServiceSaidView;
import urnstew.app.service.ServiceWrites.SaidKind;
import urnstew.core.service.ServiceEntry;
import urnstew.core.service.ServiceEvent;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.CookCame;
import urnstew.core.service.ServiceEvent.CookLeft;
import urnstew.core.service.ServiceEvent.Ended;
import urnstew.core.service.ServiceEvent.Expected;
import urnstew.core.service.ServiceEvent.Failed;
import urnstew.core.service.ServiceEvent.LetGo;
import urnstew.core.service.ServiceEvent.MealChanged;
import urnstew.core.service.ServiceEvent.Mended;
import urnstew.core.service.ServiceEvent.Moved;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.service.ServiceEvent.TakesLonger;
import urnstew.core.service.ServiceEvent.Wanted;

/** The log of a service in words. */
final class ServiceWords {
  private final ServiceState state;

  ServiceWords(ServiceState state) {
    this.state = state;
  }

  /** The last first. */
  List<ServiceSaidView> log() {
    List<ServiceEntry> entries = state.log().entries();
    Set<UUID> back = state.running().takenBack();
    List<ServiceSaidView> said = new ArrayList<>();
    for (int place = 0; place < entries.size(); place++) {
      ServiceEventRow row = state.log().rows().get(place);
      ServiceEntry entry = entries.get(place);
      Said of = said(entry.event());
      said.add(
          new ServiceSaidView(
              entry.id(),
              entry.at(),
              of.kind(),
              of.what(),
              of.minutes(),
              row.actor(),
              back.contains(entry.id())));
    }
    Collections.reverse(said);
    return said;
  }

  private record Said(SaidKind kind, String what, @Nullable Long minutes) {
    static Said of(SaidKind kind, String what) {
      return new Said(kind, what, null);
    }
  }

  private Said said(ServiceEvent event) {
    if (event instanceof Began began) {
      return Said.of(SaidKind.BEGAN, work(began.key()) + by(began.by()));
    } else if (event instanceof Ended ended) {
      return Said.of(SaidKind.ENDED, work(ended.key()));
    } else if (event instanceof TakesLonger more) {
      return new Said(SaidKind.TAKES_LONGER, work(more.key()), minutes(more.by()));
    } else if (event instanceof Expected then) {
      return Said.of(SaidKind.TAKES_LONGER, work(then.key()));
    } else if (event instanceof Wanted then) {
      return Said.of(SaidKind.WANTED, work(then.key()) + by(then.by()));
    } else if (event instanceof LetGo free) {
      return Said.of(SaidKind.LET_GO, work(free.key()));
    } else if (event instanceof Moved moved) {
      return Said.of(SaidKind.MOVED, work(moved.key()));
    } else {
      return ofKitchen(event);
    }
  }

  private Said ofKitchen(ServiceEvent event) {
    if (event instanceof CookLeft left) {
      return Said.of(SaidKind.COOK_LEFT, left.name());
    } else if (event instanceof CookCame came) {
      return Said.of(SaidKind.COOK_CAME, came.name());
    } else if (event instanceof Failed broken) {
      return Said.of(SaidKind.FAILED, state.lanes().of(broken.resource()));
    } else if (event instanceof Mended whole) {
      return Said.of(SaidKind.MENDED, state.lanes().of(whole.resource()));
    }
    if (event instanceof MealChanged) {
      return Said.of(SaidKind.MEAL_CHANGED, state.row().name());
    }
    UUID entry = ((TakenBack) event).entry();
    String what =
        state.log().entries().stream()
            .filter(one -> one.id().equals(entry))
            .map(one -> said(one.event()).what())
            .findFirst()
            .orElse("");
    return Said.of(SaidKind.TAKEN_BACK, what);
  }

  private static long minutes(Duration by) {
    return by.toMinutes();
  }

  private static String by(Optional<String> cook) {
    return cook.map(name -> " (" + name + ")").orElse("");
  }

  private String work(String key) {
    return state
        .task(key)
        .map(task -> task.subject().name() + ", " + task.what())
        .orElse("a work that is no longer there");
  }
}
