package urnstew.core.mise;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import urnstew.core.formula.MadePart;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.units.Mass;

/**
 * Something that is made by a formula of its own before the dishes that take it, for all of them
 * together.
 *
 * @param formulaId of its formula
 * @param name of it
 * @param mass how much of it
 * @param takes what goes into it, in the order of the work
 * @param time of its stages, as far as they are fixed
 * @param dishes for which
 */
public record PartToMake(
    String formulaId,
    String name,
    Mass mass,
    List<Taken> takes,
    Duration time,
    Set<String> dishes) {
  public PartToMake {
    takes = List.copyOf(takes);
  }

  /** So much of one thing. */
  public record Taken(String name, Mass mass) {}

  /** All parts of some batches by the names of their dishes; what is in another comes first. */
  public static List<PartToMake> of(Map<String, ResolvedFormula> dishes) {
    Map<String, PartToMake> parts = new LinkedHashMap<>();
    dishes.forEach(
        (dish, batch) ->
            batch
                .parts()
                .forEach(
                    part ->
                        parts.merge(
                            part.formula().formula().id(), of(part, dish), PartToMake::and)));
    return List.copyOf(parts.values());
  }

  private static PartToMake of(MadePart part, String dish) {
    ResolvedFormula formula = part.formula();
    return new PartToMake(
        formula.formula().id(),
        formula.formula().name(),
        part.mass(),
        formula.portions().stream().map(PartToMake::taken).toList(),
        formula.formula().stages().stream().map(Stage::time).reduce(Duration.ZERO, Duration::plus),
        Set.of(dish));
  }

  private static Taken taken(Portion portion) {
    return new Taken(portion.ingredient().name(), portion.mass());
  }

  /** The same formula takes the same things, each in its place. */
  private PartToMake and(PartToMake other) {
    List<Taken> both = new ArrayList<>();
    for (int i = 0; i < takes.size(); i++) {
      both.add(new Taken(takes.get(i).name(), takes.get(i).mass().plus(other.takes.get(i).mass())));
    }
    Set<String> all = new TreeSet<>(dishes);
    all.addAll(other.dishes);
    return new PartToMake(formulaId, name, mass.plus(other.mass), both, time, all);
  }
}
