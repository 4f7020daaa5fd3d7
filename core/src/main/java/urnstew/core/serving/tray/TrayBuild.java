package urnstew.core.serving.tray;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.serving.tray.TrayMoisture.Laid;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * Layers of a tray, and how high they stand in it.
 *
 * @param layers from below
 * @param filled how high it stands
 * @param line how high it may: a finger below the rim
 */
public record TrayBuild(List<Layer> layers, Length filled, Length line) {
  /** Below the rim (common practice: a finger). */
  private static final double FINGER_METERS = 0.014;

  /** Of the sauce, under the first layer and for the top (common practice). */
  private static final double FIRST_SHARE = 0.08;

  private static final double TOP_SHARE = 0.18;

  /**
   * One layer.
   *
   * @param name what is laid or spread
   * @param count of sheets; 0 for what is spread
   * @param mass of it
   * @param kind sheets, filling, or what is kept for the top
   */
  public record Layer(String name, int count, Mass mass, Kind kind) {}

  /** What a layer is. */
  public enum Kind {
    /** A little thin sauce that keeps the first sheets from sticking. */
    UNDER,
    SHEETS,
    FILLING,
    TOP
  }

  public TrayBuild {
    layers = List.copyOf(layers);
  }

  /**
   * Sheets in so many layers, the fillings between them in equal parts, some of each for the top.
   *
   * @param count layers of sheets, 1 to 12
   * @throws InvalidInput {@code layers} if it stands above the line
   */
  public static TrayBuild of(VesselShape tray, Laid sheets, int count, List<TrayLayer> fillings) {
    Require.within("layers", count, 1, 12, "");
    List<Layer> all = new ArrayList<>();
    fillings.stream()
        .limit(1)
        .map(one -> new Layer(one.name(), 0, one.mass().times(FIRST_SHARE), Kind.UNDER))
        .forEach(all::add);
    int pieces =
        sheets
            .sheet()
            .size()
            .map(one -> (int) Math.round(sheets.mass().kilograms() / one.mass().kilograms()))
            .orElse(0);
    for (int layer = 0; layer < count; layer++) {
      int here = pieces / count + (layer < pieces % count ? 1 : 0);
      all.add(
          new Layer(sheets.sheet().name(), here, sheets.mass().times(1.0 / count), Kind.SHEETS));
      boolean last = layer == count - 1;
      for (int i = 0; i < fillings.size(); i++) {
        TrayLayer filling = fillings.get(i);
        double under = i == 0 ? FIRST_SHARE : 0;
        double each = count == 1 ? 1 - under : (1 - under - TOP_SHARE) / (count - 1);
        Mass mass = filling.mass().times(last && count > 1 ? TOP_SHARE : each);
        all.add(new Layer(filling.name(), 0, mass, last ? Kind.TOP : Kind.FILLING));
      }
    }
    Length filled = new Length(height(tray, sheets, fillings));
    Length line = new Length(Math.max(0, tray.depth().meters() - FINGER_METERS));
    if (filled.compareTo(line) > 0) {
      throw tooHigh(filled, line, fillings);
    }
    return new TrayBuild(all, filled, line);
  }

  private static double height(VesselShape tray, Laid sheets, List<TrayLayer> fillings) {
    double volume = sheets.mass().kilograms() / sheets.sheet().kilogramsPerCubicMeter();
    volume += fillings.stream().mapToDouble(TrayLayer::cubicMeters).sum();
    return volume / tray.floor().squareMeters();
  }

  private static InvalidInput tooHigh(Length filled, Length line, List<TrayLayer> fillings) {
    double times = line.meters() / filled.meters();
    double all = fillings.stream().mapToDouble(one -> one.mass().kilograms()).sum();
    return new InvalidInput(
        "tray",
        "too-full",
        String.format(
            Locale.ROOT,
            "It would stand %.0f mm high; the line is at %.0f mm, a finger below the rim.",
            filled.millimeters(),
            line.millimeters()),
        String.format(Locale.ROOT, "about %.2f kg of fillings", all * times),
        "Take a deeper tray, a second one, or less of each layer.");
  }
}
