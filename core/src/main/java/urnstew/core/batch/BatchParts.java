package urnstew.core.batch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.acidity.Solutes;
import urnstew.core.balance.InPot;
import urnstew.core.balance.InPot.Part;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Tasted;
import urnstew.core.correction.MostProbable;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;

/**
 * A batch by what went in: the pot at any moment, for balance and salt. What was poured, added,
 * ladled out, tried in cups and taken out is in it, each at its time.
 */
public final class BatchParts {
  private static final double AT_THE_END = Double.POSITIVE_INFINITY;

  private final BatchHistory history;
  private final MostProbable pot;
  private final double kilogramsPerHour;
  private final ResolvedFormula asPoured;
  private final List<Step> steps;

  /**
   * What happens to the parts at a time.
   *
   * @param seconds since the simmer started
   * @param in what goes in, where something does
   * @param stays share of all before that stays in
   * @param out pieces that are lifted out, by ingredient
   * @param finish whether it belongs to the finish, which the fall does not know of
   */
  private record Step(
      double seconds, Optional<Part> in, double stays, Set<String> out, boolean finish) {
    static Step in(double seconds, Part part, boolean finish) {
      return new Step(seconds, Optional.of(part), 1, Set.of(), finish);
    }

    List<Part> apply(List<Part> before) {
      List<Part> after = new ArrayList<>();
      for (Part part : before) {
        boolean leaves = out.contains(part.ingredient().id());
        after.add(leaves ? part.juice() : part.times(stays));
      }
      in.ifPresent(after::add);
      return after;
    }
  }

  /**
   * Reads the history once.
   *
   * @param lines of the formula
   * @param asPoured the formula with what went in
   * @param pot its fall
   * @param kilogramsPerHour water leaving it
   */
  BatchParts(
      BatchHistory history,
      List<BatchLine> lines,
      ResolvedFormula asPoured,
      MostProbable pot,
      double kilogramsPerHour) {
    this.history = history;
    this.asPoured = asPoured;
    this.kilogramsPerHour = kilogramsPerHour;
    this.pot = pot;
    this.steps =
        Stream.of(
                lines.stream().flatMap(this::poured),
                history.counting(Added.class).stream().map(this::added),
                history.counting(LadledOut.class).stream().map(out -> ladled(out, out.mass())),
                history.counting(CupsTried.class).stream().map(cups -> ladled(cups, cups.taken())),
                history.counting(PiecesTakenOut.class).stream().map(this::piecesOut))
            .flatMap(some -> some)
            .sorted(Comparator.comparingDouble(Step::seconds))
            .toList();
  }

  /** The sauce at a moment, with what was measured and tasted of it. */
  public InPot at(double seconds) {
    InPot ofTheTables = ofTheTables(seconds).ofTheSauce();
    List<Tasted> tasted = history.counting(Tasted.class);
    if (tasted.isEmpty()) {
      return ofTheTables;
    }
    Tasted last = tasted.get(tasted.size() - 1);
    double then = seconds(last);
    Solutes ions = last.taste().shift(ofTheTables(then).ofTheSauce()).unknownIons();
    InPot shifted = last.taste().withoutPH().shift(ofTheTables);
    return new InPot(shifted.parts(), shifted.contents(), ions.times(left(then, seconds)));
  }

  /**
   * What is still to happen after a moment.
   *
   * @param onThePlate what meets the sauce there
   */
  public RemainingProcess course(double seconds, List<Part> onThePlate) {
    List<Step> later = steps.stream().filter(step -> step.seconds() > seconds).toList();
    double thick = pot.fall().last().seconds();
    RemainingProcess course =
        new RemainingProcess(
            Optional.of(history.target().equivalentSolids(pot.estimate().bodyFactor())),
            parts(later, step -> step.seconds() < thick),
            parts(later, step -> step.seconds() >= thick),
            onThePlate,
            Optional.of(kilogramsPerHour));
    return pot.fall().outcome() instanceof Reaches ? course.to(at(seconds), endMass()) : course;
  }

  /** Sauce when all that is planned has gone in, as the pot's page tells it. */
  private Mass endMass() {
    PotContents all = asPoured.baked(pot.fall().last().contents().plus(finish(AT_THE_END)));
    return end(all.without(discarded(AT_THE_END))).mass();
  }

