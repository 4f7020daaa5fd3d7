package urnstew.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;

/** Services of any kind: dishes of a few steps on burners, ovens and boards, by a few cooks. */
final class RandomServices {
  private static final int MINUTE = 60;

  private final RandomGenerator random;

  RandomServices(RandomGenerator random) {
    this.random = random;
  }

  private final List<Activity> activities = new ArrayList<>();
  private final List<TimeLag> lags = new ArrayList<>();

  /** About so many activities, to be over within so many minutes. */
  Problem of(int count, int minutes) {
    activities.clear();
    lags.clear();
    int due = minutes * MINUTE * 3 / 4 / 15 * 15;
    for (int dish = 0; activities.size() < count; dish++) {
      dish("dish " + dish, due, minutes);
    }
    List<Cook> cooks = new ArrayList<>();
    for (int cook = random.nextInt(1, 4); cook >= 0; cook--) {
      cooks.add(new Cook("cook " + cook, 0, minutes * MINUTE));
    }
    List<Occupied> occupied =
        random.nextBoolean() ? List.of() : List.of(new Occupied("burner 0", 0, 5 * MINUTE));
    return new Problem(
        activities,
        lags,
        cooks,
        List.of(new Oven("oven", 3, 6)),
        occupied,
        List.of(),
        minutes * MINUTE);
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
      activities.add(
          new Activity(
              key,
              hands,
              plate ? List.of(new Mode(hands, List.of())) : modes(hands + rest, heat),
              0,
              plate ? Optional.of(due) : Optional.empty()));
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
