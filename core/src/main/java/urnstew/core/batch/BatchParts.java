package urnstew.core.batch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
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
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.Entry;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.plan.PotProgram;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;

/**
 * A batch by what went in: the pot at any moment, for balance and salt. What was poured, added,
 * ladled out, tried in cups and taken out is in it, each at its time.
 */
public final class BatchParts {
  private static final double AT_THE_END = Double.POSITIVE_INFINITY;

  /** A line that is told for the very moment in which it is stopped is in. */
  private static final double SAME_MOMENT = 1;

  private final BatchHistory history;
  private final List<BatchLine> lines;
  private final MostProbable pot;
  private final double kilogramsPerHour;
  private final ResolvedFormula asPoured;
  private final SimmerPhases phases;
  private final Map<String, Double> told;
  private final List<Step> steps;

  /**
   * What happens to the parts at a time.
   *
   * @param seconds since the simmer started
   * @param in what goes in, where something does
   * @param stays share of all before that stays in
   * @param out pieces that are lifted out, by ingredient
   * @param back pieces that come back, by ingredient
   */
  private record Step(
      double seconds, Optional<Part> in, double stays, Set<String> out, Set<String> back) {
    static Step in(double seconds, Part part) {
      return new Step(seconds, Optional.of(part), 1, Set.of(), Set.of());
    }

    List<Held> apply(List<Held> before) {
      List<Held> after = new ArrayList<>();
      for (Held held : before) {
        String id = held.part().ingredient().id();
        boolean aside = out.contains(id) || held.aside() && !back.contains(id);
        after.add(new Held(held.part().times(stays), aside));
      }
      in.ifPresent(part -> after.add(new Held(part, false)));
      return after;
    }
  }

