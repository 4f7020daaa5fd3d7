package urnstew.core.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.plan.PlanTasks;
import urnstew.core.plan.Planner;
import urnstew.core.plan.StageTasks;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.part.OvenNeighbour;
import urnstew.core.serving.pasta.ParCooked;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.core.serving.pasta.PastaBatch;
import urnstew.core.serving.pasta.PastaShape;
import urnstew.core.serving.pasta.PickUpPasta;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.piece.DropKind;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.Medium;
import urnstew.core.serving.piece.Piece;
import urnstew.core.serving.piece.SauceBath;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.core.thermo.Altitude;
import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** Whatever a service is made of, its tasks hang together and all of it comes to the plates. */
class ServiceTasksTest {
  private static final Instant HOUR = ServiceProblemTest.HOUR;
  private static final Subject RAGU = subject("ragu");
  private static final ResolvedFormula MEATBALLS = formula("meatballs");
  private static final ResolvedFormula TRAY = formula("tray-of-sheets");

  private static ResolvedFormula formula(String id) {
    return ResolvedFormula.of(
        ReferenceFormulas.load().stream()
            .filter(one -> one.id().equals(id))
            .findFirst()
            .orElseThrow(),
        ReferenceFormulas.larder());
  }

  private static final Set<Kind> WITHIN =
      Set.of(Kind.ADD, Kind.MOVE_PIECES, Kind.TOP_UP, Kind.READ_HOT);

  private static Subject subject(String name) {
    return new Subject(Subject.Place.PLAN, name, name);
  }

  private static List<Task> ragu() {
    return PlanTasks.of(
        ServiceProblemTest.RAGU, Planner.plan(ServiceProblemTest.RAGU), subject("ragu"));
  }

  private static Side.Pasta pasta(double kilograms, int covers) {
    PastaAtStove stove =
        PastaAtStove.of(
            new PastaBatch(
                PastaShape.of("spaghetti"), new Mass(kilograms), Temperature.ofCelsius(20)),
            new PastaAtStove.Way(8, 10, Temperature.ofCelsius(12), true),
            ServiceProblemTest.WATER_POT,
            ServiceProblemTest.SECOND,
            Surroundings.at(new Altitude(2350)));
    return new Side.Pasta(
        "spaghetti",
        new PickUpPasta(
            stove,
            ParCooked.of(
                new PastaBatch(
                    PastaShape.of("spaghetti"), new Mass(kilograms), Temperature.ofCelsius(20)),
                stove.minutes(),
                0.88,
                new Mass(8),
                stove.pot().boiling()),
            Optional.of(Duration.ofHours(4))),
        covers,
        ServiceProblemTest.WATER_POT,
        ServiceProblemTest.SECOND,
        formula("egg-dough"));
  }

  private static Piece piece(String cut, double meters) {
    return new Piece(Cut.of(cut), new Length(meters), Temperature.ofCelsius(5));
  }

  private static Side.Pieces inOven(int count) {
    Cooking cooking =
        Cooking.of(
            piece("cod-steak", 0.025),
            List.of(),
            Medium.OVEN,
            Temperature.ofCelsius(190),
            Temperature.ofCelsius(58));
    return new Side.Pieces("cod", cooking, Optional.empty(), count, MEATBALLS);
  }

  private static ServiceTasks.InSauce inSauce() {
    List<DropKind> kinds =
        List.of(
            DropKind.of(piece("chicken-thigh", 0.022), 4),
            DropKind.of(piece("cod-steak", 0.025), 4));
    SauceBath bath = new SauceBath(new Mass(3), Temperature.ofCelsius(88), new Power(3000));
    return new ServiceTasks.InSauce(
        DropList.of(kinds, bath, new Area(0.1), true), Duration.ofMinutes(3));
  }

  private static ServiceTasks.Sauce sauce(Subject of, String last) {
    return new ServiceTasks.Sauce(
        of,
        last,
        Optional.of(ServiceProblemTest.RAGU.vessel()),
        Optional.of(ServiceProblemTest.OWN),
        Optional.empty());
  }

  private static PickUps window(int covers) {
    return PickUps.over(covers, HOUR, HOUR.plus(Duration.ofMinutes(90)));
  }

