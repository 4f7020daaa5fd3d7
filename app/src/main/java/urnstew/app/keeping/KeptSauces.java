package urnstew.app.keeping;

import static urnstew.app.platform.Fields.agree;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchEnds;
import urnstew.app.batch.BatchService;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.KitchenService;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.PiecesInPot;
import urnstew.core.batch.Unfinished;
import urnstew.core.cooling.CoolingSauce;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.plan.PlanInputs;
import urnstew.core.sauce.PotContents;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/** Finds what is to be kept, with its composition. */
@Component
class KeptSauces {
  private static final double MOST_KILOGRAMS = 2000;

  private final BatchService batches;
  private final BatchEnds ends;
  private final FormulaShelf shelf;
  private final KitchenService kitchens;
  private final Clock clock;

  KeptSauces(
      BatchService batches,
      BatchEnds ends,
      FormulaShelf shelf,
      KitchenService kitchens,
      Clock clock) {
    this.batches = batches;
    this.ends = ends;
    this.shelf = shelf;
    this.kitchens = kitchens;
    this.clock = clock;
  }

  /** So much finished sauce. */
  record Kept(
      String name,
      @Nullable UUID batchId,
      @Nullable Instant lit,
      ResolvedFormula formula,
      PotContents contents,
      Thickest thickest) {
    CoolingSauce cooling() {
      return thickest.cooling(contents);
    }
  }

  /**
   * Through the thickest of its pieces.
   *
   * @param piece measured or reckoned; empty where nothing stays whole
   * @param unsized pieces whose size nobody can know without measuring
   */
  private record Thickest(Optional<Length> piece, List<String> unsized) {
    CoolingSauce cooling(PotContents contents) {
      if (!unsized.isEmpty()) {
        throw new InvalidInput(
            "what.thickestPieceMeters",
            "missing",
            "There are pieces in it of no usual size: " + String.join(", ", unsized) + ".",
            "2 to 500 mm, through the thickest",
            "Measure the thickest one: heat has to leave through it.");
      }
      return new CoolingSauce(contents.everything(), piece);
    }
  }

  Kept of(KeepingWrites.What what) {
    double kilograms =
        Require.within("what.massKilograms", what.massKilograms(), 0.05, MOST_KILOGRAMS, "kg");
    agree("what.massKilograms", what.massText(), kitchens.massText("kg"), kilograms);
    UUID batch = what.batchId();
    if (batch != null) {
      BatchSnapshot snapshot = batches.snapshot(batch);
      PlanInputs inputs = snapshot.inputs();
      Optional<Unfinished> stopped = ends.unfinished(batch);
      if (stopped.isPresent()) {
        return stopped(what, stopped.get(), snapshot.clock().startedAt(), kilograms);
      }
      return kept(
          inputs.formula(),
          batch,
          snapshot.clock().startedAt(),
          inputs.target().equivalentSolids(1),
          kilograms,
          thickest(what, PiecesInPot.before(batches.acts(batch), clock.instant())));
    }
    String formula = what.formulaId();
    if (formula == null) {
      throw new InvalidInput(
          "what.formulaId",
          "missing",
          "Nothing was said of what it is.",
          "a batch or a formula",
          "Choose the batch it is from, or the formula it is most like.");
    }
    ResolvedFormula resolved = shelf.resolved(formula, List.of());
    return kept(
        resolved,
        null,
        null,
        resolved.formula().target().orElse(null),
        kilograms,
        thickest(what, PiecesInPot.of(resolved)));
  }

  /** As it was when it was stopped: with what was in, and as thick as it was. */
  private Kept stopped(KeepingWrites.What what, Unfinished stopped, Instant lit, double kilograms) {
    UUID batch = Objects.requireNonNull(what.batchId(), "a batch was stopped");
    return new Kept(
        stopped.whole().formula().name() + ", not done",
        batch,
        lit,
        stopped.whole(),
        stopped.contents().times(kilograms / stopped.mass().kilograms()),
        thickest(what, PiecesInPot.before(batches.acts(batch), clock.instant())));
  }

  /** Whether a batch was stopped before it was done. */
  boolean isUnfinished(@Nullable UUID batch) {
    return batch != null && ends.isStopped(batch);
  }

  /** As it was measured, else a ball of its mass: never thinner than it can be. */
  private Thickest thickest(KeepingWrites.What what, PiecesInPot pieces) {
    Double measured = what.thickestPieceMeters();
    if (measured == null) {
      return new Thickest(pieces.heaviest().map(CoolingSauce::asABall), pieces.unsized());
    }
    double meters = Require.within("what.thickestPieceMeters", measured, 0.002, 0.5, "m");
    String text = what.thickestPieceText();
    agree("what.thickestPieceMeters", text == null ? "" : text, QuantityKind.LENGTH, "mm", meters);
    return new Thickest(Optional.of(new Length(meters)), List.of());
  }

  private static Kept kept(
      ResolvedFormula formula,
      @Nullable UUID batch,
      @Nullable Instant lit,
      @Nullable MassFraction target,
      double kilograms,
      Thickest thickest) {
    PotContents cooked = formula.beforeTheFinish().cooked();
    PotContents done = target == null ? cooked : cooked.reducedTo(target);
    PotContents all = formula.finished(done).without(formula.discarded());
    return new Kept(
        formula.formula().name(),
        batch,
        lit,
        formula,
        all.times(kilograms / all.total().kilograms()),
        thickest);
  }
}
