package urnstew.app.serving;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.serving.ServedBeside.PastaServed;
import urnstew.app.task.TaskView.SpanView;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.core.serving.pasta.ParCooked;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.units.Mass;

/**
 * Pasta at the stove; hours are counted back from the plates.
 *
 * @param drops how often, where the pot does not hold the water for all
 * @param waterMassKilograms in the pot, about a litre each
 * @param reckonedToTheBoilSeconds without what a probe in the water told
 * @param slowerFactor than at 100 °C
 * @param stillDrinksKilograms water that it takes up after it was lifted
 * @param ladleMassKilograms water for the pan; absent where it is not tossed
 * @param plainLadle whether it is plain hot water, since its own is too thick or too salt by then
 * @param boilOffKilograms water that the sauce should lose first; absent where it is not tossed
 */
public record PastaView(
    double cookedMassKilograms,
    UUID vesselId,
    String vesselName,
    UUID heatSourceId,
    String burnerName,
    int drops,
    double waterMassKilograms,
    double saltMassKilograms,
    double boilingCelsius,
    SpanView toTheBoil,
    long reckonedToTheBoilSeconds,
    long litBeforeSeconds,
    SpanView boilsBefore,
    long dropBeforeSeconds,
    long tasteBeforeSeconds,
    long outBeforeSeconds,
    SpanView alDente,
    SpanView out,
    double slowerFactor,
    double fallKelvins,
    long backSeconds,
    double stillDrinksKilograms,
    double starchGramsPerLiter,
    double saltGramsPerLiter,
    double saltTakenKilograms,
    @Nullable Double ladleMassKilograms,
    boolean plainLadle,
    @Nullable Double boilOffKilograms,
    ParCookedView parCooked) {

  /** Cooked most of the way, kept, and dipped by the plate. */
  public record ParCookedView(
      long liftSeconds,
      double keptMassKilograms,
      double oilMassKilograms,
      long dipSeconds,
      double stillDrinksKilograms,
      double bathStarchGramsPerLiter) {
    static ParCookedView of(ParCooked par) {
      return new ParCookedView(
          par.lift().toSeconds(),
          par.kept().kilograms(),
          par.oil().kilograms(),
          par.dip().toSeconds(),
          par.stillDrinks().kilograms(),
          par.bathStarchGramsPerLiter());
    }
  }

  static PastaView of(PastaServed served) {
    PastaAtStove stove = served.stove();
    Optional<PanFinish> finish = served.finish();
    return new PastaView(
        stove.cooked().kilograms(),
        served.pot().id(),
        served.pot().name(),
        served.burner().id(),
        served.burner().name(),
        stove.drops(),
        stove.water().kilograms(),
        stove.salt().kilograms(),
        stove.pot().boiling().celsius(),
        SpanView.of(stove.pot().toTheBoil()),
        served.reckoned().pot().toTheBoil().likely().toSeconds(),
        stove.litBefore().toSeconds(),
        SpanView.of(stove.boilsBefore()),
        stove.dropBefore().toSeconds(),
        stove.tasteBefore().toSeconds(),
        stove.outBefore().toSeconds(),
        SpanView.of(stove.minutes().alDente()),
        SpanView.of(stove.minutes().out()),
        stove.minutes().slowerFactor(),
        stove.fall().kelvins(),
        stove.fall().back().toSeconds(),
        stove.stillDrinks().kilograms(),
        stove.starchGramsPerLiterAfter(),
        stove.saltGramsPerLiterAfter(),
        stove.saltTaken().kilograms(),
        finish.map(PanFinish::ladle).map(Mass::kilograms).orElse(null),
        finish.filter(PanFinish::plain).isPresent(),
        finish.map(PanFinish::boilOff).map(Mass::kilograms).orElse(null),
        ParCookedView.of(served.byPickUp().par()));
  }
}
