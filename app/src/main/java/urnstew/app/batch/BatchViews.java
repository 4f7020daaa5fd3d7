package urnstew.app.batch;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchMapper.Listed;
import urnstew.app.batch.BatchView.BrokenPot;
import urnstew.app.batch.BatchView.EndView;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.OnStove;
import urnstew.app.batch.BatchView.PieceView;
import urnstew.app.batch.BatchView.PotVesselView;
import urnstew.app.batch.BatchView.PotView;
import urnstew.app.batch.EventViews.Happened;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.formula.DeclarationView;
import urnstew.app.plan.CurvePoint;
import urnstew.app.plan.HeatingChoice;
import urnstew.app.plan.PlanView;
import urnstew.app.task.TaskView;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.batch.PiecesInPot;
import urnstew.core.correction.Target;
import urnstew.core.formula.Formula;
import urnstew.core.formula.School;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.task.Task;
import urnstew.units.Mass;

/** Puts a batch's row and events together for the screens. */
@Component
class BatchViews {
  private static final int PAGE = 60;

  /** Pots that stand on the stoves of one kitchen. */
  private static final int MOST_LISTED = 200;

  /** Pages of pots that tablets look at, each of some hundred kB. */
  private static final int MOST_SEEN = 40;

  /** Points of a fall that is drawn as small as a stamp. */
  private static final int STAMP_POINTS = 12;

  private final BatchMapper batches;
  private final BatchHistories histories;
  private final BatchDeclarations declarations;
  private final Clock clock;
  private final Cache<Listed, OnStove> listed =
      Caffeine.newBuilder().maximumSize(MOST_LISTED).build();

  private final Cache<Listed, Asked> asked = Caffeine.newBuilder().maximumSize(MOST_LISTED).build();

  private final Cache<Listed, Seen> seen = Caffeine.newBuilder().maximumSize(MOST_SEEN).build();

  BatchViews(
      BatchMapper batches, BatchHistories histories, BatchDeclarations declarations, Clock clock) {
    this.batches = batches;
    this.histories = histories;
    this.declarations = declarations;
    this.clock = clock;
  }

  /** A pot's page as it was last written to, and the acts by which it changes with the hour. */
  private record Seen(BatchView view, BatchHistory acts) {}

  BatchView view(Listed one, Function<UUID, BatchRow> row) {
    Seen known =
        Objects.requireNonNull(
            seen.get(one, missing -> seen(row.apply(missing.id()))), "a pot is computed");
    return known.view().with(PieceView.of(PiecesInPot.before(known.acts(), clock.instant())));
  }

  private Seen seen(BatchRow row) {
    BatchHistory acts = histories.acts(row);
    return new Seen(view(row, acts), acts);
  }

  private BatchView view(BatchRow row, BatchHistory acts) {
    Planned planned = BatchDocuments.PLANNED.read(row.planned());
    ForecastView forecast = BatchDocuments.FORECAST.read(row.forecast());
    Formula formula = acts.snapshot().inputs().formula().formula();
    BatchTasks.Told told = told(acts, forecast);
    List<TaskView> tasks = tasks(row, planned.plan(), forecast, told);
    List<EventView> latest = page(row, row.nextSequence(), acts, forecast);
    return new BatchView(
        row.id(),
        row.name(),
        formula.id(),
        schools(formula),
        row.status(),
        row.startedAt(),
        row.timeScale(),
        pot(acts),
        List.of(),
        planned.plan(),
        planned.forecast(),
        forecast,
        DeclarationView.of(declarations.of(row, acts)),
        told.simmer(),
        tasks,
        ToDoView.of(planned.plan(), forecast, tasks),
        latest,
        !latest.isEmpty() && latest.get(0).sequence() > 1,
        end(row, acts, forecast));
  }

  /** What it asks for; nothing off the heat. */
  private static List<TaskView> tasks(
      BatchRow row, PlanView plan, ForecastView forecast, BatchTasks.Told told) {
    if (row.status() != Status.SIMMERING) {
      return List.of();
    }
    BatchClock clock = new BatchClock(row.startedAt(), row.timeScale());
    return BatchTasks.of(row.id(), row.name(), clock, plan, forecast, told).stream()
        .map(TaskView::of)
        .toList();
  }

  /**
   * Without the plan and the history, of which lists have no need; as it was reckoned since the
   * last entry.
   */
  OnStove onStove(Listed one, Function<UUID, BatchRow> row) {
    return Objects.requireNonNull(
        listed.get(one, missing -> onStove(row.apply(missing.id()))), "a pot is computed");
  }

