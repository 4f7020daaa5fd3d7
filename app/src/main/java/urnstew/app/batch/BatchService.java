package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.BatchMapper.Listed;
import urnstew.app.batch.BatchView.BrokenPot;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.OnStove;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.occupancy.HolderEnds;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.OneByOne;
import urnstew.app.platform.Tagged;
import urnstew.app.print.Printed;
import urnstew.app.task.TaskSource;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.StageTime;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.task.Task;

/** Batches as they stand, and what happened to them. */
@Service
public class BatchService implements TaskSource, HolderEnds {
  /** So many batches say how long a stage takes here. */
  private static final int LEARNT_FROM = 8;

  private static final Optional<Leaves> NOT_KNOWN = Optional.empty();

  private final BatchMapper batches;
  private final BatchViews views;
  private final BatchHistories histories;
  private final KitchenService kitchens;
  private final Clock clock;

  BatchService(
      BatchMapper batches,
      BatchViews views,
      BatchHistories histories,
      KitchenService kitchens,
      Clock clock) {
    this.batches = batches;
    this.views = views;
    this.histories = histories;
    this.kitchens = kitchens;
    this.clock = clock;
  }

  /** All batches on the stove that can be shown, the newest first. */
  public Tagged<List<OnStove>> onStove() {
    List<Listed> rows = batches.byStatus(Status.SIMMERING);
    List<Shown> shown = shown(rows);
    return new Tagged<>(
        List.of(rows, shown.stream().flatMap(one -> one.broken().stream()).toList()),
        shown.stream().flatMap(one -> one.pot().stream()).toList());
  }

  /** Whether it was lit and not unlit again. */
  public boolean isThere(UUID id) {
    return batches.listed(id).isPresent();
  }

  /** What was lit of a formula in a pot since a moment, the first first. */
  public List<UUID> lit(String formulaId, UUID vesselId, Instant since) {
    return batches.lit(formulaId, vesselId, since);
  }

  /** Pots that cannot be shown, and why. */
  public List<BrokenPot> broken() {
    return shown(batches.byStatus(Status.SIMMERING)).stream()
        .flatMap(one -> one.broken().stream())
        .toList();
  }

  /** What all pots ask for; of one that cannot be shown, that somebody looks at it. */
  @Override
  public List<Task> tasks(Instant now) {
    return OneByOne.all(
        batches.byStatus(Status.SIMMERING),
        one -> views.asked(one, this::present).tasks(),
        one -> List.of(BatchTasks.look(one)));
  }

  /** A pot is free once it is thick enough. */
  @Override
  public Optional<Leaves> leaves(UUID holder, Instant now) {
    return batches
        .listed(holder)
        .flatMap(
            one ->
                OneByOne.of(
                        List.of(one),
                        pot -> views.asked(pot, this::present).leaves(),
                        (pot, fault) -> NOT_KNOWN)
                    .get(0));
  }

  /** A pot as it is shown, or what is wrong with it. */
  private record Shown(Optional<OnStove> pot, Optional<BrokenPot> broken) {}

  private List<Shown> shown(List<Listed> rows) {
    return OneByOne.of(
        rows,
        one -> new Shown(Optional.of(views.onStove(one, this::present)), Optional.empty()),
        (one, fault) -> new Shown(Optional.empty(), Optional.of(BatchViews.broken(one, fault))));
  }

  /** One batch with its history. */
  @Transactional(readOnly = true)
  public BatchView view(UUID id) {
    return page(id).value();
  }

  /** The same, and what it follows from. */
  @Transactional(readOnly = true)
  public Tagged<BatchView> page(UUID id) {
    Listed one = batches.listed(id).orElseThrow(() -> new NotFoundException("batch", id));
    BatchView view = views.view(one, this::present);
    return new Tagged<>(List.of(one, view.pieces()), view);
  }

  /** What happened to one before a sequence number, a page of it. */
  @Transactional(readOnly = true)
  public List<EventView> eventsBefore(UUID id, int sequence) {
    return views.before(present(id), sequence);
  }

  /** The readings of one as a table. */
  @Transactional(readOnly = true)
  public String readings(UUID id) {
    return ReadingsCsv.write(views.events(present(id)));
  }

  /** What one was started with. */
  @Transactional(readOnly = true)
  public BatchSnapshot snapshot(UUID id) {
    return BatchDocuments.SNAPSHOT.read(present(id).snapshot());
  }

  /** How many it serves, as its page tells. */
  @Transactional(readOnly = true)
  public double portions(UUID id) {
    return BatchDocuments.FORECAST.read(present(id).forecast()).portions();
  }

  /** One batch as the core knows it. */
  @Transactional(readOnly = true)
  public BatchHistory history(UUID id) {
    return histories.of(present(id));
  }

  /** The same without its readings, of which there can be thousands. */
  @Transactional(readOnly = true)
  public BatchHistory acts(UUID id) {
    return histories.acts(present(id));
  }

  /** How long stages of a formula took, in the middle of the last times that somebody said so. */
  @Transactional(readOnly = true)
  public List<StageTimeView> stageTimes(String formulaId) {
    Map<String, List<Long>> took = new LinkedHashMap<>();
    batches.lastOf(formulaId, BatchSnapshot.MODEL_VERSION, LEARNT_FROM).stream()
        .flatMap(row -> StageTime.of(histories.acts(row)).stream())
        .forEach(
            time ->
                took.computeIfAbsent(time.title(), none -> new ArrayList<>())
                    .add(time.took().toSeconds()));
    return took.entrySet().stream().map(StageTimeView::of).toList();
  }

  private BatchRow present(UUID id) {
    BatchRow row = batches.find(id).orElseThrow(() -> new NotFoundException("batch", id));
    if (!BatchSnapshot.reads(row.modelVersion())) {
      throw new ConflictException(
          "This batch was cooked with an earlier model of the pot.", "Look it up in the logbook.");
    }
    return row;
  }

  /** Everything about one pot as a page to print. */
  @Transactional(readOnly = true)
  public byte[] handOver(UUID id) {
    KitchenSettings kitchen = kitchens.settings();
    Printed printed = kitchen.printed();
    return new HandOverPrint(view(id), printed, clock.instant()).pdf();
  }
}
