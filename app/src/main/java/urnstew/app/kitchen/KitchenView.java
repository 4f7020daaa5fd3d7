package urnstew.app.kitchen;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import urnstew.core.explain.Working;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Vessel;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Power;

/** The kitchen as the screens see it. */
public record KitchenView(
    KitchenSettings settings,
    double boilingPointCelsius,
    double airPressureKilopascals,
    List<VesselView> vessels,
    List<HeatSourceView> heatSources,
    Instant now,
    List<Working> workings) {

  /** A vessel as it is stored. */
  public record VesselView(
      UUID id,
      String name,
      double baseDiameterMeters,
      String baseDiameterText,
      double topDiameterMeters,
      String topDiameterText,
      double depthMeters,
      String depthText,
      double emptyMassKilograms,
      String emptyMassText,
      boolean retired,
      int version) {

    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public double capacityCubicMeters() {
      return shape().capacity().cubicMeters();
    }

    public Vessel vessel() {
      return new Vessel(id, name, shape(), new Mass(emptyMassKilograms));
    }

    private RoundShape shape() {
      return new RoundShape(
          new Length(baseDiameterMeters), new Length(topDiameterMeters), new Length(depthMeters));
    }
  }

  /** A burner as it is stored. */
  public record HeatSourceView(
      UUID id,
      String name,
      HeatKind kind,
      double labelPowerWatts,
      String labelPowerText,
      boolean retired,
      int version) {

    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public double powerIntoPotWatts() {
      return heatSource().powerIntoPot().watts();
    }

    public HeatSource heatSource() {
      return new HeatSource(id, name, kind, new Power(labelPowerWatts));
    }
  }
}
