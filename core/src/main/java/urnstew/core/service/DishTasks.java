package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.plan.StageTasks;
import urnstew.core.service.ServiceTasks.Dish;
import urnstew.core.service.ServiceTasks.InSauce;
import urnstew.core.service.ServiceTasks.Sauce;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.PlateTasks;
import urnstew.core.serving.part.EquipmentTime;
import urnstew.core.serving.pasta.PastaTasks;
import urnstew.core.serving.pasta.PickUpPasta;
import urnstew.core.serving.piece.PieceTasks;
import urnstew.core.serving.tray.TrayTasks;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Mass;

/** The work of one dish from its sauce to its plates: all at one hour, or by the pick-up. */
final class DishTasks {
  /** Sauce of which some is baked is held until the plates. */
  private static final Duration SAUCE_HELD = Duration.ofHours(4);

  /** What is held hot is read and stirred as often, and soon (common practice). */
  private static final Duration SAUCE_READ = Duration.ofMinutes(30);

  private static final Duration READ_SOON = Duration.ofMinutes(10);

  private static final Effort READ = Effort.ofMinutes(1, 2, 4);

  /** In, and seen to once. */
  private static final Duration INTO_OVEN = Duration.ofMinutes(2);

  private static final double ROLLED_VARIES = 0.3;

  private final Dish dish;
  private final List<Task> all = new ArrayList<>();

  /** What formulas make for what goes with it, by what that is. */
  private final Map<Subject, ResolvedFormula> made = new LinkedHashMap<>();

  DishTasks(Dish dish) {
    this.dish = dish;
  }

  /** In the order of the work. */
  List<Task> all() {
    List<IntFunction<Optional<PlateTasks.Part>>> parts = new ArrayList<>();
    Optional<Follows> sauce = dish.sauce().map(one -> Follows.within(one.last(), waits()));
    Optional<Follows> then = dish.drops().map(drops -> pieces(drops, sauce)).or(() -> sauce);
    boolean onPlate = Side.trays(dish.sides()).stream().noneMatch(Side.Tray::everybody);
    then.filter(one -> onPlate).ifPresent(one -> parts.add(once(List.of(one.key()), one)));
    for (String key : dish.apart()) {
      parts.add(once(List.of(key), Follows.within(key, waits())));
    }
    for (int place = 0; place < dish.sides().size(); place++) {
      parts.add(side(place, sauce, then));
    }
    all.addAll(
        PlateTasks.of(
            dish.subject(),
            dish.out(),
            place -> parts.stream().flatMap(part -> part.apply(place).stream()).toList()));
    dish.sauce().filter(one -> dish.out().isWindow()).ifPresent(this::held);
    return List.copyOf(all);
  }

  /** What formulas make for it, in the order of its sides. */
  Map<Subject, ResolvedFormula> made() {
    return Collections.unmodifiableMap(made);
  }

  /** What has to be done before something can be cooked. */
  private List<Follows> made(ResolvedFormula batch, boolean untilHeat, Subject own) {
    List<Task> work = StageTasks.made(batch, untilHeat, own, dish.out().first(), List.of());
    all.addAll(work);
    made.put(own, batch);
    return work.isEmpty() ? List.of() : List.of(Follows.whenever(work.get(work.size() - 1).key()));
  }

  /** It stands hot until the last plates are out: read, stirred and topped up meanwhile. */
  private void held(Sauce sauce) {
    Instant read = dish.out().first();
    int count = dish.out().all().size();
    for (int place = 0; place < count; place++) {
      PickUps.PickUp one = dish.out().all().get(place);
      Duration since = Duration.between(read, one.at());
      boolean last = place == count - 1;
      if (one.plates() > 0 && (last || since.compareTo(SAUCE_READ) >= 0)) {
        all.add(read(sauce, place, since, last));
        read = one.at();
      }
    }
  }

