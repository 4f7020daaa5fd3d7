package urnstew.core.balance;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import urnstew.core.balance.InPot.Part;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.StageRole;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is still to happen to a pot.
 *
 * @param target thickness to which it is reduced; empty where it stays as it is
 * @param onTheWay what goes in before it is as thick as that
 * @param finish what goes in after that
 * @param onThePlate cheese, pasta water and the like that meet it there
 * @param kilogramsPerHour water that leaves it; empty where nobody knows
 */
public record RemainingProcess(
    Optional<MassFraction> target,
    List<Part> onTheWay,
    List<Part> finish,
    List<Part> onThePlate,
    Optional<Double> kilogramsPerHour) {
  /** For a pot to which nothing more happens. */
  public static final RemainingProcess OVER =
      new RemainingProcess(Optional.empty(), List.of(), List.of(), List.of(), Optional.empty());

  public RemainingProcess {
    onTheWay = List.copyOf(onTheWay);
    finish = List.copyOf(finish);
    onThePlate = List.copyOf(onThePlate);
  }

  /**
   * Of a formula that is not begun: its finish, and what is held back of its seasoning for the
   * tasting.
   *
   * @param target thickness to which it is reduced; empty for a part
   * @param kilogramsPerHour water that will leave it; empty where nobody knows
   */
  public static RemainingProcess of(
      ResolvedFormula formula, Optional<MassFraction> target, Optional<Double> kilogramsPerHour) {
    List<Part> finish =
        formula.portions().stream()
            .map(
                p ->
                    Part.of(p.ingredient(), p.mass())
                        .inTheSauce()
                        .times(p.role() == StageRole.FINISH ? 1 : 1 - p.firstDose().value()))
            .filter(part -> part.mass().kilograms() > 0)
            .toList();
    return new RemainingProcess(target, List.of(), finish, List.of(), kilogramsPerHour);
  }

  /** The same with something on the plate. */
  public RemainingProcess with(List<Part> plate) {
    return new RemainingProcess(target, onTheWay, finish, plate, kilogramsPerHour);
  }

  /** After the reduction, before what is added then. */
  public InPot reduced(InPot now) {
    InPot full = withAllOnTheWay(now);
    return target.map(full::reducedTo).orElse(full);
  }

  private InPot withAllOnTheWay(InPot now) {
    return with(now, onTheWay);
  }

  private static InPot with(InPot now, List<Part> parts) {
    InPot pot = now;
    for (Part part : parts) {
      pot = pot.plus(part);
    }
    return pot;
  }

  /**
   * The same, reduced so far that this much sauce is there once the finish is in. Pieces that give
   * their gelatine late make what is in now look thinner than it will be; the fall of a pot knows
   * that, and what it says of the end is what is said everywhere.
   */
  public RemainingProcess to(InPot now, Mass end) {
    PotContents full = withAllOnTheWay(now).contents().cooked();
    double finished = with(InPot.NOTHING, finish).mass().kilograms();
    double surplus = full.total().kilograms() - (end.kilograms() - finished);
    return new RemainingProcess(
        Optional.of(full.dried(new Mass(Math.max(0, surplus))).equivalentSolids()),
        onTheWay,
        finish,
        onThePlate,
        kilogramsPerHour);
  }

  /** After all of it. */
  public InPot after(InPot now) {
    return with(with(reduced(now), finish), onThePlate);
  }

  /** Water that has yet to leave. */
  public Mass toLose(InPot now) {
    double full = withAllOnTheWay(now).mass().kilograms();
    return new Mass(Math.max(0, full - reduced(now).mass().kilograms()));
  }

  /** How long that takes, where it is known. */
  public Optional<Duration> time(Mass water) {
    return kilogramsPerHour
        .filter(rate -> rate > 0.01)
        .map(rate -> Duration.ofSeconds(Math.round(3600 * water.kilograms() / rate)));
  }
}
