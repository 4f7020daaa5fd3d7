package urnstew.app.serving;

import java.util.List;
import urnstew.app.serving.ServedBeside.TrayServed;
import urnstew.app.task.TaskView.SpanView;
import urnstew.core.serving.tray.TrayAdvice;
import urnstew.core.serving.tray.TrayBuild;
import urnstew.core.serving.tray.TrayMoisture;

/**
 * A tray, its water and its hour.
 *
 * @param filledMeters how high it stands
 * @param lineMeters how high it may
 * @param drinksKilograms by the sheets, with its least and most
 * @param surplusKilograms water too much; a lack where negative
 * @param ways out, each alone would do
 * @param bake time in the oven as reckoned, covered and open
 * @param hotForSeconds how long it rests before its coldest place falls below the holding limit
 */
public record TrayView(
    int trays,
    List<LayerView> layers,
    double filledMeters,
    double lineMeters,
    double drinksKilograms,
    double drinksLeastKilograms,
    double drinksMostKilograms,
    double losesKilograms,
    double givesKilograms,
    double surplusKilograms,
    TrayAdvice.Verdict verdict,
    List<TrayWayView> ways,
    SpanView bake,
    long coveredSeconds,
    long openSeconds,
    long hotForSeconds) {

  /** One layer, from below. */
  public record LayerView(TrayBuild.Kind kind, String name, int count, double massKilograms) {
    static LayerView of(TrayBuild.Layer layer) {
      return new LayerView(layer.kind(), layer.name(), layer.count(), layer.mass().kilograms());
    }
  }

  /** One way out: so much water, or so long. */
  public record TrayWayView(TrayAdvice.Kind kind, double waterKilograms, long seconds) {
    static TrayWayView of(TrayAdvice.Way way) {
      return new TrayWayView(way.kind(), way.water().kilograms(), way.time().toSeconds());
    }
  }

  static TrayView of(TrayServed served) {
    TrayBuild build = served.build();
    TrayMoisture moisture = served.moisture();
    return new TrayView(
        served.trays(),
        build.layers().stream().map(LayerView::of).toList(),
        build.filled().meters(),
        build.line().meters(),
        moisture.drinksKilograms(),
        moisture.drinksLeastKilograms(),
        moisture.drinksMostKilograms(),
        moisture.losesKilograms(),
        moisture.givesKilograms(),
        moisture.surplusKilograms(),
        served.advice().verdict(),
        served.advice().ways().stream().map(TrayWayView::of).toList(),
        SpanView.of(served.bake().total()),
        served.bake().covered().toSeconds(),
        served.bake().open().toSeconds(),
        served.bake().hotFor().toSeconds());
  }
}
