package urnstew.core.consistency;

import java.util.ArrayList;
import java.util.List;
import urnstew.units.MassFraction;

/**
 * How thick a cook calls a sauce, by the solids it thickens like.
 *
 * @param key stable key
 * @param from least share, belongs to the band
 * @param below upper end, belongs to the next band
 */
public record ConsistencyBand(String key, MassFraction from, MassFraction below) {
  private static final List<String> KEYS =
      List.of("brothy", "loose", "coating", "tight", "very-tight");

  private static final MassFraction THINNEST = new MassFraction(0.05);
  private static final MassFraction ALL = new MassFraction(1);

  /** Upper ends of brothy, loose, coating, tight and very tight (assumption). */
  public static final List<MassFraction> ASSUMED_ENDS =
      List.of(
          new MassFraction(0.07),
          new MassFraction(0.09),
          new MassFraction(0.12),
          new MassFraction(0.15),
          new MassFraction(0.27));

  /** All bands from thin to paste, with these upper ends of the five between. */
  public static List<ConsistencyBand> ending(List<MassFraction> ends) {
    List<ConsistencyBand> bands = new ArrayList<>();
    bands.add(new ConsistencyBand("thin", new MassFraction(0), THINNEST));
    MassFraction from = THINNEST;
    for (int i = 0; i < KEYS.size(); i++) {
      bands.add(new ConsistencyBand(KEYS.get(i), from, ends.get(i)));
      from = ends.get(i);
    }
    bands.add(new ConsistencyBand("paste", from, ALL));
    return bands;
  }

  /** The band of these that a share belongs to; the last one for all above. */
  public static ConsistencyBand of(MassFraction share, List<ConsistencyBand> bands) {
    return bands.stream()
        .filter(band -> share.compareTo(band.below) < 0)
        .findFirst()
        .orElse(bands.get(bands.size() - 1));
  }
}
