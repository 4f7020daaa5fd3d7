package urnstew.app.lots;

import static urnstew.app.platform.Fields.agree;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.batch.BatchService;
import urnstew.app.batch.Writes;
import urnstew.app.keeping.KeepingService;
import urnstew.app.keeping.KeepingService.Finished;
import urnstew.app.kitchen.ColdKind;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LinkRow;
import urnstew.app.lots.LotMapper.LotEventRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotView.ReadyView;
import urnstew.app.lots.LotView.TubPreview;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Clash;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.Receipts;
import urnstew.app.rules.RuleService;
import urnstew.core.lot.FreezingFitness;
import urnstew.core.lot.Frozen;
import urnstew.core.lot.LotDates;
import urnstew.core.lot.TubFill;
import urnstew.core.lot.TubShape;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.Volume;

/** Tubs: filled, moved, used, parted, thrown away. */
@Service
public class LotService {
  private static final double CRUMB_KILOGRAMS = 0.005;

  /** Odd and without a pattern, so that near identities give unlike codes. */
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  private final LotMapper mapper;
  private final LotViews views;
  private final KeepingService keepings;
  private final BatchService batches;
  private final EquipmentService equipment;
  private final KitchenService kitchens;
  private final RuleService rules;
  private final Receipts receipts;
  private final JsonMapper json;
  private final Clock clock;

  LotService(
      LotMapper mapper,
      LotViews views,
      KeepingService keepings,
      BatchService batches,
      EquipmentService equipment,
      KitchenService kitchens,
      RuleService rules,
      Receipts receipts,
      JsonMapper json,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.keepings = keepings;
    this.batches = batches;
    this.equipment = equipment;
    this.kitchens = kitchens;
    this.rules = rules;
    this.receipts = receipts;
    this.json = json;
    this.clock = clock;
  }

  /** All that is there, what must be used first at the top. */
  @Transactional(readOnly = true)
  public List<LotView> open() {
    return views.open();
  }

  /** One lot. */
  @Transactional(readOnly = true)
  public LotView view(UUID id) {
    return views.of(row(id));
  }

