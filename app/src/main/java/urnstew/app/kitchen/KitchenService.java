package urnstew.app.kitchen;

import static java.util.stream.Collectors.toSet;

import java.time.Clock;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenView.MeasureView;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.Write;
import urnstew.core.kitchen.KitchenWorkings;
import urnstew.core.thermo.Altitude;
import urnstew.units.Temperature;
import urnstew.units.text.Measures;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityKind;
import urnstew.units.text.QuantityText;

/** The one kitchen of this installation. */
@Service
public class KitchenService {
  private final KitchenMapper kitchens;
  private final Clock clock;

  KitchenService(KitchenMapper kitchens, Clock clock) {
    this.kitchens = kitchens;
    this.clock = clock;
  }

  /** Settings, vessels and burners. */
  @Transactional(readOnly = true)
  public KitchenView view() {
    KitchenSettings settings = settings();
    Altitude altitude = new Altitude(settings.altitudeMeters());
    return new KitchenView(
        settings,
        altitude.boilingPoint().celsius(),
        altitude.pressure().kilopascals(),
        kitchens.vessels(),
        kitchens.heatSources(),
        kitchens.ovens(),
        kitchens.measures(),
        kitchens.coldPlaces(),
        KitchenWorkings.of(altitude));
  }

  /** How high it is where water boils so, by this kitchen's probe. */
  @Transactional(readOnly = true)
  BoiledAltitude boilingAt(Temperature boilingPoint) {
    Altitude altitude = Altitude.boilingAt(boilingPoint);
    double within = altitude.metersWithin(settings().instruments().probeError());
    return new BoiledAltitude(altitude.meters(), within);
  }

  /** The settings of the kitchen, without its equipment. */
  @Transactional(readOnly = true)
  public KitchenSettings settings() {
    return kitchens
        .settings()
        .orElseThrow(() -> new IllegalStateException("The kitchen was never founded."));
  }

  /** Reads masses with this kitchen's own measures. */
  @Transactional(readOnly = true)
  public QuantityText massText(String ownUnit) {
    return massText(ownUnit, "");
  }

  /** Reads masses of one ingredient. */
  @Transactional(readOnly = true)
  public QuantityText massText(String ownUnit, String ingredientId) {
    return new QuantityText(QuantityKind.MASS, ownUnit, Pint.US, measuresOf(ingredientId));
  }

  /** This kitchen's own measures of one ingredient: its own handful before everybody's. */
  @Transactional(readOnly = true)
  public Measures measuresOf(String ingredientId) {
    Map<String, Double> kilograms = new HashMap<>();
    for (MeasureView measure : kitchens.measures()) {
      String of = measure.ingredientId();
      if (of == null) {
        kilograms.putIfAbsent(measure.name(), measure.massKilograms());
      } else if (of.equals(ingredientId)) {
        kilograms.put(measure.name(), measure.massKilograms());
      }
    }
    return new Measures(kilograms);
  }

  /** Every word that is a measure here, of whatever. */
  @Transactional(readOnly = true)
  public Set<String> measureNames() {
    return kitchens.measures().stream().map(MeasureView::name).collect(toSet());
  }

  /** Founds the kitchen on the first start; false where there is one already. */
  @Write
  public boolean found(KitchenSettings settings, Actor actor) {
    return kitchens.found(settings) == 1;
  }

  /** Changes the settings of the version that the cook saw. */
  @Write
  public KitchenView change(KitchenEdit to, int version, Actor actor) {
    if (kitchens.change(to.checked(), version) == 0) {
      throw new ConflictException(
          "Somebody else changed the kitchen meanwhile.", "Load it again, then change it.");
    }
    return view();
  }
}
