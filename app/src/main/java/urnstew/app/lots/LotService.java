package urnstew.app.lots;

import static urnstew.app.platform.Fields.agree;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.BatchEntries;
import urnstew.app.batch.Writes;
import urnstew.app.kitchen.ColdKind;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LinkRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotView.ReadyView;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.app.rules.RuleService;
import urnstew.app.task.TaskSource;
import urnstew.core.formula.Declaration;
import urnstew.core.task.Task;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;

/** Tubs: moved, used, parted, joined, thrown away. */
@Service
public class LotService implements TaskSource {
  private final LotMapper mapper;
  private final LotViews views;
  private final LotLedger ledger;
  private final LotDeclarations declarations;
  private final BatchEntries batches;
  private final EquipmentService equipment;
  private final KitchenService kitchens;
  private final RuleService rules;

  LotService(
      LotMapper mapper,
      LotViews views,
      LotLedger ledger,
      LotDeclarations declarations,
      BatchEntries batches,
      EquipmentService equipment,
      KitchenService kitchens,
      RuleService rules) {
    this.mapper = mapper;
    this.views = views;
    this.ledger = ledger;
    this.declarations = declarations;
    this.batches = batches;
    this.equipment = equipment;
    this.kitchens = kitchens;
    this.rules = rules;
  }

  /** All that is there, what must be used first at the top. */
  public List<LotView> open() {
    return views.open();
  }

  /** What tubs ask for. */
  @Override
  public List<Task> tasks(Instant now) {
    return views.tasks(now);
  }

  /** One lot. */
  @Transactional(readOnly = true)
  public LotView view(UUID id) {
    return views.of(ledger.row(id));
  }

