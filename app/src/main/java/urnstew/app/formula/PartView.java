package urnstew.app.formula;

import java.util.List;
import urnstew.core.mise.PartToMake;

/** A part that is made by a formula of its own, before the dishes that take it. */
public record PartView(
    String formulaId,
    String name,
    double massKilograms,
    List<TakenView> takes,
    long seconds,
    List<String> dishes) {
  /** So much of one thing. */
  public record TakenView(String name, double massKilograms) {}

  /** Of parts as they were reckoned. */
  public static List<PartView> of(List<PartToMake> parts) {
    return parts.stream()
        .map(
            part ->
                new PartView(
                    part.formulaId(),
                    part.name(),
                    part.mass().kilograms(),
                    part.takes().stream()
                        .map(one -> new TakenView(one.name(), one.mass().kilograms()))
                        .toList(),
                    part.time().toSeconds(),
                    List.copyOf(part.dishes())))
        .toList();
  }
}
