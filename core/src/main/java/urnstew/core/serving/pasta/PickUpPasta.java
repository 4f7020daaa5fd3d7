package urnstew.core.serving.pasta;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.PlateTasks;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/**
 * Pasta for a window: dry pasta is cooked most of the way in batches before it, and dipped by the
 * pick-up; fresh pasta, which is done in minutes, is boiled by the pick-up (common practice).
 *
 * @param stove the whole of it at the stove
 * @param par how it is cooked before; not used where it is fresh
 * @param keeps how long it may stand cooked by time alone; empty where the code has no such thing
 *     and it is cooled at once
 */
public record PickUpPasta(PastaAtStove stove, ParCooked par, Optional<Duration> keeps) {
  /** So many plates are tossed in one pan at once (assumption). */
  private static final int PLATES_A_PAN = 4;

  /** Lifted, oiled, spread or cooled, by the batch (common practice). */
  private static final Effort LIFTED = Effort.ofMinutes(2, 3, 5);

  /** Until the pan is free again (assumption). */
  private static final Duration WIPED = Duration.ofSeconds(30);

  private static final Duration TEN_MINUTES = Duration.ofMinutes(10);

  /** It is dipped from the first pick-up on, and stands so long before at least. */
  private static final Duration BEFORE = Duration.ofMinutes(10);

  /**
   * Plates in ten minutes: what the window wants at its busiest, beside what can be done.
   *
   * @param wanted of all cooks and pans
   * @param ofOnePan dipped and tossed one load after the other
   * @param ofOneCook who tosses and puts up the plates
   */
  public record Pace(int wanted, int ofOnePan, int ofOneCook) {}

  /** How fast it goes. */
  public Pace pace(PickUps out) {
    Duration load = inThePan();
    Duration cook = load.plus(PlateTasks.hands(PLATES_A_PAN));
    double tens = (double) TEN_MINUTES.toSeconds() / out.step().toSeconds();
    return new Pace(
        (int) Math.ceil(out.most() * Math.min(1, tens)), rate(load.plus(WIPED)), rate(cook));
  }

  private static int rate(Duration load) {
    return (int) (PLATES_A_PAN * TEN_MINUTES.toSeconds() / load.toSeconds());
  }

  /** Whether it is cooked before the window. */
  public boolean isBefore() {
    return !stove.batch().shape().isFresh();
  }

  /** From the water of its pick-up until it is with its sauce. */
  private Duration inThePan() {
    Duration water = isBefore() ? par.dip() : stove.minutes().out().likely();
    return water.plus(stove.pan());
  }

  /**
   * In the order of the work.
   *
   * @param pot of the water, which stays at the boil until the last pick-up
   * @param out of those who eat it
   */
  public Work tasks(Vessel pot, HeatSource burner, Subject subject, PickUps out) {
    List<Need> held =
        List.of(
            new Need.OfVessel(pot.id(), pot.name()), new Need.OfBurner(burner.id(), burner.name()));
    return new Making(held, subject, out).work();
  }

  /**
   * All of it.
   *
   * @param loads keys of what brings it into the pan, by the place of the pick-up
   */
  public record Work(List<Task> tasks, List<List<String>> loads) {
    public Work {
      tasks = List.copyOf(tasks);
      loads = loads.stream().map(List::copyOf).toList();
    }
  }

  private final class Making {
    private final List<Need> held;
    private final Subject subject;
    private final PickUps out;
    private final List<Task> tasks = new ArrayList<>();

    /** Where each batch lies when it is lifted. */
    private final List<String> batches = new ArrayList<>();

    Making(List<Need> held, Subject subject, PickUps out) {
      this.held = held;
      this.subject = subject;
      this.out = out;
    }

    Work work() {
      List<Follows> ready = batches(water());
      List<List<String>> loads = new ArrayList<>();
      int done = 0;
      int place = 0;
      for (PickUps.PickUp one : out.all()) {
        List<String> pans = new ArrayList<>();
        int many = (one.plates() + PLATES_A_PAN - 1) / PLATES_A_PAN;
        for (int pan = 0; pan < many; pan++) {
          int plates = one.plates() * (pan + 1) / many - one.plates() * pan / many;
          Load load = new Load(one.at(), plates, done, ++place);
          pans.add(isBefore() ? dipped(load, ready) : boiled(load, ready));
          done += plates;
        }
        ready = pans.isEmpty() ? ready : pans.stream().map(Follows::whenever).toList();
        loads.add(pans);
      }
      return new Work(tasks, loads);
    }

