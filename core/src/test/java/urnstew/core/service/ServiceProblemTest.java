package urnstew.core.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.bench.Activity;
import urnstew.core.bench.Bench;
import urnstew.core.bench.Constructive;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Outcome.Found;
import urnstew.core.bench.Placement;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.PlanTasks;
import urnstew.core.plan.Planner;
import urnstew.core.reduction.Lid;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.PlateTasks;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.core.serving.pasta.PastaBatch;
import urnstew.core.serving.pasta.PastaShape;
import urnstew.core.serving.pasta.PastaTasks;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Need;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.core.thermo.Altitude;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** A ragù and its pasta, from their own tasks to hours that hold. */
class ServiceProblemTest {
  static final Bench BENCH = new Bench(Optional.empty(), new Constructive());
  static final PlanInputs RAGU =
      Samples.planInputs(
          ReferenceFormulas.load().stream()
              .filter(formula -> formula.id().equals("ridge-ragu"))
              .findFirst()
              .orElseThrow(),
          24,
          Samples.LIVELY,
          Lid.OFF);
  static final Instant HOUR = RAGU.readyBy().plus(Duration.ofMinutes(40));
  static final Instant END = HOUR.plus(Duration.ofHours(6));
  static final Instant FROM = HOUR.minus(Duration.ofHours(4));
  static final HeatSource OWN = RAGU.setting().heatSource();
  static final HeatSource SECOND = burner("second ring", 6000);
  static final Vessel WATER_POT = waterPot();

  static HeatSource third() {
    return burner("third ring", 6000);
  }

  private static HeatSource burner(String name, double watts) {
    HeatSource like = Samples.burner(watts);
    UUID id = UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    return new HeatSource(id, name, like.kind(), like.labelPower(), like.measuredPower());
  }

  private static Vessel waterPot() {
    Vessel like = Samples.pot(0.36, 0.3);
    return new Vessel(
        UUID.nameUUIDFromBytes("water pot".getBytes(StandardCharsets.UTF_8)),
        "water pot",
        like.shape(),
        like.emptyMass(),
        like.metal(),
        like.lid(),
        like.ovenLimit());
  }

  static List<Task> tasks(Vessel water, HeatSource burner) {
    List<Task> sauce = PlanTasks.of(RAGU, Planner.plan(RAGU));
    PastaAtStove stove =
        PastaAtStove.of(
            new PastaBatch(PastaShape.of("spaghetti"), new Mass(2.4), Temperature.ofCelsius(20)),
            new PastaAtStove.Way(8, 10, Temperature.ofCelsius(12), true),
            water,
            burner,
            Surroundings.at(new Altitude(2350)));
    List<Task> pasta = PastaTasks.of(stove, water, burner, subject("spaghetti"), HOUR);
    List<Task> plates =
        PlateTasks.of(
            subject("plates"),
            PickUps.atOnce(24, HOUR),
            place ->
                List.of(
                    new PlateTasks.Part(List.of(last(sauce).key()), Duration.ofHours(1)),
                    new PlateTasks.Part(List.of(last(pasta).key()), Duration.ofMinutes(4))));
    return Stream.of(sauce, pasta, plates).flatMap(List::stream).toList();
  }

  private static Subject subject(String name) {
    return new Subject(Subject.Place.PLAN, name, name);
  }

  private static Task last(List<Task> tasks) {
    return tasks.get(tasks.size() - 1);
  }

  static Brigade brigade(int cooks, List<HeatSource> burners) {
    List<Brigade.Hand> hands = new ArrayList<>();
    for (int cook = 0; cook < cooks; cook++) {
      hands.add(new Brigade.Hand("cook " + cook, FROM, END));
    }
    return new Brigade(hands, burners, List.of(), List.of(), Set.of());
  }

  private static Found found(ServiceProblem service) {
    Outcome outcome = BENCH.plan(service.problem(), Optional.empty());
    return (Found) outcome;
  }

  @Test
  void everyTaskIsPlacedAndThePlatesAreOutAtTheirHour() {
    List<Task> tasks = tasks(WATER_POT, SECOND);
    ServiceProblem service = ServiceProblem.of(tasks, brigade(2, List.of(OWN, SECOND)), FROM, END);
    Found found = found(service);
    assertEquals(0, found.cost().lateMinutes());
    assertEquals(tasks.size() + 2, found.schedule().placements().size(), "and two pots");
    Placement out = found.schedule().of(byKind(tasks, Kind.SERVE).key());
    assertEquals(HOUR, service.begins(out));
    // The sauce waits through its slow edge, the pasta hardly.
    Task simmer = byKind(tasks, Kind.PHASE, Kind.START_SIMMER);
    assertTrue(service.buffer(simmer.key()).compareTo(Duration.ofMinutes(2)) > 0);
    Placement toss = found.schedule().of(byKind(tasks, Kind.TOSS).key());
    Placement drop = found.schedule().of(byKind(tasks, Kind.COOK).key());
    int drained = toss.startSeconds() - service.problem().end(drop);
    assertTrue(drained <= 60, "drained " + drained);
  }

