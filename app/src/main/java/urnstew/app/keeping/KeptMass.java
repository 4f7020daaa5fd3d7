package urnstew.app.keeping;

import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchMade;
import urnstew.units.InvalidInput;

/**
 * What a batch made is held, cooled and put away once: what is on hold just now, what cools, and
 * what is in tubs together never pass it, unless somebody writes why.
 */
@Component
public class KeptMass {
  /** What a scale and a spoon leave open (assumption). */
  public static final double CRUMB_KILOGRAMS = 0.005;

  private final BatchMade made;
  private final KeepingMapper keepings;
  private final PutAwaySauce tubs;

  KeptMass(BatchMade made, KeepingMapper keepings, PutAwaySauce tubs) {
    this.made = made;
    this.keepings = keepings;
    this.tubs = tubs;
  }

  /**
   * Whether so much of it is left to be kept. The batch is held until the transaction ends.
   *
   * @param because why it is more, where somebody says so
   * @param field of the caller that says how much
   */
  public void requireLeft(
      @Nullable UUID batch, double kilograms, @Nullable String because, String field) {
    if (batch == null || said(because)) {
      return;
    }
    double most = made.atMost(batch).kilograms();
    double kept = keepings.openKilogramsOf(batch);
    double left = Math.max(0, most - kept - tubs.kilogramsOf(batch));
    if (kilograms > left + CRUMB_KILOGRAMS) {
      throw new InvalidInput(
          field,
          "more-than-was-made",
          String.format(
              Locale.ROOT,
              "Of this batch %.2f kg are left to keep: it made at most %.2f kg%s.",
              left,
              most,
              kept > 0 ? String.format(Locale.ROOT, ", and %.2f kg are held or cool", kept) : ""),
          String.format(Locale.ROOT, "%.2f kg or less", left),
          "End what is not held any more, weigh it again, or write why it is more.");
    }
  }

  /** Holds a batch until the transaction ends: batches are locked before what is kept of them. */
  public void hold(@Nullable UUID batch) {
    if (batch != null) {
      made.atMost(batch);
    }
  }

  private static boolean said(@Nullable String because) {
    return because != null && !because.isBlank();
  }
}
