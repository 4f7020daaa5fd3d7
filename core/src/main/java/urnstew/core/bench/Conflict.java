package urnstew.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import urnstew.core.bench.Outcome.Found;
import urnstew.core.bench.Outcome.Impossible;

/**
 * A smallest set of wishes that cannot be had together: without any one of them the others can.
 * Source: U. Junker, QUICKXPLAIN: preferred explanations and relaxations for over-constrained
 * problems, Proceedings of AAAI 2004, 167.
 *
 * @param wishes that cannot be had together; none where the work alone does not fit
 * @param waysOut what giving up each of them costs
 * @param proven whether each step was: otherwise fewer might already be too many
 */
public record Conflict(List<Wish> wishes, List<WayOut> waysOut, boolean proven) {
  /**
   * One wish given up, all others had.
   *
   * @param wish that is given up
   * @param missedSeconds by how much it is missed at least: later, or longer waiting; empty for
   *     wishes that are had or not
   * @param schedule that shows it; empty where another conflict stands beside this one
   */
  public record WayOut(Wish wish, Optional<Integer> missedSeconds, Optional<Schedule> schedule) {}

  public Conflict {
    wishes = List.copyOf(wishes);
    waysOut = List.copyOf(waysOut);
  }

  /**
   * Of a problem; empty where all of it can be had, or nobody can say.
   *
   * @param running keys of fixed placements that nobody can take back
   */
  static Optional<Conflict> of(
      Problem problem, Set<String> running, Scheduler scheduler, double effort) {
    Search search = new Search(new Wishes(problem, running), scheduler, effort);
    List<Wish> all = search.wishes.all();
    if (!(search.solve(search.wishes.strict(all)) instanceof Impossible)) {
      return Optional.empty();
    }
    List<Wish> smallest = search.smallest(List.of(), false, all);
    return Optional.of(
        new Conflict(
            smallest,
            smallest.stream().map(wish -> search.wayOut(problem, wish, all)).toList(),
            search.proven));
  }

  /**
   * Whether these wishes can be had together, all else given up.
   *
   * @throws IllegalStateException if the scheduler cannot say
   */
  public static boolean canBeHad(Problem problem, List<Wish> wishes, Scheduler scheduler) {
    Wishes all = new Wishes(problem, Set.of());
    Outcome outcome = scheduler.solve(all.strict(wishes), Optional.empty(), Bench.EFFORT);
    if (outcome instanceof Outcome.Unknown) {
      throw new IllegalStateException("Nobody can say whether " + wishes + " can be had.");
    }
    return outcome instanceof Found;
  }

  private static final class Search {
    private final Wishes wishes;
    private final Scheduler scheduler;
    private final double effort;
    private boolean proven = true;

    Search(Wishes wishes, Scheduler scheduler, double effort) {
      this.wishes = wishes;
      this.scheduler = scheduler;
      this.effort = effort;
    }

    Outcome solve(Problem problem) {
      return scheduler.solve(problem, Optional.empty(), effort);
    }

    private boolean impossible(List<Wish> kept) {
      Outcome outcome = solve(wishes.strict(kept));
      proven &= !(outcome instanceof Outcome.Unknown);
      return outcome instanceof Impossible;
    }

    /** Of these, the fewest that cannot be had with those. */
    List<Wish> smallest(List<Wish> with, boolean added, List<Wish> of) {
      if (added && impossible(with)) {
        return List.of();
      }
      if (of.isEmpty()) {
        return List.of();
      }
      if (of.size() == 1) {
        return impossible(with) ? List.of() : of;
      }
      List<Wish> first = of.subList(0, of.size() / 2);
      List<Wish> second = of.subList(of.size() / 2, of.size());
      List<Wish> ofSecond = smallest(joined(with, first), true, second);
      List<Wish> ofFirst = smallest(joined(with, ofSecond), !ofSecond.isEmpty(), first);
      return joined(ofFirst, ofSecond);
    }

    private static List<Wish> joined(List<Wish> one, List<Wish> other) {
      List<Wish> both = new ArrayList<>(one);
      both.addAll(other);
      return both;
    }

    WayOut wayOut(Problem problem, Wish wish, List<Wish> all) {
      return solve(wishes.missing(wish, all)) instanceof Found found
          ? new WayOut(wish, missed(problem, wish, found.schedule()), Optional.of(found.schedule()))
          : new WayOut(wish, Optional.empty(), Optional.empty());
    }

    private static Optional<Integer> missed(Problem problem, Wish wish, Schedule schedule) {
      if (wish instanceof Wish.OnTime late) {
        return problem
            .activity(late.key())
            .dueSeconds()
            .map(due -> problem.end(schedule.of(late.key())) - due);
      }
      if (wish instanceof Wish.Fresh gap) {
        int waits =
            schedule.of(gap.after()).startSeconds() - problem.end(schedule.of(gap.before()));
        return problem.lags().stream()
            .filter(lag -> lag.before().equals(gap.before()) && lag.after().equals(gap.after()))
            .flatMap(lag -> lag.longestSeconds().stream())
            .min(Integer::compare)
            .map(longest -> waits - longest);
      }
      return Optional.empty();
    }
  }
}
