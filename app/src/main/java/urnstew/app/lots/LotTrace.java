package urnstew.app.lots;

import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.lots.LotMapper.BatchName;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LinkRow;
import urnstew.app.lots.LotMapper.LotEventRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotMapper.SourceRow;
import urnstew.app.lots.LotView.TraceStep;
import urnstew.app.lots.LotView.TraceView;
import urnstew.app.platform.Actor;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.app.rules.RuleService;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.rules.Limit;

/** From can and tag to dish, and back. */
@Service
public class LotTrace {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private final LotMapper mapper;
  private final FormulaShelf shelf;
  private final RuleService rules;
  private final LotLedger ledger;
  private final IdempotencyStore writes;
  private final Clock clock;

  LotTrace(
      LotMapper mapper,
      FormulaShelf shelf,
      RuleService rules,
      LotLedger ledger,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.shelf = shelf;
    this.rules = rules;
    this.ledger = ledger;
    this.writes = writes;
    this.clock = clock;
  }

  /** Notes what went into a batch, once. */
  @Write
  public List<TraceStep> addSource(UUID batchId, LotWrites.Source write, Actor actor) {
    String ingredient = shelf.ingredient(write.ingredientId()).id();
    batch(batchId);
    writes.once(
        write.id(),
        "source/" + batchId,
        write,
        () ->
            mapper.source(
                new SourceRow(
                    write.id(),
                    batchId,
                    ingredient,
                    write.stockId(),
                    write.code().strip(),
                    clock.instant(),
                    actor.name())));
    return sources(batchId);
  }

  /** What went into a batch. */
  @Transactional(readOnly = true)
  public List<TraceStep> sources(UUID batchId) {
    return mapper.sources(batchId).stream().map(this::step).toList();
  }

  /** Where a lot came from, and where it went. */
  @Transactional(readOnly = true)
  public TraceView ofLot(UUID id) {
    LotRow row = mapper.find(id).orElseThrow(() -> new NotFoundException("lot", id));
    Map<UUID, TraceStep> from = new LinkedHashMap<>();
    List<LotRow> before =
        mapper.ancestors(id).stream().map(LinkRow::fromId).distinct().map(this::lot).toList();
    before.forEach(lot -> from.putIfAbsent(lot.id(), step(lot)));
    Set<UUID> batches = new LinkedHashSet<>();
    Stream.concat(Stream.of(row), before.stream())
        .map(LotRow::batchId)
        .filter(batch -> batch != null)
        .forEach(batches::add);
    List<TraceStep> sources = new ArrayList<>();
    for (UUID batch : batches) {
      upwards(batch, from, sources);
    }
    List<TraceStep> all = new ArrayList<>(from.values());
    all.addAll(sources);
    return new TraceView(all, downwards(row));
  }

  /** A batch, what went into it, and the lots that were used in it. */
  private void upwards(UUID batch, Map<UUID, TraceStep> from, List<TraceStep> sources) {
    if (from.putIfAbsent(batch, step(batch(batch))) != null) {
      return;
    }
    sources.addAll(sources(batch));
    for (LotEventRow used : mapper.usedIn(batch)) {
      LotRow lot = lot(used.lotId());
      from.putIfAbsent(lot.id(), step(lot));
      UUID earlier = lot.batchId();
      if (earlier != null) {
        upwards(earlier, from, sources);
      }
    }
  }

  /** Every batch, lot and dish that something with this code may be in: a recall list. */
  @Transactional(readOnly = true)
  public List<TraceStep> recall(String code) {
    Map<UUID, TraceStep> found = new LinkedHashMap<>();
    List<TraceStep> dishes = new ArrayList<>();
    for (SourceRow source : mapper.sourcesByCode(code.strip())) {
      found.putIfAbsent(source.id(), step(source));
      onwards(source.batchId(), found, dishes);
    }
    List<TraceStep> all = new ArrayList<>(found.values());
    all.addAll(dishes);
    return all;
  }

