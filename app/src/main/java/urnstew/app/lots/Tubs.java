package urnstew.app.lots;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchEnds;
import urnstew.app.batch.TubShelf;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LinkRow;
import urnstew.app.lots.LotMapper.LotEventRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.NotFoundException;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.lot.Carried;
import urnstew.core.lot.TubIngredient;
import urnstew.core.pantry.Ingredient;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;

/** Tubs under the keys by which a pot takes them. */
@Component
class Tubs implements TubShelf {
  private static final String KEY = "tub-";

  private final LotMapper mapper;
  private final LotDeclarations declarations;
  private final FormulaShelf shelf;
  private final ObjectProvider<UnfinishedLots> unfinished;
  private final ObjectProvider<LotLedger> ledger;
  private final ObjectProvider<BatchEnds> batches;

  Tubs(
      LotMapper mapper,
      LotDeclarations declarations,
      FormulaShelf shelf,
      ObjectProvider<UnfinishedLots> unfinished,
      ObjectProvider<LotLedger> ledger,
      ObjectProvider<BatchEnds> batches) {
    this.mapper = mapper;
    this.declarations = declarations;
    this.shelf = shelf;
    this.unfinished = unfinished;
    this.ledger = ledger;
    this.batches = batches;
  }

  static String key(LotRow lot) {
    return KEY + lot.code().toLowerCase(Locale.ROOT);
  }

  @Override
  public Optional<Ingredient> find(String ingredientId) {
    return ingredientId.startsWith(KEY)
        ? mapper
            .byCode(ingredientId.substring(KEY.length()).toUpperCase(Locale.ROOT))
            .map(lot -> ingredient(ingredientId, lot))
        : Optional.empty();
  }

  /** A lot as an ingredient. */
  Ingredient of(LotRow lot) {
    return ingredient(key(lot), lot);
  }

  @Override
  public void hold(UUID lotId) {
    if (mapper.lock(lotId).isEmpty()) {
      throw new NotFoundException("lot", lotId);
    }
  }

  @Override
  public void goOn(UUID lotId, UUID batchId, Mass mass, Instant at, Actor actor) {
    LotLedger lots = ledger.getObject();
    LotRow row = lots.row(lotId);
    lots.requireInDate(row, at);
    // Before they leave: an entry knows what there was, so that it can be taken back.
    lots.append(
        lotId, UUID.randomUUID(), Kind.USED, at, mass.kilograms(), batchId, "gone on", actor);
    lots.leave(row, mass.kilograms(), at);
  }

  @Override
  public void unlit(UUID batchId, Instant at, Actor actor) {
    mapper.usedIn(batchId).forEach(use -> putBack(use, at, actor));
  }

  @Override
  public void putBack(UUID batchId, UUID eventId, Instant at, Actor actor) {
    taken(mapper.usedIn(batchId), eventId).ifPresent(use -> putBack(use, at, actor));
  }

  private void putBack(LotEventRow use, Instant at, Actor actor) {
    mapper.lock(use.lotId());
    List<LotEventRow> since =
        mapper.events(use.lotId()).stream()
            .filter(event -> event.sequence() > use.sequence())
            .toList();
    boolean gone =
        since.stream()
            .anyMatch(event -> event.kind() == Kind.MERGED || event.kind() == Kind.DISCARDED);
    if (gone) {
      throw new ConflictException(
          "The tub that it came from was thrown away or joined with others since.",
          "Weigh the pot, so that it counts what is in it.");
    }
    if (since.isEmpty()) {
      mapper.asBefore(use.id());
    } else {
      mapper.putBack(use.lotId(), Objects.requireNonNull(use.massKilograms(), "a use has one"));
    }
    mapper.takeBack(UUID.randomUUID(), use.id(), at, actor.name());
  }

  @Override
  public void requireTaken(UUID batchId, UUID eventId) {
    if (taken(mapper.everUsedIn(batchId), eventId).isPresent()) {
      throw new ConflictException(
          "That came out of a tub, which has it again.", "Use some of that tub once more.");
    }
  }

  private static Optional<LotEventRow> taken(List<LotEventRow> uses, UUID eventId) {
    return uses.stream().filter(use -> LotLedger.inThePot(use.id()).equals(eventId)).findFirst();
  }

  private Ingredient ingredient(String id, LotRow lot) {
    return unfinished
        .getObject()
        .of(lot)
        .map(stopped -> unfinished.getObject().ingredient(id, lot, stopped))
        .orElseGet(() -> done(id, lot));
  }

  private Ingredient done(String id, LotRow lot) {
    Composition kind = IngredientDocuments.COMPOSITION.read(lot.kind());
    ResolvedFormula formula = shelf.resolved(lot.formulaId(), List.of());
    return TubIngredient.of(
        id, formula, carried(lot, formula), kind, declarations.of(lot).labelling());
  }

  /** Of its own batch; of lots that were joined, by what came of each. */
  private Carried carried(LotRow lot, ResolvedFormula formula) {
    Mass all = Mass.ZERO;
    Carried mean = ofItsBatch(lot, formula);
    for (LinkRow from : mapper.cameFrom(lot.id())) {
      LotRow before = mapper.find(from.fromId()).orElseThrow();
      Mass more = new Mass(from.massKilograms());
      mean = mean.and(all, carried(before, formula), more);
      all = all.plus(more);
    }
    return mean;
  }

  /** As it was poured and seasoned; where nobody wrote that down, by its formula. */
  private Carried ofItsBatch(LotRow lot, ResolvedFormula formula) {
    return Optional.ofNullable(lot.batchId())
        .flatMap(batch -> batches.getObject().carried(batch))
        .orElseGet(() -> Carried.by(formula));
  }
}
