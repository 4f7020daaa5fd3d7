package urnstew.app.keeping;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.keeping.KeepingMapper.EntryRow;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.keeping.KeepingStart.ToCool;
import urnstew.app.keeping.KeepingStart.ToHold;
import urnstew.app.keeping.KeepingStart.ToSetOut;
import urnstew.app.keeping.KeepingView.EntryView;
import urnstew.app.keeping.KeepingView.HoldView;
import urnstew.app.keeping.KeepingView.SetOutView;
import urnstew.app.keeping.KeepingWrites.Closed;
import urnstew.app.keeping.store.KeepingDocuments;
import urnstew.app.platform.ConflictException;
import urnstew.core.cooling.CoolingEvent;
import urnstew.core.cooling.CoolingHistory;
import urnstew.core.cooling.CoolingMonitor;
import urnstew.core.cooling.CoolingOutlook;
import urnstew.core.cooling.CoolingTasks;
import urnstew.core.cooling.CorrectiveAction;
import urnstew.core.cooling.MarkOutlook;
import urnstew.core.holding.HoldMonitor;
import urnstew.core.holding.HoldOutlook;
import urnstew.core.holding.HoldReading;
import urnstew.core.holding.HoldTasks;
import urnstew.core.holding.TimeAlone;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.rules.RuleSet;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Reads rows of what is kept into what the core and the screens know. */
@Component
class KeepingViews {
  private static final int MOST_WATCHED = 64;

  private final KeepingMapper mapper;
  private final Clock clock;

  /** Fitting takes far longer than asking how it stands, which every glance does. */
  private final Cache<Watched, CoolingMonitor> watches =
      Caffeine.newBuilder().maximumSize(MOST_WATCHED).build();

