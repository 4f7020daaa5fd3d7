package urnstew.app.service;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.platform.NotFoundException;
import urnstew.app.service.BenchView.LaneKind;
import urnstew.app.service.ServicePlan.Work;
import urnstew.app.service.ServiceWrites.SaidKind;
import urnstew.app.service.ServiceWrites.Say;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.ServiceEntry;
import urnstew.core.service.ServiceEvent;
import urnstew.units.InvalidInput;
import urnstew.units.Require;

/** Turns what is said of a service into what happened; refused where it means nothing. */
@Component
class ServiceEntries {
  private static final int MOST_MINUTES = 240;
  private static final Duration LEAST_MOVE = Duration.ofMinutes(1);

  /**
   * What an entry means.
   *
   * @param at when it happened
   */
  List<ServiceEntry> entries(ServiceState state, Say write, Instant at) {
    return new Meaning(state, write, at).entries();
  }

  /**
   * What was moved in a calendar, at least a minute, and is still to come: wanted there.
   *
   * @param begins of its events by their identity
   * @throws InvalidInput {@code calendar} if none of them is
   */
  List<ServiceEntry> moved(ServiceState state, UUID id, Map<String, Instant> begins, Instant at) {
    List<ServiceEntry> all = new ArrayList<>();
    for (Work work : ServicePlans.last(state).works()) {
      Instant then = begins.get(ServiceCalendar.uid(work.key()));
      boolean toCome = !state.running().begun().containsKey(work.key());
      if (then != null && toCome && then.isAfter(at) && isMoved(work, then)) {
        UUID entry = all.isEmpty() ? id : another(id, all.size());
        all.add(
            new ServiceEntry(
                entry, at, new ServiceEvent.Wanted(work.key(), then, work.by(), lanes(work))));
      }
    }
    if (all.isEmpty()) {
      throw new InvalidInput(
          "calendar",
          "nothing-moved",
          "No work of this service that is still to come was moved in it.",
          "a calendar of this service with another hour",
          "Move a work in the calendar, save it, and send it again.");
    }
    return all;
  }

  private static boolean isMoved(Work work, Instant then) {
    return Duration.between(work.begins(), then).abs().compareTo(LEAST_MOVE) >= 0;
  }

  private static UUID another(UUID id, int number) {
    return UUID.nameUUIDFromBytes((id + "/" + number).getBytes(StandardCharsets.UTF_8));
  }

  private record Meaning(ServiceState state, Say write, Instant at) {
    List<ServiceEntry> entries() {
      return write.kind() == SaidKind.AS_PLANNED
          ? asPlanned()
          : List.of(new ServiceEntry(write.id(), at, event()));
    }

    private ServiceEvent event() {
      return switch (write.kind()) {
        case BEGAN -> new ServiceEvent.Began(key(), by(), holds());
        case ENDED -> new ServiceEvent.Ended(key());
        case TAKES_LONGER -> longer();
        case WANTED -> wanted();
        case LET_GO -> new ServiceEvent.LetGo(key());
        case MOVED -> new ServiceEvent.Moved(key(), Set.of(lane()));
        case COOK_LEFT -> new ServiceEvent.CookLeft(cook(write.by()));
        case COOK_CAME -> new ServiceEvent.CookCame(newCook());
        case FAILED -> new ServiceEvent.Failed(lane());
        case MENDED -> new ServiceEvent.Mended(lane());
        case MEAL_CHANGED -> new ServiceEvent.MealChanged();
        case TAKEN_BACK -> new ServiceEvent.TakenBack(entry());
        case AS_PLANNED -> throw new IllegalStateException("Those are several.");
      };
    }

    private String key() {
      String key = write.key();
      if (key == null || state.task(key).isEmpty()) {
        throw new InvalidInput(
            "key",
            "not-there",
            "That is no work of this service.",
            "the key of a work",
            "Load the service again: it has changed.");
      }
      return key;
    }

    /** Whoever is named, else whoever it was planned for. */
    private Optional<String> by() {
      return write.by() == null ? planned().flatMap(Work::by) : Optional.of(cook(write.by()));
    }

    private String cook(@Nullable String name) {
      if (name == null || !state.running().cooks().contains(name)) {
        throw new InvalidInput(
            "by",
            "not-there",
            "Nobody of that name cooks here tonight.",
            String.join(", ", state.running().cooks()),
            "Say first that they came.");
      }
      return name;
    }

