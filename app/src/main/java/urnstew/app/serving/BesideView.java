package urnstew.app.serving;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What goes with a dish, computed.
 *
 * @param rawMassKilograms all of it, as it goes in
 * @param warnings where it is meant for eaters who must not have it
 */
public record BesideView(
    String name,
    int covers,
    double rawMassKilograms,
    List<String> warnings,
    @Nullable PastaView pasta,
    @Nullable PiecesView piece,
    @Nullable TrayView tray,
    @Nullable GoodsView goods) {

  /** Goods as they are. */
  public record GoodsView(double massEachKilograms, boolean overSauce) {}

  public static BesideView of(ServedBeside served) {
    return new BesideView(
        served.beside().name(),
        served.beside().covers(),
        served.beside().raw().kilograms(),
        served.warnings(),
        served.pasta().map(PastaView::of).orElse(null),
        served.piece().map(one -> PiecesView.of(one, served.beside())).orElse(null),
        served.tray().map(TrayView::of).orElse(null),
        served
            .goods()
            .map(one -> new GoodsView(served.beside().each().kilograms(), one.overSauce()))
            .orElse(null));
  }
}