  KeepingViews(KeepingMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  /** All that a watch follows from. */
  private record Watched(CoolingHistory history, RuleSet rules) {}

  /** An entry with what it says. */
  private record Entry(EntryRow row, KeepingEvent event, boolean struckOut) {}

  KeepingView of(KeepingRow row) {
    KeepingStart start = KeepingDocuments.START.read(row.start());
    List<Entry> entries = entries(row);
    Instant now = Optional.ofNullable(row.closedAt()).orElseGet(clock::instant);
    return new KeepingView(
        row.id(),
        row.name(),
        row.batchId(),
        row.formulaId(),
        row.massKilograms(),
        row.startedAt(),
        row.closedAt(),
        row.closedAs(),
        row.reason(),
        start.rules().name(),
        entries.stream().map(entry -> view(entry, start)).toList(),
        start instanceof ToCool cool
            ? CoolingViews.of(
                history(row, cool, entries), cool.rules(), watch(row, cool, entries).at(now))
            : null,
        start instanceof ToHold hold
            ? HoldViews.of(hold, row.startedAt(), readings(entries), added(entries), now)
            : null,
        start instanceof ToSetOut out ? setOut(row, out, readings(entries), now) : null,
        null);
  }

  /** What it asks for. */
  List<Task> tasks(KeepingRow row, Instant now) {
    KeepingStart start = KeepingDocuments.START.read(row.start());
    List<Entry> entries = entries(row);
    if (start instanceof ToCool cool) {
      return List.of(
          CoolingTasks.of(
              subject(row, Place.COOLING), row.startedAt(), watch(row, cool, entries).at(now)));
    }
    if (start instanceof ToHold hold) {
      Subject held = subject(row, Place.HELD_HOT);
      HoldView view = HoldViews.of(hold, row.startedAt(), readings(entries), added(entries), now);
      Task rule =
          HoldTasks.of(held, HoldMonitor.at(now, row.startedAt(), readings(entries), hold.rules()));
      Instant topUpAt = view.topUpAt();
      return topUpAt == null || view.state() == HoldOutlook.State.DISCARD
          ? List.of(rule)
          : List.of(rule, HoldTasks.topUp(held, topUpAt, new Mass(view.topUpKilograms())));
    }
    ToSetOut out = (ToSetOut) start;
    return List.of(
        HoldTasks.of(
            subject(row, Place.SET_OUT),
            new TimeAlone(row.startedAt(), out.fromCold(), out.rules())
                .at(now, readings(entries))));
  }

  /** When a cooling is likely cold; of what is held nobody knows. */
  Optional<Leaves> leaves(KeepingRow row, Instant now) {
    if (!(KeepingDocuments.START.read(row.start()) instanceof ToCool cool)) {
      return Optional.empty();
    }
    List<MarkOutlook> marks = outlook(row, cool, now).marks();
    MarkOutlook last = marks.get(marks.size() - 1);
    return last.likely().flatMap(likely -> last.latest().map(latest -> new Leaves(likely, latest)));
  }

  /** One that cannot be reckoned any more. */
  static List<Task> look(KeepingRow row) {
    Place place =
        switch (row.kind()) {
          case HOLD -> Place.HELD_HOT;
          case COOLING -> Place.COOLING;
          case SET_OUT -> Place.SET_OUT;
        };
    return List.of(
        Task.of(
            "look",
            Task.Kind.LOOK,
            subject(row, place),
            "it cannot be reckoned: watch it by hand",
            Due.overdue(row.startedAt(), row.startedAt()),
            Effort.NONE));
  }

  private static Subject subject(KeepingRow row, Place place) {
    return new Subject(place, row.id().toString(), row.name());
  }

  /** One that cannot be reckoned any more: its name and its hours, and what is wrong. */
  KeepingView broken(KeepingRow row, String fault) {
    return new KeepingView(
        row.id(),
        row.name(),
        row.batchId(),
        row.formulaId(),
        row.massKilograms(),
        row.startedAt(),
        row.closedAt(),
        row.closedAs(),
        row.reason(),
        "",
        List.of(),
        null,
        null,
        null,
        fault);
  }

  private static SetOutView setOut(
      KeepingRow row, ToSetOut start, List<HoldReading> readings, Instant now) {
    TimeAlone food = new TimeAlone(row.startedAt(), start.fromCold(), start.rules());
    TimeAlone.Outlook outlook = food.at(now, readings);
    return new SetOutView(
        start.fromCold(),
        start.celsius(),
        food.allowed().toSeconds(),
        food.top().orElse(null),
        outlook.state(),
        outlook.discard(),
        outlook.tooWarmCelsius().isPresent() ? outlook.tooWarmCelsius().getAsDouble() : null);
  }

  /** How warm it was when it was last looked at. */
  Temperature lastRead(KeepingRow row, ToCool start) {
    return readings(entries(row)).stream()
        .max(Comparator.comparing(HoldReading::at))
        .map(read -> Temperature.ofCelsius(read.celsius() + read.errorKelvins()))
        .orElse(start.start());
  }

  /** The pot or tray in which it is, or was when it ended; empty: it stands in none. */
  Optional<UUID> pan(KeepingRow row) {
    return entries(row).stream()
        .filter(entry -> !entry.struckOut() && entry.row().vesselId() != null)
        .max(
            Comparator.comparing((Entry entry) -> entry.row().happenedAt())
                .thenComparing(entry -> entry.row().sequence()))
        .map(entry -> entry.row().vesselId())
        .or(() -> Optional.ofNullable(row.vesselId()));
  }

  /** What was not safe at that moment is not put away or served. */
  void mayClose(KeepingRow row, Closed as, Instant at) {
    if (as == Closed.DISCARDED) {
      return;
    }
    KeepingStart start = KeepingDocuments.START.read(row.start());
    if (start instanceof ToSetOut && as == Closed.PUT_AWAY) {
      throw new ConflictException(
          "What stood out by time alone is not kept.", "Serve it by its time, or throw it away.");
    }
    if (isLost(row, start, at)) {
      throw new ConflictException(
          "By " + start.rules().name() + " this is not safe any more.",
          "Throw it away, with the reason. If a reading was wrong, strike it out first.");
    }
  }

  private boolean isLost(KeepingRow row, KeepingStart start, Instant at) {
    if (start instanceof ToCool cool) {
      return outlook(row, cool, at).action() == CorrectiveAction.DISCARD;
    }
    if (start instanceof ToHold hold) {
      return HoldMonitor.at(at, row.startedAt(), readings(entries(row, at)), hold.rules()).state()
          == HoldOutlook.State.DISCARD;
    }
    return setOut(row, (ToSetOut) start, readings(entries(row, at)), at).state()
        == TimeAlone.State.DISCARD;
  }

  /** Into tubs goes what was cold in time. */
  void mustBeCold(KeepingRow row, Instant at) {
    if (KeepingDocuments.START.read(row.start()) instanceof ToCool cool
        && outlook(row, cool, at).action() == CorrectiveAction.PUT_AWAY) {
      return;
    }
    throw new ConflictException(
        "This cooling is not over: not every mark was read in time.",
        "Read it when it is cold, or look at what it asks for.");
  }

  /** Reheating mends a cooling once, in time, and where the rule set allows it. */
  void mayReheat(KeepingRow row, ToCool start, Instant at) {
    CoolingOutlook outlook = outlook(row, start, at);
    if (outlook.action() != CorrectiveAction.COOL_FASTER_OR_REHEAT) {
      throw new ConflictException(
          "Reheating does not mend this cooling any more.",
          "It does so once, before the first mark's time is over, where the rule set allows it.");
    }
  }

  private CoolingOutlook outlook(KeepingRow row, ToCool start, Instant at) {
    return watch(row, start, entries(row, at)).at(at);
  }

  private CoolingMonitor watch(KeepingRow row, ToCool start, List<Entry> entries) {
    return watches.get(
        new Watched(history(row, start, entries), start.rules()),
        watched -> CoolingMonitor.of(watched.history(), watched.rules()));
  }

  /** As it was known then: what was read later is no reason to have done otherwise. */
  private List<Entry> entries(KeepingRow row, Instant until) {
    return entries(row).stream().filter(entry -> !entry.row().happenedAt().isAfter(until)).toList();
  }

  private List<Entry> entries(KeepingRow row) {
    List<EntryRow> rows = mapper.entries(row.id());
    List<KeepingEvent> events =
        rows.stream().map(each -> KeepingDocuments.EVENT.read(each.payload())).toList();
    Set<UUID> struck = new HashSet<>();
    for (KeepingEvent event : events) {
      if (event instanceof KeepingEvent.StruckOut out) {
        struck.add(out.eventId());
      }
    }
    List<Entry> all = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      all.add(new Entry(rows.get(i), events.get(i), struck.contains(rows.get(i).id())));
    }
    return all;
  }