  /** A small service of all that can go on for long. */
  static List<Task> window() {
    ServiceTasks all = new ServiceTasks();
    String base = all.pot(ragu());
    ServiceTasks.Sauce sauce = sauce(RAGU, base);
    Subject dish = subject("dish");
    Moment leaves = new Moment(3, "", Duration.ZERO);
    String apart =
        all.apart(
            new ServiceTasks.Apart(
                subject("apart"),
                RAGU,
                base,
                leaves,
                new Mass(0.4),
                ServiceProblemTest.RAGU.size().batch(),
                ServiceProblemTest.RAGU.size().batch().withoutMade(),
                List.of(),
                HOUR));
    OvenNeighbour bread = OvenNeighbour.of("loaf-warm");
    all.dish(
        new ServiceTasks.Dish(
            dish,
            PickUps.over(12, HOUR, HOUR.plus(Duration.ofMinutes(40))),
            Optional.of(sauce),
            Optional.empty(),
            List.of(pasta(1.2, 12), new Side.InOven("bread", bread, bread.ownAir())),
            List.of(apart)));
    return all.all();
  }

  /** Some dishes of what there can be, at one hour or over a window. */
  private static ServiceTasks random(RandomGenerator random) {
    ServiceTasks all = new ServiceTasks();
    all.parts(List.of(TRAY, TRAY), part -> subject("part-" + part.id()), HOUR, List.of());
    String base = all.pot(ragu());
    int dishes = random.nextInt(2, 5);
    for (int place = 0; place < dishes; place++) {
      Subject dish = subject("dish-" + place);
      ServiceTasks.Sauce sauce =
          place > 1 && random.nextInt(3) == 0
              ? sauce(dish, shared(all, dish, base))
              : sauce(RAGU, base);
      int covers = random.nextInt(1, 40);
      List<Side> sides = new ArrayList<>();
      if (random.nextBoolean()) {
        sides.add(pasta(random.nextDouble(0.5, 9), random.nextInt(1, covers + 1)));
      }
      if (random.nextBoolean()) {
        sides.add(inOven(random.nextInt(1, 30)));
      }
      if (random.nextBoolean()) {
        OvenNeighbour bread = OvenNeighbour.of("loaf-warm");
        sides.add(new Side.InOven("bread", bread, bread.ownAir()));
      }
      Optional<ServiceTasks.InSauce> drops =
          place == 0 && random.nextBoolean() ? Optional.of(inSauce()) : Optional.empty();
      drops.ifPresent(some -> sides.add(new Side.Made("balls", MEATBALLS)));
      if (place == 0) {
        sauce = sauce(dish, tray(all, dish));
      }
      Instant hour = HOUR.plus(Duration.ofMinutes(30L * place));
      PickUps out = random.nextInt(3) == 0 ? window(covers) : PickUps.atOnce(covers, hour);
      List<String> apart =
          random.nextBoolean() ? List.of(apart(all, dish, sauce, random)) : List.of();
      all.dish(new ServiceTasks.Dish(dish, out, Optional.of(sauce), drops, sides, apart));
    }
    return all;
  }

  /** A dish of its own that takes parts. */
  private static String tray(ServiceTasks all, Subject dish) {
    String last = all.pot(StageTasks.of(TRAY, dish, HOUR, List.of(), Map.of()));
    all.taking(dish, TRAY);
    return last;
  }

  /** Some leave something out, from any moment on. */
  private static String apart(
      ServiceTasks all, Subject dish, ServiceTasks.Sauce sauce, RandomGenerator random) {
    ResolvedFormula batch = ServiceProblemTest.RAGU.size().batch();
    int stage = random.nextInt(batch.formula().stages().size());
    Moment leaves =
        new Moment(
            stage,
            batch.formula().stages().get(stage).title(),
            Duration.ofMinutes(random.nextInt(2) * 5L));
    return all.apart(
        new ServiceTasks.Apart(
            subject(dish.id() + "-apart"),
            sauce.of(),
            sauce.last(),
            leaves,
            new Mass(0.4),
            batch,
            batch,
            List.of(),
            HOUR));
  }

