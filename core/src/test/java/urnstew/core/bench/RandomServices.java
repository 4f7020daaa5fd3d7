package urnstew.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;

/** Services of any kind: dishes of a few steps on burners, ovens and boards, by a few cooks. */
public final class RandomServices {
  private static final int MINUTE = 60;

  private final RandomGenerator random;

  public RandomServices(RandomGenerator random) {
    this.random = random;
  }

  private final List<Activity> activities = new ArrayList<>();
  private final List<TimeLag> lags = new ArrayList<>();

  /**
   * About so many activities, each dish wanted hot at one of two hours, waiting the less the
   * better.
   */
  public Problem hot(int count, int minutes) {
    Problem loose = of(count - 2, minutes);
    List<Activity> all = new ArrayList<>();
    List<TimeLag> between = new ArrayList<>(loose.lags());
    int last = loose.activities().get(0).dueSeconds().orElse(minutes * 45) / 15 * 15;
    List<Integer> hours = List.of(last - 15 * MINUTE, last);
    for (int hour : hours) {
      all.add(
          Activity.of("out " + hour, 0, List.of(new Mode(15, List.of())))
              .from(hour)
              .due(hour + 15));
    }
    for (Activity one : loose.activities()) {
      all.add(one.whenever());
      if (one.dueSeconds().isPresent()) {
        between.add(
            new TimeLag(
                one.key(),
                "out " + hours.get(random.nextInt(2)),
                0,
                Optional.of(MINUTE * random.nextInt(10, 30)),
                random.nextInt(10, 60)));
      }
    }
    return new Problem(
        all,
        between,
        loose.cooks(),
        loose.ovens(),
        loose.occupied(),
        List.of(),
        loose.horizonSeconds());
  }

  /**
   * About so many activities as a kitchen has them: dishes of some mise, a pot, what goes with it
   * from a burner or the oven, and plates; out at one of two hours, a quarter of an hour apart.
   */
  public Problem service(int count) {
    activities.clear();
    lags.clear();
    int minutes = 300;
    int last = (minutes - 60) * MINUTE;
    List<Integer> hours = List.of(last - 15 * MINUTE, last);
    for (int hour : hours) {
      activities.add(
          Activity.of("out " + hour, 0, List.of(new Mode(15, List.of())))
              .from(hour)
              .due(hour + 15));
    }
    for (int dish = 0; activities.size() < count; dish++) {
      dish("dish " + dish, "out " + hours.get(random.nextInt(2)), dish < 3);
    }
    return new Problem(
        activities,
        lags,
        List.of(
            new Cook("cook 0", 0, minutes * MINUTE),
            new Cook("cook 1", 0, minutes * MINUTE),
            new Cook("cook 2", 60 * MINUTE, minutes * MINUTE)),
        List.of(new Oven("oven", 3, 6)),
        List.of(new Occupied("burner 0", 0, 30 * MINUTE)),
        List.of(),
        minutes * MINUTE);
  }

  private void add(String key, int hands, List<Mode> modes) {
    activities.add(Activity.of(key, hands, modes));
  }

  private void follows(String before, String after, int atMostMinutes, int cost) {
    Optional<Integer> longest =
        atMostMinutes == 0 ? Optional.empty() : Optional.of(atMostMinutes * MINUTE);
    lags.add(new TimeLag(before, after, 0, longest, cost));
  }

  private void dish(String name, String out, boolean staysOnItsBurner) {
    String pot = name + ", pot";
    Activity sauce =
        Activity.of(pot, MINUTE * random.nextInt(3, 9), onBurners(MINUTE * random.nextInt(25, 70)));
    activities.add(staysOnItsBurner ? sauce.holding(name + ", plate") : sauce);
    for (int cut = random.nextInt(4, 9); cut > 0; cut--) {
      String mise = name + ", cut " + cut;
      int hands = MINUTE * random.nextInt(2, 9);
      add(mise, hands, List.of(new Mode(hands, List.of())));
      follows(mise, pot, 0, 0);
    }
    int hands = 15 * random.nextInt(4, 12);
    String plate = name + ", plate";
    add(plate, hands, List.of(new Mode(hands, List.of())));
    follows(plate, out, 12, 20);
    follows(pot, plate, 0, 1);
    String beside = name + ", beside";
    if (random.nextBoolean()) {
      String water = name + ", water";
      add(water, MINUTE, onBurners(MINUTE * random.nextInt(12, 30)));
      add(beside, MINUTE, onBurners(MINUTE * random.nextInt(4, 12)));
      follows(water, beside, 10, 1);
      follows(beside, plate, 5, 60);
    } else {
      int heat = 180 + 20 * random.nextInt(0, 3);
      List<Claim> shelf = List.of(new Claim.Shelf("oven", 1, heat));
      int lasts = MINUTE * random.nextInt(15, 40);
      add(beside, 2 * MINUTE, List.of(new Mode(lasts, shelf)));
      follows(beside, plate, 60, 10);
    }
  }

  private List<Mode> onBurners(int lasts) {
    List<Mode> modes = new ArrayList<>();
    for (int burner = 0; burner < 6; burner++) {
      int slower = burner > 3 ? MINUTE * 2 : 0;
      modes.add(new Mode(lasts + slower, List.of(new Claim.Alone("burner " + burner))));
    }
    return modes;
  }

  /** About so many activities, to be over within so many minutes. */
  public Problem of(int count, int minutes) {
    activities.clear();
    lags.clear();
    int due = minutes * MINUTE * 3 / 4 / 15 * 15;
    for (int dish = 0; activities.size() < count; dish++) {
      dish("dish " + dish, due, minutes);
    }
    return new Problem(
        activities,
        lags,
        cooks(minutes),
        List.of(new Oven("oven", 3, 6)),
        occupied(minutes),
        List.of(),
        minutes * MINUTE);
  }

