package urnstew.core.formula;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.formula.Stage.Line;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.Substitute;
import urnstew.core.pantry.Swap;

/**
 * A formula made without what somebody avoids.
 *
 * <p>Every ingredient that is to be left out gives way to the best substitute that is not to be
 * left out itself; where there is none it goes without one. Stages left empty are dropped unless
 * they simmer, bake or rest.
 *
 * @param formula the formula made otherwise
 * @param swaps what was exchanged, in the order of the work
 */
public record Without(Formula formula, List<Swap> swaps) {
  public Without {
    swaps = List.copyOf(swaps);
  }

  /** Makes a formula, of one school, without these. */
  public static Without of(Formula formula, Collection<Avoid> avoids, Pantry pantry) {
    List<Swap> swaps = new ArrayList<>();
    List<Stage> stages = new ArrayList<>();
    for (Stage stage : formula.choosing(List.of()).stages()) {
      List<Line> lines =
          stage.lines().stream().flatMap(line -> line(line, avoids, pantry, swaps)).toList();
      boolean emptied = lines.isEmpty() && !stage.lines().isEmpty() && stage.unread().isEmpty();
      if (!emptied || stage.role() == StageRole.REDUCE) {
        stages.add(stage.with(lines));
      }
    }
    return new Without(formula.choosing(List.of()).with(stages), swaps);
  }

  private static Stream<Line> line(
      Line line, Collection<Avoid> avoids, Pantry pantry, List<Swap> swaps) {
    Ingredient was = pantry.ingredient(line.ingredientId());
    if (!isHit(was, avoids)) {
      return Stream.of(line);
    }
    Optional<Substitute> best =
        Substitute.of(was.id()).stream()
            .filter(
                one ->
                    one.parts().stream()
                        .noneMatch(part -> isHit(pantry.ingredient(part.ingredientId()), avoids)))
            .findFirst();
    swaps.add(
        best.map(one -> Swap.of(was, line.mass(), one, pantry))
            .orElseGet(() -> Swap.leftOut(was, line.mass())));
    return best.stream()
        .flatMap(one -> one.parts().stream())
        .map(part -> line.of(part.ingredientId(), part.of(line.mass())));
  }

  private static boolean isHit(Ingredient ingredient, Collection<Avoid> avoids) {
    return avoids.stream().anyMatch(avoid -> avoid.hits(ingredient));
  }
}