  private static String shared(ServiceTasks all, Subject dish, String base) {
    Task share = all.share(dish, RAGU, base, Optional.of(3), new Mass(1));
    return all.pot(
        StageTasks.afterShare(
            ServiceProblemTest.RAGU.size().batch(), "finish", share, dish, HOUR, List.of()));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
  void everyTaskIsItsOwnFollowsWhatIsThereAndComesToThePlates(long seed) {
    List<Task> tasks = random(RandomGeneratorFactory.of("L64X128MixRandom").create(seed)).all();
    Set<String> keys = tasks.stream().map(Task::key).collect(Collectors.toSet());
    assertEquals(tasks.size(), keys.size(), "one key each");
    for (Task task : tasks) {
      for (Follows one : task.follows()) {
        assertTrue(keys.contains(one.key()), task.key() + " follows " + one.key());
        assertFalse(one.key().equals(task.key()), "itself");
      }
    }
    Set<String> served = toServe(tasks);
    for (Task task : tasks) {
      // What goes in during a simmer ends with it; a hold is read beside the plates.
      boolean within = WITHIN.contains(task.kind());
      assertTrue(within || served.contains(task.key()), task.key() + " comes to no plate");
    }
  }

  /** Everything after which, in the end, plates go out. */
  private static Set<String> toServe(List<Task> tasks) {
    Set<String> all =
        tasks.stream()
            .filter(task -> task.kind() == Kind.SERVE)
            .map(Task::key)
            .collect(Collectors.toCollection(HashSet::new));
    Set<String> next = Set.copyOf(all);
    while (!next.isEmpty()) {
      Set<String> seen = next;
      next =
          tasks.stream()
              .filter(task -> seen.contains(task.key()))
              .flatMap(task -> task.follows().stream().map(Follows::key))
              .filter(all::add)
              .collect(Collectors.toSet());
    }
    return all;
  }

  /** A share leaves before the stage that is not for its eaters, and that stage waits for it. */
  @Test
  void aShareIsOutBeforeWhatItMustNotHave() {
    ServiceTasks all = new ServiceTasks();
    String base = all.pot(ragu());
    shared(all, subject("without"), base);
    Task stage = find(all.all(), "ragu/stage-3");
    assertTrue(stage.follows().stream().anyMatch(one -> one.key().equals("without/share")));
  }

  /** What goes in at a moment of a simmer waits for the share that must not have it. */
  @Test
  void aShareThatLeavesWithinASimmerIsOutBeforeWhatGoesIn() {
    ServiceTasks all = new ServiceTasks();
    String base = all.pot(ragu());
    Task add = all.all().stream().filter(task -> task.kind() == Kind.ADD).findFirst().orElseThrow();
    Follows in = add.follows().get(0);
    int stage = Integer.parseInt(in.key().substring("ragu/stage-".length()));
    ResolvedFormula batch = ServiceProblemTest.RAGU.size().batch();
    Moment leaves = new Moment(stage, "", in.shortest());
    assertFalse(leaves.after().isZero());
    String there =
        all.apart(
            new ServiceTasks.Apart(
                subject("apart"),
                RAGU,
                base,
                leaves,
                new Mass(0.4),
                batch,
                batch,
                List.of(),
                HOUR));
    assertTrue(before(find(all.all(), add.key())).toList().contains("apart/share"));
    assertEquals(
        Kind.MOVE_PIECES, find(all.all(), "apart/share").kind(), "by the clock of the simmer");
    assertTrue(there.startsWith("apart/stage-"));
  }

  /**
   * Dough and white sauce are made once for two trays, as much as both take, each before its stage;
   * balls are shaped before they are cooked, and their baking is no work of the part.
   */
  @Test
  void partsAreMadeOnceAndBeforeWhatTakesThem() {
    ServiceTasks all = new ServiceTasks();
    all.parts(List.of(TRAY, TRAY), part -> subject("part-" + part.id()), HOUR, List.of());
    tray(all, subject("first"));
    tray(all, subject("second"));
    for (String dish : List.of("first", "second")) {
      assertTrue(
          before(find(all.all(), dish + "/stage-0")).anyMatch("part-egg-dough/stage-1"::equals));
      assertTrue(
          before(find(all.all(), dish + "/stage-1")).anyMatch("part-white-sauce/stage-1"::equals));
    }
    Task knead = find(all.all(), "part-egg-dough/stage-0");
    assertTrue(knead.effort().hands().likely().compareTo(Duration.ofMinutes(5)) > 0);
    assertEquals(1, all.all().stream().filter(one -> one.key().equals(knead.key())).count());
    all.dish(
        new ServiceTasks.Dish(
            subject("balls"),
            PickUps.atOnce(4, HOUR),
            Optional.empty(),
            Optional.empty(),
            List.of(inOven(8)),
            List.of()));
    Task cooked = find(all.all(), "balls-0/pieces");
    assertEquals(List.of("balls-0/stage-1"), before(cooked).toList(), "mixed");
    assertTrue(all.all().stream().noneMatch(task -> task.key().equals("balls-0/stage-2")));
  }

  /** Two drops of pasta are two loads: the first plates wait only for the first. */
  @Test
  void plateLotsWaitForTheirLoadOfPasta() {
    ServiceTasks all = new ServiceTasks();
    Subject dish = subject("dish");
    Side.Pasta pasta = pasta(8, 40);
    assertTrue(pasta.stove().drops() > 1);
    all.dish(
        new ServiceTasks.Dish(
            dish,
            PickUps.atOnce(40, HOUR),
            Optional.empty(),
            Optional.empty(),
            List.of(pasta),
            List.of()));
    String first = "dish-0/toss-1";
    String last = "dish-0/toss-" + pasta.stove().drops();
    assertEquals(List.of(first), before(find(all.all(), "dish/plate-1")).toList());
    assertTrue(before(find(all.all(), "dish/plate-5")).toList().contains(last));
    for (int drop = 1; drop <= pasta.stove().drops(); drop++) {
      String toss = "dish-0/toss-" + drop;
      assertTrue(all.all().stream().anyMatch(task -> before(task).anyMatch(toss::equals)), toss);
    }
  }

  /**
   * Forty plates from 19:00 to 20:30: as many go out, a pan brings each, what was cooked before
   * stands no longer than it may, and the sauce is held for the last of them.
   */
  @Test
  void aWindowIsServedByThePickUp() {
    ServiceTasks all = new ServiceTasks();
    String base = all.pot(ragu());
    PickUps out = window(40);
    all.dish(
        new ServiceTasks.Dish(
            subject("dish"),
            out,
            Optional.of(sauce(RAGU, base)),
            Optional.empty(),
            List.of(pasta(4, 40)),
            List.of()));
    List<Task> served = all.all().stream().filter(task -> task.kind() == Kind.SERVE).toList();
    assertEquals(10, served.size());
    assertEquals(40, served.stream().mapToInt(ServiceTasksTest::plates).sum());
    assertEquals(HOUR, served.get(0).due().at());
    assertEquals(HOUR.plus(Duration.ofMinutes(90)), served.get(9).due().at());
    List<Task> pans = all.all().stream().filter(task -> task.kind() == Kind.TOSS).toList();
    assertEquals(40, pans.stream().mapToInt(ServiceTasksTest::plates).sum());
    for (Task pan : pans) {
      Follows batch =
          pan.follows().stream()
              .filter(one -> one.key().contains("/lift-"))
              .findFirst()
              .orElseThrow();
      assertEquals(Optional.of(Duration.ofHours(4)), batch.longest());
      assertTrue(all.all().stream().anyMatch(task -> before(task).anyMatch(pan.key()::equals)));
    }
    Task last = all.all().get(all.all().size() - 1);
    assertEquals(Kind.READ_HOT, last.kind());
    assertEquals(RAGU, last.subject());
    assertEquals(List.of("dish/out-10"), before(last).toList());
    LitPots pots = LitPots.of(all.all());
    assertEquals(last.key(), pots.lastIn().get("ragu/light"), "it stays on its burner");
    assertEquals(pans.get(pans.size() - 1).key(), pots.emptyAfter().get("dish-0/water"), "drained");
  }

  private static int plates(Task task) {
    return ((Figure.Plates) task.figure().orElseThrow()).count();
  }

  private static Stream<String> before(Task task) {
    return task.follows().stream().map(Follows::key);
  }

  private static Task find(List<Task> tasks, String key) {
    return tasks.stream().filter(task -> task.key().equals(key)).findFirst().orElseThrow();
  }
}