  private LotRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotThere("lot", id));
  }

  private LotRow locked(UUID id) {
    LotRow row = mapper.lock(id).orElseThrow(() -> new NotThere("lot", id));
    if (row.closedAt() != null) {
      throw new Clash("Nothing is left of this lot.", "Look up its history.");
    }
    return row;
  }

  /** What is there of a formula, as far as it is wanted. */
  @Transactional(readOnly = true)
  public ReadyView ready(String formulaId, double wantedKilograms) {
    return views.ready(
        formulaId, new Mass(Require.notNegative("kilograms", wantedKilograms, "kg")));
  }

  /** How many tubs it takes, how long they freeze, and until when they are good. */
  @Transactional(readOnly = true)
  public TubPreview preview(LotWrites.PutAway write) {
    Finished finished = keepings.finished(write.keepingId(), write.what(), clock.instant());
    ColdPlaceView place = equipment.coldPlace(write.placeId());
    boolean freezer = place.kind() == ColdKind.FREEZER;
    TubShape tub = tub(write);
    TubFill fill = TubFill.of(finished.contents(), finished.contents().total(), tub, freezer);
    FreezingFitness fitness = views.fitness(finished.formulaId());
    LocalDate today = views.today();
    return new TubPreview(
        fill.tubs(),
        fill.each().cubicMeters(),
        fill.last().cubicMeters(),
        freezer ? views.freezing(new Frozen(finished.contents(), tub), place).toSeconds() : 0,
        LotDates.madeOn(finished.madeOn()).useBy(rules.inForce()).orElse(today),
        freezer ? today.plusMonths(fitness.months()) : null,
        fitness.fitness(),
        fitness.says());
  }

  private static TubShape tub(LotWrites.PutAway write) {
    double cubic = Require.within("tubCubicMeters", write.tubCubicMeters(), 5e-5, 0.03, "m³");
    return TubShape.ofVolume(new Volume(cubic));
  }

  /** Fills tubs, once; a cooling that is over is closed by it. */
  @Transactional
  public LotView putAway(LotWrites.PutAway write) {
    return once(write, "lot", () -> filled(write));
  }

  private LotView filled(LotWrites.PutAway write) {
    Instant at = happened(write);
    Finished finished = keepings.finished(write.keepingId(), write.what(), at);
    ColdPlaceView place = equipment.coldPlace(write.placeId());
    boolean freezer = place.kind() == ColdKind.FREEZER;
    TubShape tub = tub(write);
    Composition contents = finished.contents();
    TubFill fill = TubFill.of(contents, contents.total(), tub, freezer);
    double kilograms = contents.total().kilograms();
    double each = kilograms * fill.each().cubicMeters() / all(fill);
    UUID keeping = write.keepingId();
    if (keeping != null) {
      keepings.putAway(keeping, at);
    }
    LotRow row =
        new LotRow(
            write.id(),
            code(write.id()),
            finished.name(),
            finished.formulaId(),
            finished.batchId(),
            keeping,
            finished.madeOn(),
            json.writeValueAsString(contents.times(1 / kilograms)),
            finished.allergens(),
            kilograms,
            kilograms,
            tub.capacity().liters(),
            each,
            place.id(),
            freezer ? day(at) : null,
            null,
            null,
            null);
    mapper.put(row);
    append(row.id(), write.id(), Kind.PUT_AWAY, at, kilograms, null, place.name());
    return views.of(row(row.id()));
  }

  private static double all(TubFill fill) {
    return fill.full() * fill.each().cubicMeters() + fill.last().cubicMeters();
  }

  /** Five signs that can be read aloud; longer where they are taken. */
  private String code(UUID id) {
    long mixed = (id.getLeastSignificantBits() ^ id.getMostSignificantBits()) * SPREAD;
    String signs = Signs.of(mixed >>> 16);
    for (int length = 5; length <= signs.length(); length++) {
      String code = signs.substring(0, length);
      if (!mapper.taken(code)) {
        return code;
      }
    }
    throw new Clash("No code is free for this lot.", "Send it again under a new identity.");
  }

  private static final class Signs {
    private static final String READABLE = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
    private static final int LONGEST = 8;

    private static String of(long bits) {
      StringBuilder signs = new StringBuilder();
      for (int i = 0; i < LONGEST; i++) {
        signs.append(READABLE.charAt((int) ((bits >>> (5 * i)) & 31)));
      }
      return signs.toString();
    }
  }

  /** To another place; out of the freezer it thaws, and is not frozen again. */
  @Transactional
  public LotView move(UUID id, LotWrites.Move write) {
    return once(write, "lot/" + id, () -> moved(id, write));
  }

  private LotView moved(UUID id, LotWrites.Move write) {
    LotRow row = locked(id);
    Instant at = happened(write);
    ColdPlaceView place = equipment.coldPlace(write.placeId());
    boolean freezer = place.kind() == ColdKind.FREEZER;
    boolean wasFrozen = LotViews.dates(row).isFrozen();
    if (freezer && row.thawedOn() != null) {
      throw new Clash(
          "What has thawed is not frozen again.", "Use it by its date, or cook it into something.");
    }
    LocalDate frozen = freezer && row.frozenOn() == null ? day(at) : row.frozenOn();
    LocalDate thawed = !freezer && wasFrozen ? day(at) : row.thawedOn();
    mapper.move(id, place.id(), frozen, thawed);
    append(id, write.id(), Kind.MOVED, at, null, null, place.name());
    return view(id);
  }

  /** Takes some for a batch or a dish. */
  @Transactional
  public LotView use(UUID id, LotWrites.Use write) {
    return once(write, "lot/" + id, () -> used(id, write));
  }

  private LotView used(UUID id, LotWrites.Use write) {
    if (write.batchId() == null && write.dish().isBlank()) {
      throw new InvalidInput(
          "dish",
          "missing",
          "What it was used for is not said.",
          "a dish or a batch",
          "Write the dish, such as 'baked pasta, Thursday'.");
    }
    LotRow row = locked(id);
    requireInDate(row);
    Instant at = happened(write);
    double kilograms = taken(row, "massKilograms", write.massKilograms(), write.massText());
    leave(row, kilograms, at);
    append(id, write.id(), Kind.USED, at, kilograms, write.batchId(), write.dish().strip());
    return view(id);
  }

  /** The pot takes it up as it is: with its water, salt and taste, as cold as it stood. */
  private void intoThePot(LotRow row, UUID batch, double kilograms, LotWrites.Use write) {
    double celsius = Math.max(0, equipment.coldPlace(row.placeId()).celsius());
    batches.record(
        batch,
        new Writes.Add(
            UUID.nameUUIDFromBytes(("pot/" + write.id()).getBytes(StandardCharsets.UTF_8)),
            Tubs.key(row),
            kilograms,
            celsius,
            "",
            write.stamp()),
        Actor.KITCHEN);
  }

  private void requireInDate(LotRow row) {
    int left = LotViews.dates(row).daysLeft(rules.inForce(), views.today());
    if (left <= 0) {
      throw new Clash(
          "By " + rules.inForce().name() + " the date of this lot is past.",
          "Throw it away, with the reason.");
    }
  }

  private double taken(LotRow row, String field, double kilograms, String text) {
    agree(field, text, kitchens.massText("kg"), kilograms);
    Require.positive(field, kilograms, "kg");
    if (kilograms > row.massKilograms() + CRUMB_KILOGRAMS) {
      throw new InvalidInput(
          field,
          "more-than-there-is",
          String.format("There are only %.2f kg of it left.", row.massKilograms()),
          String.format("%.2f kg or less", row.massKilograms()),
          "Take less, or the rest from the next lot.");
    }
    return Math.min(kilograms, row.massKilograms());
  }

  private void leave(LotRow row, double taken, Instant at) {
    double left = row.massKilograms() - taken;
    mapper.leave(row.id(), left < CRUMB_KILOGRAMS ? 0 : left, at);
  }

  /** Parts a lot in two; both keep their dates. */
  @Transactional
  public LotView split(UUID id, LotWrites.Split write) {
    return once(write, "lot/" + id, () -> parted(id, write));
  }

  private LotView parted(UUID id, LotWrites.Split write) {
    LotRow row = locked(id);
    Instant at = happened(write);
    double kilograms = taken(row, "massKilograms", write.massKilograms(), write.massText());
    if (kilograms > row.massKilograms() - CRUMB_KILOGRAMS) {
      throw new InvalidInput(
          "massKilograms",
          "all-of-it",
          "Nothing would be left of the first.",
          String.format("less than %.2f kg", row.massKilograms()),
          "Move the lot instead.");
    }
    leave(row, kilograms, at);
    LotRow part = part(row, write.id(), kilograms, row.placeId());
    mapper.put(part);
    mapper.link(new LinkRow(id, part.id(), kilograms));
    append(id, UUID.randomUUID(), Kind.SPLIT, at, kilograms, null, part.code());
    append(part.id(), write.id(), Kind.PUT_AWAY, at, kilograms, null, "from " + row.code());
    return write.placeId().equals(row.placeId())
        ? view(part.id())
        : moved(part.id(), new LotWrites.Move(UUID.randomUUID(), write.placeId(), write.stamp()));
  }

  private LotRow part(LotRow of, UUID id, double kilograms, UUID place) {
    return new LotRow(
        id,
        code(id),
        of.name(),
        of.formulaId(),
        of.batchId(),
        of.keepingId(),
        of.madeOn(),
        of.kind(),
        of.allergens(),
        kilograms,
        kilograms,
        of.tubLiters(),
        of.eachKilograms(),
        place,
        of.frozenOn(),
        of.thawedOn(),
        null,
        null);
  }

  /** Lots of one sauce become one, as old as the oldest. */
  @Transactional
  public LotView merge(LotWrites.Merge write) {
    return once(write, "lot", () -> merged(write));
  }

  private LotView merged(LotWrites.Merge write) {
    Set<UUID> ids = new HashSet<>(write.lotIds());
    List<LotRow> rows = ids.stream().sorted().map(this::locked).toList();
    LotRow first = rows.get(0);
    boolean alike =
        rows.size() >= 2
            && rows.stream()
                .allMatch(
                    row ->
                        row.formulaId().equals(first.formulaId())
                            && LotViews.dates(row).isFrozen() == LotViews.dates(first).isFrozen());
    if (!alike) {
      throw new InvalidInput(
          "lotIds",
          "unlike",
          "Only two or more lots of one sauce, kept alike, become one.",
          "lots of one formula, all chilled or all frozen",
          "Choose others, or leave them apart.");
    }
    Instant at = happened(write);
    LotRow oldest = rows.stream().min(Comparator.comparing(this::daysLeft)).orElseThrow();
    double kilograms = rows.stream().mapToDouble(LotRow::massKilograms).sum();
    LotRow all = part(oldest, write.id(), kilograms, oldest.placeId());
    mapper.put(all);
    List<String> codes = new ArrayList<>();
    for (LotRow row : rows) {
      mapper.link(new LinkRow(row.id(), all.id(), row.massKilograms()));
      mapper.leave(row.id(), 0, at);
      append(row.id(), UUID.randomUUID(), Kind.MERGED, at, row.massKilograms(), null, all.code());
      codes.add(row.code());
    }
    append(
        all.id(),
        write.id(),
        Kind.PUT_AWAY,
        at,
        kilograms,
        null,
        "from " + String.join(", ", codes));
    return view(all.id());
  }

  private int daysLeft(LotRow row) {
    return LotViews.dates(row).daysLeft(rules.inForce(), views.today());
  }

  /** Throws away what is left. */
  @Transactional
  public LotView discard(UUID id, LotWrites.Discard write) {
    if (write.reason().isBlank()) {
      throw new InvalidInput(
          "reason",
          "no-reason",
          "What is thrown away needs its reason.",
          "a few words",
          "Write why, such as 'past its date'.");
    }
    return once(
        write,
        "lot/" + id,
        () -> {
          LotRow row = locked(id);
          Instant at = happened(write);
          append(
              id,
              write.id(),
              Kind.DISCARDED,
              at,
              row.massKilograms(),
              null,
              write.reason().strip());
          mapper.leave(id, 0, at);
          return view(id);
        });
  }

  /** When it is wanted thawed. */
  @Transactional
  public LotView want(UUID id, LotWrites.WantedAt wanted) {
    locked(id);
    mapper.want(id, wanted.at());
    return view(id);
  }

  private void append(
      UUID lot,
      UUID id,
      Kind kind,
      Instant at,
      @Nullable Double kilograms,
      @Nullable UUID batch,
      String what) {
    mapper.append(
        new LotEventRow(lot, 0, id, kind, at, Actor.KITCHEN.name(), kilograms, batch, what));
  }

  private Instant happened(LotWrites.Timed write) {
    return write.stamp().happened(clock.instant(), kitchens.settings().zoneId());
  }

  private LocalDate day(Instant at) {
    return LocalDate.ofInstant(at, kitchens.settings().zoneId());
  }

  private LotView once(LotWrites.Timed write, String scope, Supplier<LotView> what) {
    ObjectNode tree = json.valueToTree(write);
    ((ObjectNode) tree.get("stamp")).remove("sentAt");
    UUID written = receipts.once(write.id(), scope, tree, UUID.class, () -> what.get().id());
    return view(written);
  }
}