  /**
   * Something that went in.
   *
   * @param part as it went in, less what was ladled out
   * @param aside whether its pieces were lifted out, so that only their juice is in
   */
  private record Held(Part part, boolean aside) {
    Part now() {
      return aside ? part.juice() : part;
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
    this.lines = List.copyOf(lines);
    this.asPoured = asPoured;
    this.kilogramsPerHour = kilogramsPerHour;
    this.pot = pot;
    this.phases = asPoured.phases();
    this.told = new Told(history).seconds();
    this.steps =
        Stream.of(
                IntStream.range(0, lines.size())
                    .boxed()
                    .flatMap(line -> poured(line, lines.get(line))),
                moves(),
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
    return asTasted(ofTheTables(seconds).ofTheSauce(), seconds);
  }

  /** The same with pieces that are served apart, as far as they are in the pot. */
  InPot withPieces(double seconds) {
    return asTasted(ofTheTables(seconds), seconds);
  }

  private InPot asTasted(InPot ofTheTables, double seconds) {
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
    PotContents all = PotContents.NOTHING;
    for (int line = 0; line < asPoured.portions().size(); line++) {
      Portion portion = asPoured.portions().get(line);
      Entry entry = phases.entry(portion);
      if (entry.when() == StageRole.FINISH && seconds(line, entry) <= seconds) {
        all = all.plus(asPoured.later(portion, Set.of()).all());
      }
    }
    return all;
  }

  private static List<Part> parts(List<Step> steps, Predicate<Step> which) {
    return steps.stream()
        .filter(which)
        .flatMap(step -> step.in().stream())
        .map(Part::inTheSauce)
        .toList();
  }

  /** When all that is planned has gone in, or it was stopped. */
  InPot end(PotContents contents) {
    double last = history.stoppedSeconds().orElse(AT_THE_END);
    return new InPot(parts(last), contents, Solutes.NOTHING).ofTheSauce();
  }

  /** All that went in, with pieces that are served apart, in what came of it. */
  InPot madeOf(PotContents contents) {
    return new InPot(parts(AT_THE_END), contents, Solutes.NOTHING);
  }

  /** Lines that are not in yet at a moment, by their places in the formula. */
  List<Integer> toCome(double seconds) {
    return IntStream.range(0, asPoured.portions().size())
        .filter(
            line ->
                seconds(line, phases.entry(asPoured.portions().get(line))) > seconds + SAME_MOMENT)
        .boxed()
        .toList();
  }

  /** Lines of which some is in at a moment, and the rest waits for the tasting, by their places. */
  List<Integer> heldBack(double seconds) {
    List<Integer> later = toCome(seconds);
    return IntStream.range(0, lines.size())
        .filter(line -> lines.get(line).poured().isEmpty())
        .filter(line -> asPoured.portions().get(line).firstDose().value() < 1)
        .filter(line -> !later.contains(line))
        .boxed()
        .toList();
  }

  /** The pot's fall, as likely as can be. */
  ReductionCurve fall() {
    return pot.fall();
  }

  /** What went in, and what is to come. */
  ResolvedFormula asPoured() {
    return asPoured;
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
    return held(until).stream().map(Held::now).toList();
  }

  /** Pieces that stand beside the pot at a moment. */
  List<Part> aside(double seconds) {
    return held(seconds).stream().filter(Held::aside).map(held -> held.part().pieces()).toList();
  }

  private List<Held> held(double until) {
    List<Held> parts = List.of();
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
  private Stream<Step> poured(int place, BatchLine line) {
    Portion portion = line.portion();
    Part raw = Part.of(portion.ingredient(), asFound(portion, line.due()));
    Part all = asPoured.isDiscarded(portion) ? raw.juice() : raw;
    Entry entry = phases.entry(portion);
    double at = seconds(place, entry);
    double first = portion.firstDose().value();
    return line.poured().isPresent() || at == AT_THE_END || first >= 1
        ? Stream.of(Step.in(at, all))
        : Stream.of(Step.in(at, all.times(first)), Step.in(AT_THE_END, all.times(1 - first)));
  }

  /** When a line is in: as told, else when the fall comes to it. */
  private double seconds(int line, Entry entry) {
    if (entry.atFirst()) {
      return 0;
    }
    Double said = told.get(PotProgram.key(line, entry));
    if (said != null) {
      return said;
    }
    return entry.when() == StageRole.FINISH
        ? AT_THE_END
        : phaseSeconds(entry.phase()) + entry.after().toSeconds();
  }

  private double phaseSeconds(int phase) {
    return pot.fall().phaseStart(phase).orElse(AT_THE_END);
  }

  /** Pieces that the formula takes out and lets in again. */
  private Stream<Step> moves() {
    List<Step> moves = new ArrayList<>();
    for (SimmerPhase phase : phases.all()) {
      for (int stage : phase.stages()) {
        List<PieceMove> all = asPoured.formula().stages().get(stage).course().moves();
        for (int i = 0; i < all.size(); i++) {
          moves.add(move(stage, i, all.get(i)));
        }
      }
    }
    return moves.stream();
  }

  private Step move(int stage, int place, PieceMove move) {
    Double said = told.get(PotProgram.move(stage, place));
    int phase = phases.phaseOf(stage) + (move.atTheEnd() ? 1 : 0);
    double at = said == null ? phaseSeconds(phase) + move.afterStart().toSeconds() : said;
    Set<String> which = Set.of(move.ingredientId());
    boolean out = move.way() == PieceMove.Way.OUT && move.share().value() >= 1;
    return new Step(at, Optional.empty(), 1, out ? which : Set.of(), out ? Set.of() : which);
  }

  /** What readings say was put in more or less; seasonings are weighed finer than that. */
  private Mass asFound(Portion portion, Mass due) {
    boolean seasoning = portion.ingredient().kind() == IngredientKind.SEASONING;
    boolean later = phases.entry(portion).when() == StageRole.FINISH;
    return seasoning || later ? due : due.times(pot.estimate().factor(Quantity.MASS));
  }

  private Step added(Added added) {
    return Step.in(seconds(added), Part.of(added.ingredient(), added.mass()));
  }

  private Step ladled(BatchEvent event, Mass mass) {
    double before = pot.fall().massAt(seconds(event) - 1).kilograms();
    double stays = Math.max(0, 1 - mass.kilograms() / before);
    return new Step(seconds(event), Optional.empty(), stays, Set.of(), Set.of());
  }

  private Step piecesOut(PiecesTakenOut out) {
    Set<String> which = PiecesInPot.before(history, out.at()).leaving(out);
    return new Step(seconds(out), Optional.empty(), 1, which, Set.of());
  }

  private double seconds(BatchEvent event) {
    return Math.max(0, history.simmerSeconds(event.at()));
  }
}
