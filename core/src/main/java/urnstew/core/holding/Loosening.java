package urnstew.core.holding;

import java.time.Duration;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Mass;

/**
 * What something that sets while it stands takes to be soft again.
 *
 * <p>dose = mass × share × time over half an hour, up to a most. Shares are assumptions; a spoonful
 * at a time, hot, whisked in.
 *
 * @param what sets
 * @param sharePerHalfHour of its mass, as liquid
 * @param mostShare in all
 * @param how in a cook's words
 */
public record Loosening(String what, double sharePerHalfHour, double mostShare, String how) {
  private static final double HALF_HOUR_SECONDS = 1800;

  /** Of something with a grain in it that sets; empty where nothing does. */
  public static Optional<Loosening> of(ResolvedFormula made) {
    return ReferenceTable.rows("setting").stream()
        .filter(row -> sets(made, row.get("for")))
        .findFirst()
        .map(Loosening::read);
  }

  private static boolean sets(ResolvedFormula made, String ingredient) {
    return made.goods().stream().anyMatch(portion -> portion.ingredient().id().equals(ingredient));
  }

  private static Loosening read(CSVRecord row) {
    return new Loosening(
        row.get("for"),
        Double.parseDouble(row.get("percent_per_half_hour")) / 100,
        Double.parseDouble(row.get("most_percent")) / 100,
        row.get("how"));
  }

  /** Liquid that so much of it takes after so long. */
  public Mass dose(Mass held, Duration time) {
    double share = sharePerHalfHour * time.toSeconds() / HALF_HOUR_SECONDS;
    return held.times(Math.min(share, mostShare));
  }
}