  /** All stay but one, who may leave early. */
  private List<Cook> cooks(int minutes) {
    List<Cook> cooks = new ArrayList<>();
    for (int cook = random.nextInt(1, 4); cook >= 0; cook--) {
      boolean leaves = cook == 1 && random.nextBoolean();
      cooks.add(new Cook("cook " + cook, 0, minutes * MINUTE / (leaves ? 2 : 1)));
    }
    return cooks;
  }

  private List<Occupied> occupied(int minutes) {
    List<Occupied> all = new ArrayList<>();
    for (String what : List.of("burner 0", "oven", "cook 0", "board")) {
      if (random.nextInt(4) == 0) {
        int from = 15 * random.nextInt(0, minutes);
        all.add(new Occupied(what, from, from + 15 * random.nextInt(1, minutes / 3 + 2)));
      }
    }
    return all;
  }

  /** What does not fit, mostly: little time, gaps that are short, hands that are few. */
  public Problem crowded(int count) {
    int minutes = random.nextInt(10, 25);
    Problem roomy = of(count, 4 * minutes);
    int due = minutes * MINUTE;
    return new Problem(
        roomy.activities().stream()
            .map(one -> one.dueSeconds().isPresent() ? one.due(due) : one)
            .toList(),
        roomy.lags(),
        List.of(new Cook("cook 0", 0, 4 * due), new Cook("cook 1", 0, due / 2 / 15 * 15)),
        roomy.ovens(),
        roomy.occupied().stream().filter(one -> !one.resource().startsWith("cook")).toList(),
        List.of(),
        16 * due);
  }

  /** A few activities in a few ticks, that all ways to place them can be tried. */
  public Problem small() {
    Problem one = of(random.nextInt(2, 4), 4);
    List<Activity> few = one.activities().stream().limit(4).toList();
    return new Problem(
        few.stream().map(activity -> shrunk(activity, few)).toList(),
        one.lags().stream()
            .filter(lag -> one.activities().indexOf(one.activity(lag.after())) < 4)
            .toList(),
        one.cooks().stream().limit(2).toList(),
        one.ovens(),
        one.occupied().stream()
            .filter(o -> !o.resource().equals("cook 0") || one.cooks().size() <= 2)
            .toList(),
        List.of(),
        15 * 14);
  }

  private Activity shrunk(Activity one, List<Activity> few) {
    int hands = Math.min(one.handsSeconds(), 15 * random.nextInt(1, 3));
    List<Mode> modes =
        one.modes().stream()
            .map(mode -> new Mode(Math.max(hands, 15 * random.nextInt(1, 5)), mode.claims()))
            .toList();
    Activity small = Activity.of(one.key(), hands, modes).from(15 * random.nextInt(0, 2));
    if (random.nextInt(4) == 0) {
      small = small.by(15 * random.nextInt(7, 14));
    }
    Optional<String> until =
        one.holdsUntil().filter(key -> few.stream().anyMatch(other -> other.key().equals(key)));
    small = until.map(small::holding).orElse(small);
    return one.dueSeconds().isPresent() ? small.due(15 * random.nextInt(4, 11)) : small;
  }

  private void dish(String name, int due, int minutes) {
    int steps = random.nextInt(1, 4);
    int heat = 180 + 10 * random.nextInt(0, 4);
    String last = "";
    for (int step = 0; step <= steps; step++) {
      boolean plate = step == steps;
      String key = name + (plate ? ", plate" : ", step " + step);
      int hands = plate || random.nextInt(4) > 0 ? 15 * random.nextInt(1, 9) : 0;
      int rest = plate ? 0 : 15 * random.nextInt(0, Math.min(80, minutes));
      if (plate) {
        activities.add(Activity.of(key, hands, List.of(new Mode(hands, List.of()))).due(due));
      } else {
        // A pot often stays where it is until the plates.
        Activity one = Activity.of(key, hands, modes(hands + rest, heat));
        activities.add(random.nextInt(6) == 0 ? one.holding(name + ", plate") : one);
      }
      if (step > 0) {
        Optional<Integer> longest =
            random.nextBoolean() ? Optional.of(MINUTE * random.nextInt(1, 30)) : Optional.empty();
        lags.add(new TimeLag(last, key, 0, longest, random.nextInt(0, 60)));
      }
      last = key;
    }
  }

  private List<Mode> modes(int lasts, int heat) {
    return switch (random.nextInt(4)) {
      case 0 ->
          List.of(
              new Mode(lasts, List.of(new Claim.Alone("burner 0"))),
              new Mode(lasts + 30, List.of(new Claim.Alone("burner 1"))),
              new Mode(lasts + 60, List.of(new Claim.Alone("burner 2"))));
      case 1 ->
          List.of(new Mode(lasts, List.of(new Claim.Shelf("oven", random.nextInt(1, 3), heat))));
      case 2 -> List.of(new Mode(lasts, List.of(new Claim.Alone("board"))));
      default -> List.of(new Mode(lasts, List.of()));
    };
  }

  /** Everything anywhere: most of such schedules break something. */
  Schedule anywhere(Problem problem) {
    return new Schedule(problem.activities().stream().map(one -> anywhere(problem, one)).toList());
  }

  private Placement anywhere(Problem problem, Activity one) {
    int mode = random.nextInt(one.modes().size());
    int latest = problem.horizonSeconds() - one.modes().get(mode).lastsSeconds();
    Optional<String> cook =
        one.handsSeconds() == 0
            ? Optional.empty()
            : Optional.of(problem.cooks().get(random.nextInt(problem.cooks().size())).name());
    return new Placement(one.key(), 15 * random.nextInt(Math.max(1, latest / 15)), mode, cook);
  }
}
