package urnstew.app.platform;

/**
 * Who does it. Until there are crews and roles, everybody is the kitchen.
 *
 * @param name as it stands in the history
 */
public record Actor(String name) {
  /** Anybody at this kitchen's screens. */
  public static final Actor KITCHEN = new Actor("kitchen");
}
