package urnstew.core.batch;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import urnstew.core.balance.InPot;
import urnstew.core.balance.InPot.Part;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.Unfinished.Lifted;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;

/** What is kept of a pot that was stopped. */
final class StoppedPot {
  private final BatchHistory history;
  private final double seconds;
  private final Finished end;
  private final BatchParts parts;
  private final PotState then;
  private final ResolvedFormula whole;
  private final StopPoint stop;

  StoppedPot(BatchHistory history, double seconds) {
    this.history = history;
    this.seconds = seconds;
    this.end = history.finished().orElseThrow();
    this.parts = Forecaster.parts(history, end.at());
    this.then = parts.fall().at(seconds);
    this.whole = parts.asPoured();
    this.stop = stop(parts.fall());
  }

  private StopPoint stop(ReductionCurve fall) {
    int phase = 0;
    for (int k = 1; k < whole.phases().all().size(); k++) {
      phase = fall.phaseStart(k).orElse(Double.POSITIVE_INFINITY) <= seconds ? k : phase;
    }
    return new StopPoint(whole, phase, seconds - fall.phaseStart(phase).orElse(0.0));
  }

  Unfinished kept() {
    List<Lifted> lifted = new ArrayList<>(beside());
    for (String leaving : leaving()) {
      if (lifted.stream().noneMatch(kind -> kind.key().equals(leaving))) {
        inThePot(leaving).ifPresent(lifted::add);
      }
    }
    List<Portion> toCome = new ArrayList<>(later());
    toCome.removeIf(portion -> whole.phases().entry(portion).back().isPresent());
    List<Portion> heldBack =
        parts.heldBack(seconds).stream()
            .map(line -> whole.portions().get(line).heldBack())
            .toList();
    toCome.addAll(heldBack);
    InPot sauce = sauce(lifted, heldBack);
    return new Unfinished(whole, stop.phase(), stop.elapsedSeconds(), sauce, lifted, toCome);
  }

  private List<Portion> later() {
    return parts.toCome(seconds).stream().map(line -> whole.portions().get(line)).toList();
  }

  /** Pieces that were lifted out, and those that were seared and are not in yet. */
  private List<Lifted> beside() {
    Map<String, Pieces> aside = new LinkedHashMap<>();
    then.aside().forEach(kind -> aside.merge(kind.key(), kind.pieces(), Pieces::plus));
    List<Lifted> beside = new ArrayList<>();
    aside.forEach(
        (key, pieces) -> {
          List<Part> carrying =
              parts.aside(seconds).stream()
                  .filter(part -> part.ingredient().id().equals(key))
                  .toList();
          Lifted.of(raw(key), note(key), pieces, true, carrying).ifPresent(beside::add);
        });
    for (Portion portion : later()) {
      if (whole.phases().entry(portion).back().isPresent()) {
        Pieces seared = whole.later(portion, Set.of()).all().pieces();
        Lifted.of(portion.ingredient(), portion.note(), seared, true, List.of(part(portion)))
            .ifPresent(beside::add);
      }
    }
    return beside;
  }

  private static Part part(Portion portion) {
    return Part.of(portion.ingredient(), portion.mass());
  }

  private Stream<Portion> portions(String ingredient) {
    return whole.portions().stream().filter(one -> one.ingredient().id().equals(ingredient));
  }

  private String note(String ingredient) {
    return portions(ingredient).map(Portion::note).findFirst().orElse("");
  }

  /** What pieces were: of the formula, or put in by hand. */
  private Ingredient raw(String ingredient) {
    return Stream.concat(
            portions(ingredient).map(Portion::ingredient),
            history.counting(Added.class).stream()
                .map(Added::ingredient)
                .filter(one -> one.id().equals(ingredient)))
        .findFirst()
        .orElseThrow();
  }

  /**
   * Pieces in the pot that are told apart: still to be lifted out, to wait beside it or to be
   * thrown away, or served apart in the end.
   */
  private Set<String> leaving() {
    Set<String> leaving = new LinkedHashSet<>();
    List<Portion> later = later();
    whole.portions().stream()
        .filter(portion -> !later.contains(portion))
        .map(Portion::ingredient)
        .filter(ingredient -> ingredient.servedApartShare() > 0)
        .map(Ingredient::id)
        .forEach(leaving::add);
    stop.moves().stream()
        .filter(move -> move.way() == PieceMove.Way.OUT)
        .map(PieceMove::ingredientId)
        .forEach(leaving::add);
    if (history.counting(PiecesTakenOut.class).isEmpty()) {
      whole.portions().stream()
          .filter(whole::isDiscarded)
          .map(portion -> portion.ingredient().id())
          .forEach(leaving::add);
    }
    return leaving;
  }

  /** Pieces of a kind as they are when they have given what they give. */
  private Optional<Lifted> inThePot(String ingredient) {
    List<Portion> of = portions(ingredient).toList();
    Pieces pieces =
        of.stream()
            .map(portion -> whole.later(portion, Set.of()).all().cooked().pieces())
            .reduce(Pieces.NONE, Pieces::plus);
    List<Part> carrying = of.stream().map(portion -> part(portion).pieces()).toList();
    return Lifted.of(raw(ingredient), note(ingredient), pieces, false, carrying);
  }

  /** What is in the pot, of which the juice of what is still to be lifted out is the sauce's. */
  private InPot sauce(List<Lifted> lifted, List<Portion> heldBack) {
    InPot all = parts.withPieces(seconds);
    Set<String> out = new HashSet<>();
    PotContents sauce = then.contents();
    for (Portion portion : heldBack) {
      sauce = sauce.withoutOfTheSauce(portion.contents().everything());
    }
    double onTheScale = sauce.total().kilograms();
    for (Lifted kind : lifted) {
      if (!kind.beside()) {
        out.add(kind.key());
        sauce = sauce.without(kind.pieces().whole());
      }
    }
    List<Part> carried =
        all.parts().stream()
            .map(part -> out.contains(part.ingredient().id()) ? part.juice() : part)
            .toList();
    return new InPot(carried, weighed(sauce, onTheScale), all.unknownIons());
  }

  /** A scale knows better: only water leaves. */
  private PotContents weighed(PotContents sauce, double onTheScale) {
    double more = end.finalMass().map(mass -> mass.kilograms() - onTheScale).orElse(0.0);
    double water = Math.max(0, sauce.sauce().waterKilograms() + more);
    return new PotContents(
        sauce.sauce().withWater(water), sauce.thickeningKilograms(), sauce.pieces());
  }
}
