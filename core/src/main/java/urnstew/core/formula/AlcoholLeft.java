package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.MassFraction;

/**
 * Alcohol that is left, as a range: it never all goes.
 *
 * <p>Two ways to know it: the published shares by time, which run straight in their logarithm
 * between the rows and stay at the last; and the model of the pot, in which alcohol leaves with the
 * steam, so that an open reduction loses more and a covered braise less. The range spans both.
 * Source: USDA Table of Nutrient Retention Factors, release 6. Worked number: an hour's simmer
 * leaves 25 %.
 *
 * @param least share of what was put in
 * @param most share of what was put in
 */
public record AlcoholLeft(MassFraction least, MassFraction most) {
  /** Least share of alcohol that is told as left, whatever is computed (assumption). */
  private static final double NEVER_LESS = 0.005;

  private static final List<CSVRecord> ROWS = ReferenceTable.rows("alcohol-retention");

  /** How alcohol was treated. */
  public enum Method {
    NOT_HEATED,
    FLAMED,
    STIRRED_IN
  }

  /** Published share that is left. */
  public static MassFraction published(Method method, Duration simmered) {
    double minutes = simmered.toSeconds() / 60.0;
    double before = 0;
    double share = method == Method.STIRRED_IN ? 1 : row(method);
    for (CSVRecord row : ROWS) {
      if (Method.valueOf(row.get("method")) == method) {
        double at = Double.parseDouble(row.get("minutes"));
        double here = Double.parseDouble(row.get("retained_percent")) / 100;
        if (minutes < at) {
          double along = (minutes - before) / (at - before);
          return new MassFraction(share * Math.pow(here / share, along));
        }
        before = at;
        share = here;
      }
    }
    return new MassFraction(share);
  }

  /**
   * The range for a simmered pot.
   *
   * @param modelledShare share that the model of the pot leaves
   * @param simmered how long it was in
   */
  public static AlcoholLeft between(double modelledShare, Duration simmered) {
    double table = published(Method.STIRRED_IN, simmered).value();
    double pot = Math.max(NEVER_LESS, Math.min(1, modelledShare));
    return new AlcoholLeft(
        new MassFraction(Math.min(table, pot)), new MassFraction(Math.max(table, pot)));
  }

  private static double row(Method method) {
    return ROWS.stream()
        .filter(row -> Method.valueOf(row.get("method")) == method)
        .mapToDouble(row -> Double.parseDouble(row.get("retained_percent")) / 100)
        .findFirst()
        .orElseThrow();
  }
}
