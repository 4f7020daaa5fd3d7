package urnstew.app.kitchen;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.explain.Working;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.Oven;
import urnstew.core.kitchen.Vessel;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** The kitchen as the screens see it. */
public record KitchenView(
    KitchenSettings settings,
    double boilingPointCelsius,
    double airPressureKilopascals,
    List<VesselView> vessels,
    List<HeatSourceView> heatSources,
    List<OvenView> ovens,
    List<MeasureView> measures,
    List<ColdPlaceView> coldPlaces,
    List<Working> workings) {

  /** An oven as it is stored. */
  public record OvenView(
      UUID id,
      String name,
      double widthMeters,
      String widthText,
      double depthMeters,
      String depthText,
      double heightMeters,
      String heightText,
      double hottestCelsius,
      boolean fan,
      boolean retired,
      int version) {

    public Oven oven() {
      return new Oven(
          id,
          name,
          new Length(widthMeters),
          new Length(depthMeters),
          new Length(heightMeters),
          new Temperature(hottestCelsius),
          fan);
    }
  }

  /** A measure of the kitchen's own, weighed once. */
  public record MeasureView(
      UUID id,
      String name,
      @Nullable String ingredientId,
      double massKilograms,
      String massText,
      boolean retired,
      int version) {}

  /** A refrigerator, chiller or freezer as it is stored. */
  public record ColdPlaceView(
      UUID id, String name, ColdKind kind, double celsius, boolean retired, int version) {}

  /** A vessel as it is stored. */
  public record VesselView(
      UUID id,
      String name,
      ShapeKind shape,
      double firstWidthMeters,
      String firstWidthText,
      double secondWidthMeters,
      String secondWidthText,
      double depthMeters,
      String depthText,
      double emptyMassKilograms,
      String emptyMassText,
      Metal metal,
      boolean lid,
      @Nullable Double ovenLimitCelsius,
      boolean retired,
      int version) {

    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public double capacityCubicMeters() {
      return vessel().shape().capacity().cubicMeters();
    }

    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public boolean attackedByAcid() {
      return metal.attackedByAcid();
    }

    public Vessel vessel() {
      return new Vessel(
          id,
          name,
          shape.of(firstWidthMeters, secondWidthMeters, depthMeters),
          new Mass(emptyMassKilograms),
          metal,
          lid,
          Optional.ofNullable(ovenLimitCelsius).map(Temperature::new));
    }
  }

  /** A burner as it is stored. */
  public record HeatSourceView(
      UUID id,
      String name,
      HeatKind kind,
      double labelPowerWatts,
      String labelPowerText,
      @Nullable Double measuredPowerWatts,
      boolean retired,
      int version) {

    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public double powerIntoPotWatts() {
      return heatSource().powerIntoPot().watts();
    }

    public HeatSource heatSource() {
      return new HeatSource(
          id,
          name,
          kind,
          new Power(labelPowerWatts),
          Optional.ofNullable(measuredPowerWatts).map(Power::new));
    }
  }
}
