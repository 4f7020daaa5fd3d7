package urnstew.core.explain;

/** A sensible value that lies outside the range in which a model holds. */
public final class OutOfModelRange extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String model;
  private final String quantity;
  private final String limit;

  /**
   * @param model name of the model
   * @param quantity what lies outside
   * @param value the value, with unit
   * @param limit the range in which the model holds, with unit
   */
  public OutOfModelRange(String model, String quantity, String value, String limit) {
    super(quantity + " of " + value + " is outside " + limit + ", where " + model + " holds.");
    this.model = model;
    this.quantity = quantity;
    this.limit = limit;
  }

  public String model() {
    return model;
  }

  public String quantity() {
    return quantity;
  }

  public String limit() {
    return limit;
  }
}
