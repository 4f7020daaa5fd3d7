package urnstew.app.pantry;

import urnstew.core.pantry.Pantry;

/** Looks after what is computed of ingredients; who that is is nothing to the pantry. */
public interface PantryGuard {
  /**
   * Says so, if with these ingredients something could not be computed any more.
   *
   * @param changed id of the one that changes
   */
  void requireComputable(Pantry after, String changed);
}
