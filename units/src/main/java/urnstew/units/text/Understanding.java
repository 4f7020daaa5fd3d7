package urnstew.units.text;

/** What became of a text. */
public sealed interface Understanding {

  /**
   * The text has one meaning.
   *
   * @param value in the canonical SI unit of its kind
   */
  record Understood(double value) implements Understanding {}

  /**
   * The text has two meanings and the cook must say which.
   *
   * @param question what to ask
   */
  record Ambiguous(String question) implements Understanding {}

  /**
   * The text has no meaning here.
   *
   * @param reason why, and what would be understood
   */
  record Refused(String reason) implements Understanding {}
}