  private static CoolingHistory history(KeepingRow row, ToCool start, List<Entry> entries) {
    return new CoolingHistory(
        start.sauce(),
        row.startedAt(),
        start.start(),
        start.setup(),
        entries.stream()
            .filter(entry -> !entry.struckOut())
            .flatMap(entry -> event(entry).stream())
            .toList());
  }

  private static Optional<CoolingEvent> event(Entry entry) {
    return entry.event().accept(new ForCooling(entry.row().happenedAt()));
  }

  /** What an entry means while something cools. */
  private record ForCooling(Instant at) implements KeepingEvent.Visitor<Optional<CoolingEvent>> {
    @Override
    public Optional<CoolingEvent> read(KeepingEvent.Read read) {
      return Optional.of(new CoolingEvent.Read(at, read.celsius(), read.error()));
    }

    @Override
    public Optional<CoolingEvent> placed(KeepingEvent.Placed placed) {
      return Optional.of(new CoolingEvent.Placed(at, placed.setup()));
    }

    @Override
    public Optional<CoolingEvent> stirred(KeepingEvent.Stirred stirred) {
      return Optional.of(new CoolingEvent.Stirred(at));
    }

    @Override
    public Optional<CoolingEvent> reheated(KeepingEvent.Reheated again) {
      return Optional.of(
          new CoolingEvent.Reheated(at, Temperature.ofCelsius(again.celsius()), again.setup()));
    }

    @Override
    public Optional<CoolingEvent> toppedUp(KeepingEvent.ToppedUp water) {
      return Optional.empty();
    }

    @Override
    public Optional<CoolingEvent> struckOut(KeepingEvent.StruckOut out) {
      return Optional.empty();
    }
  }

  private static List<HoldReading> readings(List<Entry> entries) {
    List<HoldReading> readings = new ArrayList<>();
    for (Entry entry : entries) {
      if (!entry.struckOut() && entry.event() instanceof KeepingEvent.Read read) {
        readings.add(new HoldReading(entry.row().happenedAt(), read.celsius(), read.error()));
      }
    }
    return readings;
  }

  private static double added(List<Entry> entries) {
    double kilograms = 0;
    for (Entry entry : entries) {
      if (!entry.struckOut() && entry.event() instanceof KeepingEvent.ToppedUp water) {
        kilograms += water.kilograms();
      }
    }
    return kilograms;
  }

  private static EntryView view(Entry entry, KeepingStart start) {
    KeepingEvent event = entry.event();
    return new EntryView(
        entry.row().id(),
        entry.row().happenedAt(),
        event.what(),
        entry.row().enteredText(),
        celsius(event),
        event instanceof KeepingEvent.ToppedUp water ? water.kilograms() : null,
        setup(event, start),
        event instanceof KeepingEvent.StruckOut out ? out.reason() : "",
        entry.struckOut());
  }

  private static @Nullable Double celsius(KeepingEvent event) {
    if (event instanceof KeepingEvent.Read read) {
      return read.celsius();
    }
    return event instanceof KeepingEvent.Reheated again ? again.celsius() : null;
  }

  private static KeepingView.@Nullable SetupView setup(KeepingEvent event, KeepingStart start) {
    if (!(start instanceof ToCool cool)) {
      return null;
    }
    if (event instanceof KeepingEvent.Placed placed) {
      return CoolingViews.setup(placed.setup(), cool.sauce(), cool.start());
    }
    return event instanceof KeepingEvent.Reheated again
        ? CoolingViews.setup(again.setup(), cool.sauce(), cool.start())
        : null;
  }
}