  /** Where no solver loads a schedule still comes: the ragù makes way before the water is on. */
  @Test
  void oneBurnerForBothIsPlacedWithoutASolver() {
    Bench plain = new Bench(Optional.empty(), new Constructive());
    List<Task> tasks = tasks(WATER_POT, OWN);
    ServiceProblem service = ServiceProblem.of(tasks, brigade(2, List.of(OWN)), FROM, END);
    Outcome outcome = plain.plan(service.problem(), Optional.empty());
    Found found = assertInstanceOf(Found.class, outcome);
    assertEquals(0, found.cost().lateMinutes());
    Placement finish = found.schedule().of(byKind(tasks, Kind.FINISH).key());
    Placement water = found.schedule().of("spaghetti/water");
    assertTrue(service.problem().end(finish) <= water.startSeconds());
  }

  /** The ragù stands on it until its finish is in: what follows in that pot claims nothing more. */
  @Test
  void aPotKeepsItsBurnerUntilTheLastInIt() {
    List<Task> tasks = tasks(WATER_POT, SECOND);
    ServiceProblem service = ServiceProblem.of(tasks, brigade(2, List.of(OWN, SECOND)), FROM, END);
    String last = byKind(tasks, Kind.FINISH).key();
    Activity light = service.problem().activity("ridge-ragu/light");
    assertEquals(Optional.of(last), light.holdsUntil());
    assertEquals(1, light.modes().get(0).claims().size(), "the burner");
    Activity pot = service.problem().activity("ridge-ragu/light#pot");
    assertEquals(Optional.of("plates/out"), pot.holdsUntil());
    assertEquals(List.of(), service.problem().activity(last).modes().get(0).claims());
    Activity water = service.problem().activity("spaghetti/water");
    assertEquals(Optional.of("spaghetti/drop-1"), water.holdsUntil());
    Activity drained = service.problem().activity("spaghetti/water#pot");
    assertEquals(Optional.of("spaghetti/drop-1"), drained.holdsUntil());
  }

  @Test
  void aBakeWithoutAnOvenIsRefused() {
    Task bake =
        Task.of("bake", Kind.BAKE, subject("tray"), "bake", Due.at(HOUR), Effort.ofMinutes(1, 2, 3))
            .holding(List.of(new Need.OfOven(Optional.empty(), Temperature.ofCelsius(190))));
    InvalidInput refused =
        assertThrows(
            InvalidInput.class,
            () -> ServiceProblem.of(List.of(bake), brigade(1, List.of(OWN)), FROM, END));
    assertEquals("ovens", refused.parameter());
  }

  @Test
  void whatIsTakenIsNotThere() {
    List<Task> tasks = tasks(WATER_POT, SECOND);
    Brigade free = brigade(2, List.of(OWN, SECOND));
    Instant until = HOUR.minus(Duration.ofMinutes(10));
    Brigade taken =
        new Brigade(
            free.hands(),
            free.burners(),
            List.of(),
            List.of(new Brigade.Taken(WATER_POT.id().toString(), FROM, until)),
            Set.of());
    ServiceProblem service = ServiceProblem.of(tasks, taken, FROM, END);
    Found found = found(service);
    assertTrue(found.cost().lateMinutes() > 0, "the water cannot be on before it is free");
    Placement water = found.schedule().of(subject("spaghetti").id() + "/water");
    assertFalse(service.begins(water).isBefore(until.minusSeconds(15)));
  }

  private static Task byKind(List<Task> tasks, Kind... kinds) {
    return tasks.stream()
        .filter(task -> Set.of(kinds).contains(task.kind()))
        .reduce((first, second) -> second)
        .orElseThrow();
  }

  /** A sauce needs a burner that is as strong; water is only longer on a weaker one. */
  @Test
  void burnersThatAreAsStrongWillDo() {
    HeatSource twin =
        new HeatSource(
            UUID.randomUUID(), "twin", OWN.kind(), OWN.labelPower(), OWN.measuredPower());
    HeatSource weak = burner("weak ring", 800);
    List<Task> tasks = tasks(WATER_POT, SECOND);
    ServiceProblem service =
        ServiceProblem.of(tasks, brigade(2, List.of(OWN, twin, SECOND, weak)), FROM, END);
    Activity light = service.problem().activity("ridge-ragu/light");
    assertEquals(3, light.modes().size(), "its own, its twin, and the stronger");
    List<Mode> water = service.problem().activity("spaghetti/water").modes();
    assertEquals(4, water.size());
    int least = water.get(0).lastsSeconds();
    int longest = water.stream().mapToInt(Mode::lastsSeconds).max().orElseThrow();
    assertTrue(longest > 5 * least, longest + " s on the weak ring, " + least + " s on its own");
  }

  /** What takes longer than likely eats its own spare first. */
  @Test
  void aWorkThatIsLateIsLongerByThat() {
    ServiceProblem service =
        ServiceProblem.of(tasks(WATER_POT, SECOND), brigade(2, List.of(OWN, SECOND)), FROM, END);
    String simmer = byKind(service.tasks(), Kind.PHASE, Kind.START_SIMMER).key();
    ServiceProblem late = service.late(simmer, Duration.ofMinutes(10));
    assertEquals(
        service.problem().activity(simmer).modes().get(0).lastsSeconds() + 600,
        late.problem().activity(simmer).modes().get(0).lastsSeconds());
  }
}
