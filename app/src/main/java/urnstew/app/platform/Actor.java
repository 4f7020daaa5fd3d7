package urnstew.app.platform;

import java.util.Optional;
import java.util.UUID;

/**
 * Who does it, and from which device. Until there are crews and roles, everybody is the kitchen.
 *
 * @param name as it stands in the history
 * @param device that it came from, where it says so
 */
public record Actor(String name, Optional<UUID> device) {
  /** Header by which a device says which it is. */
  public static final String DEVICE = "Urnstew-Device";

  private static final String KITCHEN = "kitchen";

  /** Anybody at this kitchen's screens. */
  public static Actor atScreen(Optional<UUID> device) {
    return new Actor(KITCHEN, device);
  }

  /** The application itself. */
  public static Actor itself(String name) {
    return new Actor(name, Optional.empty());
  }
}