  private void onwards(UUID batch, Map<UUID, TraceStep> found, List<TraceStep> dishes) {
    if (found.putIfAbsent(batch, step(batch(batch))) != null) {
      return;
    }
    for (LotRow lot : mapper.ofBatch(batch)) {
      onwards(lot, found, dishes);
    }
  }

  /** A lot, all that came out of it, also merged with others, and where each of them went. */
  private void onwards(LotRow lot, Map<UUID, TraceStep> found, List<TraceStep> dishes) {
    if (found.putIfAbsent(lot.id(), step(lot)) != null) {
      return;
    }
    for (LotEventRow event : mapper.events(lot.id())) {
      UUID next = event.batchId();
      if (event.kind() == Kind.USED && next != null) {
        onwards(next, found, dishes);
      } else if (event.kind() == Kind.USED) {
        dishes.add(dish(event));
      }
    }
    for (LinkRow link : mapper.cameOut(lot.id())) {
      onwards(lot(link.toId()), found, dishes);
    }
  }

  private List<TraceStep> downwards(LotRow lot) {
    Map<UUID, TraceStep> found = new LinkedHashMap<>();
    List<TraceStep> dishes = new ArrayList<>();
    onwards(lot, found, dishes);
    found.remove(lot.id());
    List<TraceStep> steps = new ArrayList<>(found.values());
    steps.addAll(dishes);
    return steps;
  }

  private LotRow lot(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("lot", id));
  }

  private BatchName batch(UUID id) {
    return mapper.batch(id).orElseThrow(() -> new NotFoundException("batch", id));
  }

  private TraceStep step(BatchName batch) {
    return new TraceStep(
        TraceStep.What.BATCH, batch.name(), batch.id(), "", batch.startedAt(), "batch");
  }

  private static TraceStep step(LotRow lot) {
    return new TraceStep(
        TraceStep.What.LOT,
        lot.name(),
        lot.id(),
        lot.code(),
        null,
        String.format(Locale.ROOT, "made %s", lot.madeOn()));
  }

  private TraceStep step(SourceRow source) {
    return new TraceStep(
        TraceStep.What.SOURCE,
        shelf.ingredient(source.ingredientId()).name(),
        null,
        source.code(),
        source.writtenAt(),
        keptTag(source));
  }

  /**
   * Tags of shellfish are kept for so many days from when the last of it was used; while some of it
   * is still in tubs that day is not known yet. What was typed after the cooking was not used up
   * before it was typed: the later day counts.
   */
  private String keptTag(SourceRow source) {
    if (shelf.ingredient(source.ingredientId()).kind() != IngredientKind.SHELLFISH) {
      return "";
    }
    Map<UUID, TraceStep> found = new LinkedHashMap<>();
    onwards(source.batchId(), found, new ArrayList<>());
    List<LotRow> lots =
        found.values().stream()
            .filter(step -> step.what() == TraceStep.What.LOT)
            .flatMap(step -> Stream.ofNullable(step.id()))
            .map(this::lot)
            .toList();
    Instant last =
        Stream.concat(
                Stream.of(batch(source.batchId()).startedAt(), source.writtenAt()),
                lots.stream()
                    .flatMap(lot -> mapper.events(lot.id()).stream())
                    .map(LotEventRow::happenedAt))
            .max(Comparator.naturalOrder())
            .orElseThrow();
    boolean left = lots.stream().anyMatch(lot -> lot.massKilograms() > 0);
    return rules
        .inForce()
        .find(Limit.TAG_DAYS)
        .map(days -> ledger.day(last).plusDays((long) days.value()))
        .map(
            day ->
                (left ? "some is in tubs: keep the tag past " : "keep the tag until ")
                    + DAY.format(day))
        .orElse("");
  }

  private static TraceStep dish(LotEventRow event) {
    return new TraceStep(TraceStep.What.DISH, event.what(), null, "", event.happenedAt(), "served");
  }
}