    private String newCook() {
      String name = write.by();
      if (name == null || name.isBlank()) {
        throw new InvalidInput(
            "by", "missing", "Nobody is named.", "the name of the cook", "Type a name.");
      }
      return name.strip();
    }

    private Set<String> holds() {
      return write.laneId() == null
          ? planned().map(ServiceEntries::lanes).orElse(Set.of())
          : Set.of(lane());
    }

    private String lane() {
      String lane = write.laneId();
      boolean known =
          state.lanes().lanes().stream()
              .anyMatch(one -> one.id().equals(lane) && one.kind() != LaneKind.COOK);
      if (lane == null || !known) {
        throw new InvalidInput(
            "laneId",
            "not-there",
            "That is no burner, oven or machine of this kitchen.",
            "one of its lanes",
            "Load the service again, then choose one.");
      }
      return lane;
    }

    private Duration minutes() {
      Integer minutes = write.minutes();
      return Duration.ofMinutes(
          (long)
              Require.within(
                  "minutes", minutes == null ? 0 : minutes, -MOST_MINUTES, MOST_MINUTES, "min"));
    }

    /** Of what goes on: so long from when it should be over, or from now where that is gone. */
    private ServiceEvent longer() {
      String key = key();
      return state
          .running()
          .likelyOver(key)
          .map(over -> over.isAfter(at) ? over : at)
          .<ServiceEvent>map(over -> new ServiceEvent.Expected(key, over.plus(minutes())))
          .orElseGet(() -> new ServiceEvent.TakesLonger(key, minutes()));
    }

    private UUID entry() {
      UUID entry = write.entryId();
      if (entry == null || !state.log().knows(entry)) {
        throw new NotFoundException("entry", entry == null ? write.id() : entry);
      }
      boolean ofMeal =
          state.log().entries().stream()
              .filter(one -> one.id().equals(entry))
              .anyMatch(one -> one.event() instanceof ServiceEvent.MealChanged);
      if (ofMeal) {
        throw new InvalidInput(
            "entryId",
            "meal-changed",
            "The works are those of the meal as it was written then.",
            "any other entry",
            "Change the meal back, then say that it has changed.");
      }
      return entry;
    }

    private Optional<Work> planned() {
      return plan().stream()
          .flatMap(plan -> plan.works().stream())
          .filter(work -> work.key().equals(write.key()))
          .findFirst();
    }

    private Optional<ServicePlan> plan() {
      return state.last().map(row -> ServiceDocuments.PLAN.read(row.plan()));
    }

    private ServiceEvent wanted() {
      String key = key();
      Work work =
          planned()
              .orElseThrow(
                  () ->
                      new InvalidInput(
                          "key",
                          "not-planned",
                          "It has no place yet from which it could be moved.",
                          "a work that is planned",
                          "Wait until the service is planned."));
      Duration by = minutes();
      Instant then = work.begins().plus(by);
      if (then.isBefore(at)) {
        throw new InvalidInput(
            "minutes",
            "past",
            "That moment is gone.",
            "a moment that is to come",
            "Move it less, or say that it has begun.");
      }
      Optional<String> cook = work.by().isEmpty() ? Optional.empty() : by();
      return new ServiceEvent.Wanted(key, then, cook, lanes(work));
    }

    /** Whatever should have begun by now did as it was planned, and is over where it should be. */
    private List<ServiceEntry> asPlanned() {
      List<ServiceEntry> all = new ArrayList<>();
      for (Work work : plan().map(ServicePlan::works).orElse(List.of())) {
        boolean begun = state.running().begun().containsKey(work.key());
        if (!begun && !work.begins().isAfter(at)) {
          Set<String> holds = lanes(work);
          add(all, work.begins(), new ServiceEvent.Began(work.key(), work.by(), holds));
        }
        if (!state.running().over().containsKey(work.key()) && !work.ends().isAfter(at)) {
          add(all, work.ends(), new ServiceEvent.Ended(work.key()));
        }
      }
      if (all.isEmpty()) {
        throw new InvalidInput(
            "kind",
            "nothing",
            "Nothing was planned to begin or end by now that is not ticked.",
            "a work that should have begun",
            "Tick works one by one.");
      }
      return all;
    }

    private void add(List<ServiceEntry> all, Instant then, ServiceEvent event) {
      UUID id = all.isEmpty() ? write.id() : another(write.id(), all.size());
      all.add(new ServiceEntry(id, then, event));
    }
  }

  private static Set<String> lanes(Work work) {
    return work.holds().stream().map(ServicePlan.Hold::lane).collect(Collectors.toSet());
  }
}
