package urnstew.app.pantry;

import urnstew.core.pantry.Pantry;

/** Looks after what is computed of ingredients; who that is is nothing to the pantry. */
public interface PantryGuard {
  /** What there is to look after now; for as many changes as are made at once. */
  Watch watch();

  /** What is computed of ingredients at one moment. */
  interface Watch {
    /** Whether anything is computed of it. */
    boolean names(String ingredientId);

    /**
     * Says so, if with these ingredients something could not be computed any more.
     *
     * @param changed id of the one that changes
     */
    void requireComputable(Pantry after, String changed);
  }
}
