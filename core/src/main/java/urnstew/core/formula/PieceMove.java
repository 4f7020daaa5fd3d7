package urnstew.core.formula;

import java.time.Duration;
import java.util.Optional;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * Pieces that a stage takes out of the pot, or lets in again.
 *
 * @param way out or back
 * @param ingredientId which pieces
 * @param share of those that are in, or that stand beside it; above 0
 * @param after time from the start of its stage; empty for its end where they go out, and for its
 *     start where they come back
 */
public record PieceMove(
    Way way, String ingredientId, MassFraction share, Optional<Duration> after) {
  public PieceMove {
    Require.within("share", share.percent(), 1e-3, 100, "%");
  }

  /** Which way they go. */
  public enum Way {
    OUT,
    BACK
  }

  /** The same so long after the start of its stage. */
  public PieceMove at(Duration afterStart) {
    return new PieceMove(way, ingredientId, share, Optional.of(afterStart));
  }

  /** Whether it waits for the end of its stage. */
  public boolean atTheEnd() {
    return way == Way.OUT && after.isEmpty();
  }

  /** Time from the start of its stage, where it is not its end. */
  public Duration afterStart() {
    return after.orElse(Duration.ZERO);
  }
}