  private Task read(Sauce sauce, int place, Duration since, boolean last) {
    String out = dish.subject().id() + "/out-" + (place + 1);
    Task read =
        Task.of(
                "held-" + (place + 1) + "-" + dish.subject().id(),
                last ? Kind.READ_HOT : Kind.TOP_UP,
                sauce.of(),
                last
                    ? "read it a last time: cool or throw away what is left"
                    : "read it, stir it, top it up with water",
                Due.fromThen(dish.out().all().get(place).at()),
                READ)
            .holding(sauce.held())
            .after(List.of(Follows.within(out, READ_SOON)));
    return sauce
        .hold()
        .filter(hold -> !last)
        .map(hold -> read.with(new Figure.Much(hold.lostAfter(since))))
        .orElse(read);
  }

  private Duration waits() {
    boolean held = dish.out().isWindow() || !Side.trays(dish.sides()).isEmpty();
    return held ? SAUCE_HELD : ServiceTasks.SAUCE_WAITS;
  }

  private static Optional<PlateTasks.Part> part(List<String> loads, Duration waits) {
    return loads.isEmpty() ? Optional.empty() : Optional.of(new PlateTasks.Part(loads, waits));
  }

  /** What is done once, and is there for every pick-up: later ones have to wait for it longer. */
  private IntFunction<Optional<PlateTasks.Part>> once(List<String> keys, Follows one) {
    Duration waits = one.longest().orElseThrow();
    return place -> part(keys, waits.plus(since(place)));
  }

  private Duration since(int place) {
    return Duration.between(dish.out().first(), dish.out().all().get(place).at());
  }

  private Follows pieces(InSauce in, Optional<Follows> sauce) {
    Sauce of = dish.sauce().orElseThrow();
    List<Follows> before = new ArrayList<>(sauce.stream().toList());
    for (int place = 0; place < dish.sides().size(); place++) {
      if (dish.sides().get(place) instanceof Side.Made balls) {
        before.addAll(made(balls.made(), true, own(place)));
      }
    }
    List<Task> work = PieceTasks.inSauce(in.list(), of.held(), of.of(), dish.out().first(), before);
    all.addAll(work);
    return Follows.within(work.get(0).key(), in.waits());
  }

  private IntFunction<Optional<PlateTasks.Part>> side(
      int place, Optional<Follows> sauce, Optional<Follows> then) {
    Side side = dish.sides().get(place);
    Subject own = own(place);
    if (side instanceof Side.Pasta pasta) {
      return dish.out().isWindow() ? byPickUp(pasta, own, then) : pasta(pasta, own, then);
    }
    if (side instanceof Side.Tray tray) {
      return tray(tray, own, sauce);
    }
    if (side instanceof Side.InOven bread) {
      return inOven(bread, own);
    }
    return side instanceof Side.Pieces pieces ? apart(pieces, own) : at -> Optional.empty();
  }

  private Subject own(int place) {
    return new Subject(
        dish.subject().place(), dish.subject().id() + "-" + place, dish.sides().get(place).name());
  }

  private IntFunction<Optional<PlateTasks.Part>> inOven(Side.InOven side, Subject own) {
    Span lasts = side.how().minutesAt(side.air());
    Task task =
        Task.of(
                "oven",
                Kind.BAKE,
                own,
                "in the oven: " + side.how().name().toLowerCase(Locale.ROOT),
                Due.at(dish.out().first().minus(lasts.likely())),
                new Effort(Span.exactly(INTO_OVEN), lasts))
            .holding(List.of(new Need.OfOven(Optional.empty(), side.air())));
    all.add(task);
    return once(List.of(task.key()), Follows.within(task.key(), Side.InOven.WAITS));
  }

  /** Pieces in a heat of their own, for each pick-up those of its plates. */
  private IntFunction<Optional<PlateTasks.Part>> apart(Side.Pieces pieces, Subject own) {
    PickUps out = dish.out().of(pieces.count());
    List<Follows> before = made(pieces.made(), true, own);
    List<List<String>> keys = new ArrayList<>();
    for (int place = 0; place < out.all().size(); place++) {
      PickUps.PickUp one = out.all().get(place);
      Subject of =
          out.isWindow() ? new Subject(own.place(), own.id() + "-" + (place + 1), own.name()) : own;
      keys.add(
          one.plates() == 0
              ? List.of()
              : List.of(
                  last(
                      first(
                          PieceTasks.apart(
                              pieces.cooking(), pieces.rule(), one.plates(), of, one.at()),
                          before))));
    }
    return place -> part(keys.get(place), PieceTasks.waits(pieces.cooking()));
  }