    private Task water() {
      Instant lit = begins().minus(stove.pot().toTheBoil().most());
      Task water = PastaTasks.water(stove, subject, lit, held);
      tasks.add(water);
      return water;
    }

    /** When the first of it goes into the water. */
    private Instant begins() {
      Instant pan =
          out.first().minus(inThePan()).minus(PlateTasks.hands(out.all().get(0).plates()));
      return isBefore() ? pan.minus(again().multipliedBy(stove.drops())).minus(BEFORE) : pan;
    }

    /** From one drop to the next. */
    private Duration again() {
      return par.lift().plus(stove.fall().back());
    }

    /** One after the other, each lifted, before the window. */
    private List<Follows> batches(Task water) {
      Follows before = Follows.within(water.key(), PastaTasks.WATER_WAITS);
      for (int drop = 1; isBefore() && drop <= stove.drops(); drop++) {
        Task in =
            Task.of(
                    "drop-" + drop,
                    Kind.COOK,
                    subject,
                    "pasta in, most of the way",
                    Due.at(begins().plus(again().multipliedBy(drop - 1L))),
                    inWater(par.lift()))
                .with(new Figure.Much(stove.batch().dry()))
                .holding(held)
                .after(List.of(before));
        tasks.add(in);
        tasks.add(lifted(drop, in));
        before = new Follows(in.key(), stove.fall().back(), Optional.empty());
      }
      return List.of(before);
    }

    private Task lifted(int drop, Task in) {
      Task lifted =
          Task.of(
                  "lift-" + drop,
                  Kind.PREP,
                  subject,
                  keeps.isPresent()
                      ? "lift, oil and spread it"
                      : "lift it, cool it at once, oil it",
                  Due.at(in.due().at().plus(par.lift())),
                  LIFTED)
              .with(new Figure.Much(par.kept().times(1.0 / stove.drops())))
              .after(List.of(Follows.within(in.key(), PastaTasks.DRAINED_WAITS)));
      batches.add(lifted.key());
      return lifted;
    }

    private Effort inWater(Duration time) {
      Duration hands = time.compareTo(PastaTasks.HANDS) < 0 ? time : PastaTasks.HANDS;
      return new Effort(Span.exactly(hands), Span.exactly(time.minus(hands)));
    }

    /** Of the batches that its plates come from, which have not stood too long. */
    private String dipped(Load load, List<Follows> ready) {
      int from = load.before() * batches.size() / out.covers();
      int until = (load.before() + load.plates()) * batches.size();
      Stream<Follows> after =
          Stream.concat(
              batches.subList(from, (until + out.covers() - 1) / out.covers()).stream()
                  .map(batch -> new Follows(batch, Duration.ZERO, keeps)),
              ready.stream());
      Effort effort = Effort.ofHands(Span.exactly(inThePan()));
      return add(
          task(load, "toss", Kind.TOSS, "dip it, and into the pan", inThePan(), effort)
              .holding(held)
              .after(after.toList()));
    }

    private String boiled(Load load, List<Follows> ready) {
      Effort water = inWater(stove.minutes().out().likely());
      String in =
          add(
              task(load, "drop", Kind.COOK, "pasta in", inThePan(), water)
                  .holding(held)
                  .after(ready));
      Effort pan = Effort.ofHands(Span.exactly(stove.pan()));
      return add(
          task(load, "toss", Kind.TOSS, "into the pan", stove.pan(), pan)
              .after(List.of(Follows.within(in, PastaTasks.DRAINED_WAITS))));
    }

    private Task task(
        Load load, String part, Kind kind, String what, Duration before, Effort effort) {
      Instant begins = load.at().minus(PlateTasks.hands(load.plates())).minus(before);
      String number = part + "-" + (batches.size() + load.place());
      return Task.of(number, kind, subject, what, Due.at(begins), effort)
          .with(new Figure.Plates(load.plates()));
    }

    private String add(Task task) {
      tasks.add(task);
      return task.key();
    }
  }

  /**
   * A pan of it.
   *
   * @param at when its plates are out
   * @param before plates of all loads before it
   * @param place among all loads, from 1
   */
  private record Load(Instant at, int plates, int before, int place) {}
}
