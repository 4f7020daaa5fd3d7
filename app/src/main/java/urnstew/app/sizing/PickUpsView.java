package urnstew.app.sizing;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.app.serving.ServedBeside.PastaServed;
import urnstew.core.serving.pasta.PickUpPasta;

/**
 * Plates of a dish that go out one after the other.
 *
 * @param pickUps so many
 * @param stepSeconds from one to the next
 * @param mostPlates of one of them
 * @param pasta how fast they can go; absent where no pasta goes with it
 */
public record PickUpsView(int pickUps, long stepSeconds, int mostPlates, @Nullable PaceView pasta) {
  /**
   * Plates in ten minutes.
   *
   * @param cookedBefore whether it is cooked most of the way before the window, and dipped
   */
  public record PaceView(int wanted, int ofOnePan, int ofOneCook, boolean cookedBefore) {}

  static @Nullable PickUpsView of(Meal.Served served) {
    return served
        .out()
        .map(
            out ->
                new PickUpsView(out.all().size(), out.step().toSeconds(), out.most(), pace(served)))
        .orElse(null);
  }

  private static @Nullable PaceView pace(Meal.Served served) {
    Optional<PickUpPasta> pasta =
        served.besides().stream()
            .flatMap(one -> one.pasta().stream())
            .map(PastaServed::byPickUp)
            .findFirst();
    return pasta
        .map(
            one -> {
              PickUpPasta.Pace pace = one.pace(served.out().orElseThrow());
              return new PaceView(pace.wanted(), pace.ofOnePan(), pace.ofOneCook(), one.isBefore());
            })
        .orElse(null);
  }
}