  /** Its dough is made, rolled and cut; nothing where it is bought. */
  private List<Follows> rolled(Side.Pasta pasta, Subject own) {
    List<Follows> dough = made(pasta.made(), false, own);
    if (dough.isEmpty()) {
      return List.of();
    }
    Mass mass = pasta.stove().batch().dry().times(pasta.stove().drops());
    Span hands = Span.about(EquipmentTime.rolledAndCut(mass), ROLLED_VARIES);
    Task rolled =
        Task.of(
                "roll",
                Kind.PREP,
                own,
                "roll it and cut it",
                Due.fromThen(dish.out().first().minus(hands.likely())),
                Effort.ofHands(hands))
            .with(new Figure.Much(mass))
            .holding(List.of(new Need.OfTool("roller")))
            .after(dough);
    all.add(rolled);
    return List.of(Follows.whenever(rolled.key()));
  }

  /** The pan wants the sauce. */
  private IntFunction<Optional<PlateTasks.Part>> pasta(
      Side.Pasta pasta, Subject own, Optional<Follows> sauce) {
    List<Follows> rolled = rolled(pasta, own);
    List<Task> work =
        PastaTasks.of(pasta.stove(), pasta.pot(), pasta.burner(), own, dish.out().first()).stream()
            .map(task -> task.kind() == Kind.TOSS ? also(task, sauce) : task)
            .map(task -> task.kind() == Kind.COOK ? also(task, rolled) : task)
            .toList();
    all.addAll(work);
    return place -> part(keys(work, Kind.TOSS), Side.Pasta.WAITS);
  }

  /** Dipped or boiled for each pick-up; its pans want the sauce that is held meanwhile. */
  private IntFunction<Optional<PlateTasks.Part>> byPickUp(
      Side.Pasta pasta, Subject own, Optional<Follows> sauce) {
    PickUps out = dish.out().of(pasta.covers());
    List<Follows> rolled = rolled(pasta, own);
    PickUpPasta.Work work = pasta.inWindow().tasks(pasta.pot(), pasta.burner(), own, out);
    for (Task task : work.tasks()) {
      Optional<Follows> held =
          IntStream.range(0, out.all().size())
              .filter(place -> work.loads().get(place).contains(task.key()))
              .boxed()
              .findFirst()
              .flatMap(place -> sauce.map(one -> later(one, since(place))));
      all.add(also(also(task, held), task.kind() == Kind.COOK ? rolled : List.of()));
    }
    return place -> part(work.loads().get(place), Side.Pasta.WAITS);
  }

  private static Follows later(Follows one, Duration by) {
    return new Follows(one.key(), one.shortest(), one.longest().map(by::plus));
  }

  /** Trays are layered with it. */
  private IntFunction<Optional<PlateTasks.Part>> tray(
      Side.Tray tray, Subject own, Optional<Follows> sauce) {
    List<Follows> before = made(tray.made(), false, own);
    List<Task> work =
        TrayTasks.of(tray.build(), tray.bake(), tray.trays(), tray.oven(), own, dish.out().first())
            .stream()
            .map(task -> task.kind() == Kind.BUILD ? also(also(task, sauce), before) : task)
            .toList();
    all.addAll(work);
    List<String> rests = keys(work, Kind.REST);
    return once(rests, Follows.within(rests.get(0), Side.Tray.WAITS));
  }

  private static List<Task> first(List<Task> work, List<Follows> before) {
    List<Task> all = new ArrayList<>(work);
    all.set(0, also(work.get(0), before));
    return all;
  }

  private static Task also(Task task, Optional<Follows> more) {
    return also(task, more.stream().toList());
  }

  private static Task also(Task task, List<Follows> more) {
    return task.after(Stream.concat(task.follows().stream(), more.stream()).toList());
  }

  private static List<String> keys(List<Task> work, Kind kind) {
    return work.stream().filter(task -> task.kind() == kind).map(Task::key).toList();
  }

  /** Adds it; its last is there when it is done. */
  private String last(List<Task> work) {
    all.addAll(work);
    return work.get(work.size() - 1).key();
  }
}
