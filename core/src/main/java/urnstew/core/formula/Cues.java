package urnstew.core.formula;

/**
 * How a stage looks, smells and sounds; empty where nothing is to be said.
 *
 * @param ready when it is done
 * @param tooFar when it is past that
 * @param thenDo what to do then
 */
public record Cues(String ready, String tooFar, String thenDo) {
  /** A stage without cues. */
  public static final Cues NONE = new Cues("", "", "");
}
