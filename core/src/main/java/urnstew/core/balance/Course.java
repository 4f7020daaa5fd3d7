package urnstew.core.balance;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import urnstew.core.balance.InPot.Part;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.StageRole;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is still to happen to a pot.
 *
 * @param target thickness to which it is reduced; empty where it stays as it is
 * @param finish what goes in after that
 * @param onThePlate cheese, pasta water and the like that meet it there
 * @param kilogramsPerHour water that leaves it; empty where nobody knows
 */
public record Course(
    Optional<MassFraction> target,
    List<Part> finish,
    List<Part> onThePlate,
    Optional<Double> kilogramsPerHour) {
  /** Nothing more happens. */
  public static final Course OVER =
      new Course(Optional.empty(), List.of(), List.of(), Optional.empty());

  public Course {
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
  public static Course of(
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
    return new Course(target, finish, List.of(), kilogramsPerHour);
  }

  /** The same with something on the plate. */
  public Course with(List<Part> plate) {
    return new Course(target, finish, plate, kilogramsPerHour);
  }

  /** After the reduction, before anything else goes in. */
  public InPot reduced(InPot now) {
    return target.map(now::reducedTo).orElse(now);
  }

  /** After all of it. */
  public InPot after(InPot now) {
    InPot pot = reduced(now);
    for (Part part : finish) {
      pot = pot.plus(part);
    }
    for (Part part : onThePlate) {
      pot = pot.plus(part);
    }
    return pot;
  }

  /** Water that has yet to leave. */
  public Mass toLose(InPot now) {
    return new Mass(Math.max(0, now.mass().kilograms() - reduced(now).mass().kilograms()));
  }

  /** How long that takes, where it is known. */
  public Optional<Duration> time(Mass water) {
    return kilogramsPerHour
        .filter(rate -> rate > 0.01)
        .map(rate -> Duration.ofSeconds(Math.round(3600 * water.kilograms() / rate)));
  }
}
