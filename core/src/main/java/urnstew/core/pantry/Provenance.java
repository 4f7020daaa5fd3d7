package urnstew.core.pantry;

import java.util.List;
import urnstew.units.Require;

/**
 * Where the figures of an ingredient come from, and how far real goods lie from them.
 *
 * @param source publication, or what was assumed
 * @param rangeShare relative half-width of its solids or fat, 0 to 1
 * @param saltRangeShare the same for its salt
 * @param notes what is odd about the row: that its parts do not add up to a whole, for instance
 */
public record Provenance(
    String source, double rangeShare, double saltRangeShare, List<String> notes) {
  public Provenance {
    Require.within("range", rangeShare, 0, 1, "share");
    Require.within("saltRange", saltRangeShare, 0, 1, "share");
    notes = List.copyOf(notes);
  }
}
