package urnstew.core;

/**
 * How many random cases a costly law is tried on: a seeded tenth of them in every run, all in
 * {@code ./verify --soak}.
 */
public final class Cases {
  private static final boolean ALL = Boolean.getBoolean("urnstew.all-cases");

  private Cases() {}

  public static int of(int all) {
    return ALL ? all : all / 10;
  }
}