  private PotContents finish(double seconds) {
    return steps.stream()
        .filter(step -> step.finish() && step.seconds() <= seconds)
        .flatMap(step -> step.in().stream())
        .map(part -> part.ingredient().contents(part.mass()))
        .reduce(PotContents.NOTHING, PotContents::plus);
  }

  private static List<Part> parts(List<Step> steps, Predicate<Step> which) {
    return steps.stream()
        .filter(which)
        .flatMap(step -> step.in().stream())
        .map(Part::inTheSauce)
        .toList();
  }

  /** When all that is planned has gone in. */
  InPot end(PotContents contents) {
    return new InPot(parts(AT_THE_END), contents, Solutes.NOTHING).ofTheSauce();
  }

  private InPot ofTheTables(double seconds) {
    PotContents all = pot.fall().at(seconds).contents().plus(finish(seconds));
    return new InPot(parts(seconds), all.without(discarded(seconds)), Solutes.NOTHING);
  }

  /**
   * What will be lifted out and thrown away is no sauce; it is out already where somebody said so.
   */
  private Composition discarded(double seconds) {
    boolean out =
        history.counting(PiecesTakenOut.class).stream()
            .anyMatch(event -> seconds(event) <= seconds);
    return out ? Composition.NOTHING : asPoured.discarded();
  }

  private List<Part> parts(double until) {
    List<Part> parts = List.of();
    for (Step step : steps) {
      if (step.seconds() <= until) {
        parts = step.apply(parts);
      }
    }
    return parts;
  }

  /** Share of what was in at one moment that still is at another. */
  private double left(double from, double to) {
    return steps.stream()
        .filter(step -> step.seconds() > from && step.seconds() <= to)
        .mapToDouble(Step::stays)
        .reduce(1, (a, b) -> a * b);
  }

  /** A line goes in at its time; of what is held back for the tasting, the rest at the end. */
  private Stream<Step> poured(BatchLine line) {
    Portion portion = line.portion();
    Part raw = Part.of(portion.ingredient(), asFound(portion, line.due()));
    Part all = asPoured.isDiscarded(portion) ? raw.juice() : raw;
    double at = line.pouredAt().map(when -> history.simmerSeconds(when)).orElse(planned(portion));
    double first = portion.firstDose().value();
    return line.poured().isPresent() || at == AT_THE_END || first >= 1
        ? Stream.of(Step.in(at, all, portion.role() == StageRole.FINISH))
        : Stream.of(
            Step.in(at, all.times(first), false), Step.in(AT_THE_END, all.times(1 - first), false));
  }

  private static double planned(Portion portion) {
    return switch (portion.role()) {
      case FINISH -> AT_THE_END;
      case REDUCE -> portion.after().toSeconds();
      default -> 0;
    };
  }

  /** What readings say was put in more or less; seasonings are weighed finer than that. */
  private Mass asFound(Portion portion, Mass due) {
    boolean seasoning = portion.ingredient().kind() == IngredientKind.SEASONING;
    boolean later = portion.role() == StageRole.FINISH;
    return seasoning || later ? due : due.times(pot.estimate().factor(Quantity.MASS));
  }

  private Step added(Added added) {
    return Step.in(seconds(added), Part.of(added.ingredient(), added.mass()), false);
  }

  private Step ladled(BatchEvent event, Mass mass) {
    double before = pot.fall().massAt(seconds(event) - 1).kilograms();
    double stays = Math.max(0, 1 - mass.kilograms() / before);
    return new Step(seconds(event), Optional.empty(), stays, Set.of(), false);
  }

  private Step piecesOut(PiecesTakenOut out) {
    Set<String> which =
        PiecesInPot.before(history, out.at()).all().stream()
            .filter(piece -> PiecesInPot.leaves(piece, out))
            .map(piece -> piece.ingredient().id())
            .collect(Collectors.toSet());
    return new Step(seconds(out), Optional.empty(), 1, which, false);
  }

  private double seconds(BatchEvent event) {
    return Math.max(0, history.simmerSeconds(event.at()));
  }
}