  private OnStove onStove(BatchRow row) {
    ForecastView forecast = BatchDocuments.FORECAST.read(row.forecast());
    return new OnStove(
        row.id(),
        row.name(),
        pot(histories.acts(row)),
        forecast.simmerStartedAt(),
        forecast.thickAt(),
        stamp(forecast.likely()));
  }

  /**
   * What a pot asks for.
   *
   * @param leaves when it is thick enough, and its place free; empty where it may never be
   */
  record Asked(List<Task> tasks, Optional<Leaves> leaves) {}

  /** What it asks for, as it was reckoned since the last entry. */
  Asked asked(Listed one, Function<UUID, BatchRow> row) {
    return Objects.requireNonNull(
        asked.get(one, missing -> asked(row.apply(missing.id()))), "a pot is computed");
  }

  private Asked asked(BatchRow row) {
    ForecastView forecast = BatchDocuments.FORECAST.read(row.forecast());
    Instant likely = forecast.thickAt();
    Instant latest = forecast.latest();
    return new Asked(
        BatchTasks.of(
            row.id(),
            row.name(),
            new BatchClock(row.startedAt(), row.timeScale()),
            BatchDocuments.PLANNED.read(row.planned()).plan(),
            forecast,
            told(histories.acts(row), forecast)),
        likely == null || latest == null
            ? Optional.empty()
            : Optional.of(new Leaves(likely, latest)));
  }

  private static BatchTasks.Told told(BatchHistory acts, ForecastView forecast) {
    return new BatchTasks.Told(
        forecast.readings() > 0 || !acts.counting(SimmerStarted.class).isEmpty(),
        acts.counting(StepDone.class).stream().map(StepDone::step).collect(Collectors.toSet()));
  }

  private static List<CurvePoint> stamp(List<CurvePoint> fall) {
    int last = fall.size() - 1;
    if (last < STAMP_POINTS) {
      return fall;
    }
    return IntStream.range(0, STAMP_POINTS)
        .map(i -> i * last / (STAMP_POINTS - 1))
        .distinct()
        .mapToObj(fall::get)
        .toList();
  }

  /** What stands for a pot that cannot be computed, with what is wrong. */
  static BrokenPot broken(Listed one, String fault) {
    return new BrokenPot(one.id(), one.name(), one.startedAt(), fault);
  }

  /** What happened before a sequence number, a page of it. */
  List<EventView> before(BatchRow row, int sequence) {
    return page(row, sequence, histories.acts(row), BatchDocuments.FORECAST.read(row.forecast()));
  }

  /** All entries of a batch. */
  List<EventView> events(BatchRow row) {
    return views(
        batches.events(row.id()),
        histories.acts(row),
        BatchDocuments.FORECAST.read(row.forecast()));
  }

  private List<EventView> page(BatchRow row, int before, BatchHistory acts, ForecastView forecast) {
    return views(batches.page(row.id(), before, PAGE), acts, forecast);
  }

  private List<EventView> views(List<EventRow> rows, BatchHistory acts, ForecastView forecast) {
    return EventViews.of(
        rows.stream()
            .map(each -> new Happened(each, BatchDocuments.EVENT.read(each.payload())))
            .toList(),
        acts,
        forecast.oddReadings());
  }

  /** The ways that it was made in: what of a formula belongs to a school, once ways are chosen. */
  private static List<School> schools(Formula formula) {
    return formula.stages().stream()
        .flatMap(
            stage ->
                Stream.concat(
                    stage.school().stream(),
                    stage.lines().stream().flatMap(line -> line.school().stream())))
        .distinct()
        .toList();
  }

  private static PotView pot(BatchHistory history) {
    SimmerSetting setting = history.setting();
    Target target = history.target();
    return new PotView(
        PotVesselView.of(setting.vessel()),
        HeatingChoice.of(setting.heating()),
        setting.lid(),
        setting.heatSource().id(),
        setting.heatSource().name(),
        target instanceof Target.Solids solids ? solids.share().value() : null,
        target instanceof Target.Plate plate ? plate.spread().meters() : null);
  }

  private static @Nullable EndView end(BatchRow row, BatchHistory acts, ForecastView forecast) {
    Instant endedAt = row.endedAt();
    if (endedAt == null) {
      return null;
    }
    BatchOutcome outcome =
        new BatchOutcome(
            Optional.ofNullable(row.plannedEnd()),
            endedAt,
            new Mass(row.plannedMassKilograms()),
            Optional.ofNullable(row.finalMassKilograms()).map(Mass::new),
            forecast.evaporationFactor(),
            forecast.readings());
    Double reached = row.reachedFraction();
    return EndView.of(
        endedAt,
        row.note(),
        reached == null ? forecast.equivalentSolidsFraction() : reached,
        acts.finished().filter(Finished::stopped).isPresent(),
        outcome);
  }
}
