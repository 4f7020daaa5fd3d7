package urnstew.core.batch;

/**
 * Something to be done at the pot.
 *
 * @param key stable within the batch; what is ticked
 * @param simmerSeconds when, since the simmer started
 * @param kind what it is
 * @param what in short
 * @param detail why, or how
 * @param kilograms that go in, where something does; else 0
 * @param offeredKilograms what could go in instead, where the pot holds more or less than planned;
 *     else 0
 * @param line of the formula that goes in, or -1
 * @param done whether it was ticked
 */
public record NextStep(
    String key,
    double simmerSeconds,
    Kind kind,
    String what,
    String detail,
    double kilograms,
    double offeredKilograms,
    int line,
    boolean done) {
  /** Kinds of step. */
  public enum Kind {
    ADD,
    /** Another heat or lid: the next phase of the simmer begins. */
    PHASE,
    /** Pieces go out. */
    OUT,
    /** Pieces come back. */
    BACK,
    /** What went in to be taken out again. */
    TAKE_OUT,
    /** What would set in grains goes in by spoonfuls, off the heat. */
    BIND,
    STIR,
    READ,
    TASTE,
    HEAT_OFF
  }
}