  private LotRow locked(UUID id) {
    LotRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("lot", id));
    if (row.closedAt() != null) {
      throw new ConflictException("Nothing is left of this lot.", "Look up its history.");
    }
    return row;
  }

  /** What is there of a formula, as far as it is wanted. */
  @Transactional(readOnly = true)
  public ReadyView ready(String formulaId, double wantedKilograms, int covers) {
    return views.ready(
        formulaId, new Mass(Require.positive("kilograms", wantedKilograms, "kg")), covers);
  }

  /** To another place; out of the freezer it thaws, and is not frozen again. */
  @Write
  public LotView move(UUID id, LotWrites.Move write, Actor actor) {
    return ledger.once(write, "lot/" + id, () -> moved(id, write, actor));
  }

  private LotRow moved(UUID id, LotWrites.Move write, Actor actor) {
    LotRow row = locked(id);
    Instant at = ledger.happened(write);
    ColdPlaceView place = equipment.coldPlace(write.placeId());
    boolean freezer = place.kind() == ColdKind.FREEZER;
    boolean wasFrozen = LotViews.dates(row).isFrozen();
    if (freezer && row.thawedOn() != null) {
      throw new ConflictException(
          "What has thawed is not frozen again.", "Use it by its date, or cook it into something.");
    }
    LocalDate frozen = freezer && row.frozenOn() == null ? ledger.day(at) : row.frozenOn();
    LocalDate thawed = !freezer && wasFrozen ? ledger.day(at) : row.thawedOn();
    ledger.append(id, write.id(), Kind.MOVED, at, null, null, place.name(), actor);
    mapper.move(id, place.id(), frozen, thawed);
    return ledger.row(id);
  }

  /** Takes some for a batch or a dish. */
  @Write
  public LotView use(UUID id, LotWrites.Use write, Actor actor) {
    return ledger.once(write, "lot/" + id, () -> used(id, write, actor));
  }

  private LotRow used(UUID id, LotWrites.Use write, Actor actor) {
    if (write.batchId() == null && write.dish().isBlank()) {
      throw new InvalidInput(
          "dish",
          "missing",
          "What it was used for is not said.",
          "a dish or a batch",
          "Write the dish, such as 'baked pasta, Thursday'.");
    }
    UUID batch = write.batchId();
    if (batch != null) {
      batches.hold(batch);
    }
    LotRow row = locked(id);
    Instant at = ledger.happened(write);
    ledger.requireInDate(row, at);
    double kilograms = taken(row, "massKilograms", write.massKilograms(), write.massText());
    ledger.append(id, write.id(), Kind.USED, at, kilograms, batch, write.dish().strip(), actor);
    ledger.leave(row, kilograms, at);
    if (batch != null) {
      intoThePot(row, batch, kilograms, write, actor);
    }
    return ledger.row(id);
  }

  /** The pot takes it up as it is: with its water, salt and taste, as cold as it stood. */
  private void intoThePot(
      LotRow row, UUID batch, double kilograms, LotWrites.Use write, Actor actor) {
    double celsius = Math.max(0, equipment.coldPlace(row.placeId()).celsius());
    batches.recordWithin(
        batch,
        new Writes.Add(
            LotLedger.inThePot(write.id()), Tubs.key(row), kilograms, celsius, "", write.stamp()),
        actor);
  }

  private double taken(LotRow row, String field, double kilograms, String text) {
    agree(field, text, kitchens.massText("kg"), kilograms);
    Require.positive(field, kilograms, "kg");
    if (kilograms > row.massKilograms() + LotLedger.CRUMB_KILOGRAMS) {
      throw new InvalidInput(
          field,
          "more-than-there-is",
          String.format("There are only %.2f kg of it left.", row.massKilograms()),
          String.format("%.2f kg or less", row.massKilograms()),
          "Take less, or the rest from the next lot.");
    }
    return Math.min(kilograms, row.massKilograms());
  }

  /** Parts a lot in two; both keep their dates. */
  @Write
  public LotView split(UUID id, LotWrites.Split write, Actor actor) {
    return ledger.once(write, "lot/" + id, () -> parted(id, write, actor));
  }

  private LotRow parted(UUID id, LotWrites.Split write, Actor actor) {
    LotRow row = locked(id);
    Instant at = ledger.happened(write);
    double kilograms = taken(row, "massKilograms", write.massKilograms(), write.massText());
    if (kilograms > row.massKilograms() - LotLedger.CRUMB_KILOGRAMS) {
      throw new InvalidInput(
          "massKilograms",
          "all-of-it",
          "Nothing would be left of the first.",
          String.format("less than %.2f kg", row.massKilograms()),
          "Move the lot instead.");
    }
    LotRow part = part(row, write.id(), kilograms, row.placeId());
    mapper.put(part);
    mapper.link(new LinkRow(id, part.id(), kilograms));
    ledger.append(id, UUID.randomUUID(), Kind.SPLIT, at, kilograms, null, part.code(), actor);
    ledger.leave(row, kilograms, at);
    ledger.append(
        part.id(), write.id(), Kind.PUT_AWAY, at, kilograms, null, "from " + row.code(), actor);
    return write.placeId().equals(row.placeId())
        ? part
        : moved(
            part.id(),
            new LotWrites.Move(LotLedger.placed(part.id()), write.placeId(), write.stamp()),
            actor);
  }

  private LotRow part(LotRow of, UUID id, double kilograms, UUID place) {
    return new LotRow(
        id,
        ledger.code(id),
        of.name(),
        of.formulaId(),
        of.batchId(),
        of.keepingId(),
        of.madeOn(),
        of.kind(),
        of.allergens(),
        of.declaration(),
        kilograms,
        kilograms,
        of.tubLiters(),
        of.eachKilograms(),
        place,
        of.frozenOn(),
        of.thawedOn(),
        null,
        null,
        of.unfinished());
  }

  /** Lots of one sauce become one, as old as the oldest. */
  @Write
  public LotView merge(LotWrites.Merge write, Actor actor) {
    return ledger.once(write, "lot", () -> merged(write, actor));
  }

  private LotRow merged(LotWrites.Merge write, Actor actor) {
    Set<UUID> ids = new HashSet<>(write.lotIds());
    // As the database sorts them: by their bytes, and not by two signed numbers.
    List<LotRow> rows =
        ids.stream().sorted(Comparator.comparing(UUID::toString)).map(this::locked).toList();
    LotRow first = rows.get(0);
    boolean alike =
        rows.size() >= 2
            && rows.stream()
                .allMatch(
                    row ->
                        row.formulaId().equals(first.formulaId())
                            && goesOnAs(row).equals(goesOnAs(first))
                            && LotViews.dates(row).isFrozen() == LotViews.dates(first).isFrozen());
    if (!alike) {
      throw new InvalidInput(
          "lotIds",
          "unlike",
          "Only two or more lots of one sauce, kept alike, become one.",
          "lots of one formula, all chilled or all frozen",
          "Choose others, or leave them apart.");
    }
    Instant at = ledger.happened(write);
    LotRow oldest = rows.stream().min(Comparator.comparing(this::daysLeft)).orElseThrow();
    double kilograms = rows.stream().mapToDouble(LotRow::massKilograms).sum();
    LotRow all = part(oldest, write.id(), kilograms, oldest.placeId());
    mapper.put(all);
    declarations.declare(
        all.id(), rows.stream().map(declarations::of).reduce(Declaration::and).orElseThrow());
    List<String> codes = new ArrayList<>();
    for (LotRow row : rows) {
      mapper.link(new LinkRow(row.id(), all.id(), row.massKilograms()));
      ledger.append(
          row.id(),
          UUID.randomUUID(),
          Kind.MERGED,
          at,
          row.massKilograms(),
          null,
          all.code(),
          actor);
      mapper.leave(row.id(), 0, at);
      codes.add(row.code());
    }
    ledger.append(
        all.id(),
        write.id(),
        Kind.PUT_AWAY,
        at,
        kilograms,
        null,
        "from " + String.join(", ", codes),
        actor);
    return all;
  }

  /** What is not done is only joined with more of the same batch. */
  private static Optional<UUID> goesOnAs(LotRow row) {
    return row.unfinished() ? Optional.ofNullable(row.batchId()) : Optional.empty();
  }

  private int daysLeft(LotRow row) {
    return LotViews.dates(row).daysLeft(rules.inForce(), views.today());
  }

  /** Throws away what is left. */
  @Write
  public LotView discard(UUID id, LotWrites.Discard write, Actor actor) {
    if (write.reason().isBlank()) {
      throw new InvalidInput(
          "reason",
          "no-reason",
          "What is thrown away needs its reason.",
          "a few words",
          "Write why, such as 'past its date'.");
    }
    return ledger.once(
        write,
        "lot/" + id,
        () -> {
          LotRow row = locked(id);
          Instant at = ledger.happened(write);
          ledger.append(
              id,
              write.id(),
              Kind.DISCARDED,
              at,
              row.massKilograms(),
              null,
              write.reason().strip(),
              actor);
          mapper.leave(id, 0, at);
          return row;
        });
  }

  /** Notes that the tubs have new labels, which say what is in them. */
  @Write
  public LotView relabelled(UUID id, Actor actor) {
    LotRow row = locked(id);
    declarations.declare(id, declarations.of(row));
    return view(id);
  }

  /** When it is wanted thawed. */
  @Write
  public LotView want(UUID id, LotWrites.WantedAt wanted, Actor actor) {
    locked(id);
    mapper.want(id, wanted.at());
    return view(id);
  }
}
