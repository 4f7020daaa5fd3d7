package urnstew.app.keeping;

import java.util.UUID;

/** Sauce that is in tubs; who keeps them is nothing to the hot side. */
public interface PutAwaySauce {
  /** All that was put away of a batch so far, kg; what was parted or merged later counts once. */
  double kilogramsOf(UUID batchId);

  /** Whether there are tubs of something that cooled. */
  boolean areOf(UUID keepingId);
}
