package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import urnstew.core.service.Brigade.Hand;
import urnstew.core.task.Task;

/**
 * A service as it was when it was started.
 *
 * @param from before which nothing begins
 * @param end by which all is over, late or not
 * @param hours at which plates go out
 * @param takeOuts what must be counted out before serving
 * @param hands cooks who were to be there
 * @param machines tools of which there is one
 * @param tasks all of them
 * @param pots sauces that are cooked in a pot of their own
 * @param learnt by how much hands were taken to need longer than is usual
 */
public record ServiceSetup(
    Instant from,
    Instant end,
    List<Hour> hours,
    List<TakeOut> takeOuts,
    List<Hand> hands,
    List<String> machines,
    List<Task> tasks,
    List<Pot> pots,
    List<Hands> learnt) {
  public ServiceSetup {
    hours = List.copyOf(hours);
    takeOuts = List.copyOf(takeOuts);
    hands = List.copyOf(hands);
    machines = List.copyOf(machines);
    tasks = List.copyOf(tasks);
    pots = List.copyOf(pots);
    learnt = List.copyOf(learnt);
  }

  /**
   * Hands in one kind of work.
   *
   * @param ratio of the time that they take to the usual
   * @param works that said so
   */
  public record Hands(Task.Kind kind, double ratio, int works) {}

  /**
   * Plates of a dish.
   *
   * @param until when the last of them go out; empty where all go out together
   */
  public record Hour(String dish, int covers, Instant at, Optional<Instant> until) {}

  /** Something that must come out of a dish. */
  public record TakeOut(String dish, String what) {}

  /**
   * A sauce in a pot.
   *
   * @param subjectId of its tasks
   * @param formulaId what is cooked
   */
  public record Pot(String subjectId, String formulaId, UUID vesselId) {}
}
