package urnstew.app.platform;

/** Somebody else was faster, or the same identity was used for something else: 409. */
public final class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String remedy;

  public ConflictException(String message, String remedy) {
    super(message);
    this.remedy = remedy;
  }

  String remedy() {
    return remedy;
  }
}
