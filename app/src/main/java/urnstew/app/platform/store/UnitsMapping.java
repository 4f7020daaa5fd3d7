package urnstew.app.platform.store;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import urnstew.units.Density;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;
import urnstew.units.Volume;

/** Quantities between the core and what is stored, there and not there. */
@Mapper(config = StoreMapping.class)
public interface UnitsMapping {
  StoredUnits.Density density(Density of);

  Density density(StoredUnits.Density of);

  StoredUnits.Length length(Length of);

  Length length(StoredUnits.Length of);

  StoredUnits.Mass mass(Mass of);

  Mass mass(StoredUnits.Mass of);

  StoredUnits.MassFraction massFraction(MassFraction of);

  MassFraction massFraction(StoredUnits.MassFraction of);

  StoredUnits.Power power(Power of);

  Power power(StoredUnits.Power of);

  StoredUnits.Temperature temperature(Temperature of);

  Temperature temperature(StoredUnits.Temperature of);

  StoredUnits.TemperatureDifference temperatureDifference(TemperatureDifference of);

  TemperatureDifference temperatureDifference(StoredUnits.TemperatureDifference of);

  StoredUnits.Volume volume(Volume of);

  Volume volume(StoredUnits.Volume of);

  default StoredUnits.@Nullable Density ifDensity(Optional<Density> of) {
    return of.map(this::density).orElse(null);
  }

  default Optional<Density> ifDensity(StoredUnits.@Nullable Density of) {
    return Optional.ofNullable(of).map(this::density);
  }

  default StoredUnits.@Nullable Length ifLength(Optional<Length> of) {
    return of.map(this::length).orElse(null);
  }

  default Optional<Length> ifLength(StoredUnits.@Nullable Length of) {
    return Optional.ofNullable(of).map(this::length);
  }

  default StoredUnits.@Nullable Mass ifMass(Optional<Mass> of) {
    return of.map(this::mass).orElse(null);
  }

  default Optional<Mass> ifMass(StoredUnits.@Nullable Mass of) {
    return Optional.ofNullable(of).map(this::mass);
  }

  default StoredUnits.@Nullable MassFraction ifMassFraction(Optional<MassFraction> of) {
    return of.map(this::massFraction).orElse(null);
  }

  default Optional<MassFraction> ifMassFraction(StoredUnits.@Nullable MassFraction of) {
    return Optional.ofNullable(of).map(this::massFraction);
  }

  default StoredUnits.@Nullable Power ifPower(Optional<Power> of) {
    return of.map(this::power).orElse(null);
  }

  default Optional<Power> ifPower(StoredUnits.@Nullable Power of) {
    return Optional.ofNullable(of).map(this::power);
  }

  default StoredUnits.@Nullable Temperature ifTemperature(Optional<Temperature> of) {
    return of.map(this::temperature).orElse(null);
  }

  default Optional<Temperature> ifTemperature(StoredUnits.@Nullable Temperature of) {
    return Optional.ofNullable(of).map(this::temperature);
  }

  default @Nullable Double ifDouble(Optional<Double> of) {
    return of.orElse(null);
  }

  default Optional<Double> ifDouble(@Nullable Double of) {
    return Optional.ofNullable(of);
  }

  default @Nullable Integer ifInteger(Optional<Integer> of) {
    return of.orElse(null);
  }

  default Optional<Integer> ifInteger(@Nullable Integer of) {
    return Optional.ofNullable(of);
  }

  default @Nullable Duration ifDuration(Optional<Duration> of) {
    return of.orElse(null);
  }

  default Optional<Duration> ifDuration(@Nullable Duration of) {
    return Optional.ofNullable(of);
  }

  default @Nullable BigDecimal ifBigDecimal(Optional<BigDecimal> of) {
    return of.orElse(null);
  }

  default Optional<BigDecimal> ifBigDecimal(@Nullable BigDecimal of) {
    return Optional.ofNullable(of);
  }
}
