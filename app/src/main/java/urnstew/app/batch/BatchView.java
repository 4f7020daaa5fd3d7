package urnstew.app.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.DeclarationView;
import urnstew.app.kitchen.ShapeKind;
import urnstew.app.plan.CurvePoint;
import urnstew.app.plan.HeatingChoice;
import urnstew.app.plan.PlanView;
import urnstew.app.task.TaskView;
import urnstew.core.batch.BatchLine;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.batch.NextStep;
import urnstew.core.batch.PiecesInPot;
import urnstew.core.correction.Advisor;
import urnstew.core.explain.Working;
import urnstew.core.formula.School;
import urnstew.core.formula.StageRole;
import urnstew.core.kitchen.RectangularShape;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Lid;
import urnstew.units.Mass;

/** A batch as the screens see it. */
public record BatchView(
    UUID id,
    String name,
    String formulaId,
    List<School> schools,
    Status status,
    Instant startedAt,
    int timeScale,
    PotView pot,
    List<PieceView> pieces,
    PlanView planned,
    ForecastView asPlanned,
    ForecastView forecast,
    DeclarationView declaration,
    boolean simmerConfirmed,
    List<TaskView> tasks,
    List<ToDoView> toDo,
    List<EventView> events,
    boolean earlierEvents,
    @Nullable EndView end) {

  /** The same with what is in it by now. */
  BatchView with(List<PieceView> inIt) {
    return new BatchView(
        id,
        name,
        formulaId,
        schools,
        status,
        startedAt,
        timeScale,
        pot,
        inIt,
        planned,
        asPlanned,
        forecast,
        declaration,
        simmerConfirmed,
        tasks,
        toDo,
        events,
        earlierEvents,
        end);
  }

  /** A batch as the stove and the day show it, among others. */
  public record OnStove(
      UUID id,
      String name,
      PotView pot,
      Instant simmerStartedAt,
      @Nullable Instant thickAt,
      List<CurvePoint> likely) {}

  /**
   * Pieces that are in it.
   *
   * @param comesOut whether they are lifted out whole: steaks, shells, thighs, the halved onion
   */
  public record PieceView(String ingredientId, String name, boolean comesOut) {
    static List<PieceView> of(PiecesInPot pieces) {
      return pieces.all().stream()
          .map(one -> new PieceView(one.ingredient().id(), one.ingredient().name(), one.comesOut()))
          .distinct()
          .toList();
    }
  }

  /** A pot that cannot be shown, and why; its others are. */
  public record BrokenPot(UUID id, String name, Instant startedAt, String fault) {}

  /** The pot as it stands now. */
  public record PotView(
      PotVesselView vessel,
      HeatingChoice heating,
      Lid lid,
      UUID heatSourceId,
      String heatSourceName,
      @Nullable Double targetSolidsFraction,
      @Nullable Double targetSpreadMeters) {}

  /** A vessel, drawn to scale. */
  public record PotVesselView(
      UUID id,
      String name,
      ShapeKind shape,
      double firstWidthMeters,
      double secondWidthMeters,
      double depthMeters,
      double emptyMassKilograms) {
    static PotVesselView of(Vessel vessel) {
      boolean round = vessel.shape() instanceof RoundShape;
      double first =
          vessel.shape() instanceof RoundShape r
              ? r.baseDiameter().meters()
              : ((RectangularShape) vessel.shape()).length().meters();
      double second =
          vessel.shape() instanceof RoundShape r
              ? r.topDiameter().meters()
              : ((RectangularShape) vessel.shape()).width().meters();
      return new PotVesselView(
          vessel.id(),
          vessel.name(),
          round ? ShapeKind.ROUND : ShapeKind.RECTANGULAR,
          first,
          second,
          vessel.shape().depth().meters(),
          vessel.emptyMass().kilograms());
    }
  }

  /** One line of the formula in this batch. */
  public record LineView(
      int line,
      String ingredientId,
      String name,
      String stage,
      String note,
      double plannedKilograms,
      double dueKilograms,
      @Nullable Double offeredKilograms,
      boolean poured,
      boolean later) {
    static LineView of(int index, BatchLine line) {
      return new LineView(
          index,
          line.portion().ingredient().id(),
          line.portion().ingredient().name(),
          line.portion().stageTitle(),
          line.portion().note(),
          line.portion().mass().kilograms(),
          line.due().kilograms(),
          line.offered().map(Mass::kilograms).orElse(null),
          line.poured().isPresent(),
          line.portion().role() == StageRole.FINISH || !line.portion().after().isZero());
    }
  }

  /** Something to be done. */
  public record StepView(
      String key,
      Instant at,
      NextStep.Kind kind,
      String what,
      String detail,
      double kilograms,
      @Nullable Double offeredKilograms,
      int line,
      boolean done,
      @Nullable Double doneFraction) {}

  /** The reading that would tell most. */
  public record AdviceView(
      Advisor.Kind kind, Instant at, double halfWidthSeconds, double narrowedSeconds) {}

  /** Something that happened. */
  public record EventView(
      UUID id,
      int sequence,
      EventRow.Kind kind,
      Instant happenedAt,
      String actor,
      String enteredText,
      ReadView read,
      @Nullable Double massKilograms,
      String what,
      boolean struckOut,
      boolean odd,
      String note) {}

  /** What was read: one of these, or none. */
  public record ReadView(
      @Nullable Double netKilograms,
      @Nullable Double depthMeters,
      @Nullable Double temperatureCelsius,
      @Nullable Double solubleFraction,
      @Nullable Double spreadMeters) {}

  /** How it ended. */
  public record EndView(
      Instant endedAt,
      @Nullable Double finalMassKilograms,
      @Nullable Long lateSeconds,
      String note,
      double reachedSolidsFraction,
      boolean stopped,
      List<Working> workings) {

    static EndView of(
        Instant endedAt,
        @Nullable String note,
        double reached,
        boolean stopped,
        BatchOutcome outcome) {
      return new EndView(
          endedAt,
          outcome.finalMass().map(Mass::kilograms).orElse(null),
          outcome.late().map(Duration::toSeconds).orElse(null),
          note == null ? "" : note,
          reached,
          stopped,
          outcome.workings());
    }
  }
}
