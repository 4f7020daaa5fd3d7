package urnstew.core.task;

/**
 * What a task is about.
 *
 * @param place where it is looked up
 * @param id its identity there
 * @param name what it is called
 */
public record Subject(Place place, String id, String name) {
  /** Where things are. */
  public enum Place {
    /** A batch on the stove. */
    POT,
    HELD_HOT,
    COOLING,
    SET_OUT,
    /** A lot of tubs. */
    TUBS,
    /** An opened pack. */
    PACK,
    /** A batch or meal that nobody has begun. */
    PLAN,
    /** A meal that is cooked just now. */
    SERVICE
  }

  String key(String part) {
    return id + "/" + part;
  }
}
