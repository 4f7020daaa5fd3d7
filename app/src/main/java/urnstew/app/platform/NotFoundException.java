package urnstew.app.platform;

import java.util.UUID;

/** Nothing of that identity exists: 404. */
public final class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotFoundException(String what, UUID id) {
    super("There is no " + what + " " + id + ".");
  }
}
