package urnstew.app.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.kitchen.KitchenView.MeasureView;
import urnstew.app.kitchen.KitchenView.OvenView;
import urnstew.app.kitchen.KitchenView.VesselView;

@Mapper
interface KitchenMapper {
  @Select("select * from kitchen")
  Optional<KitchenSettings> settings();

  @Insert(
      """
      insert into kitchen (id, name, altitude_meters, altitude_text, room_celsius,
        relative_humidity, zone, currency, units, pint, hours, decimal_mark, scale_error_kilograms, scale_error_text,
        dip_error_meters, dip_error_text, demo, version)
      values (#{id}, #{name}, #{altitudeMeters}, #{altitudeText},
        #{roomCelsius}, #{relativeHumidity}, #{zone}, #{currency}, #{units}, #{pint}, #{hours}, #{decimalMark},
        #{scaleErrorKilograms}, #{scaleErrorText}, #{dipErrorMeters}, #{dipErrorText}, #{demo},
        #{version}) on conflict do nothing
      """)
  int found(KitchenSettings settings);

  @Update(
      """
      update kitchen set name = #{to.name}, altitude_meters = #{to.altitudeMeters},
        altitude_text = #{to.altitudeText},
        room_celsius = #{to.roomCelsius}, relative_humidity = #{to.relativeHumidity},
        zone = #{to.zone}, currency = #{to.currency}, units = #{to.units}, pint = #{to.pint},
        hours = #{to.hours}, decimal_mark = #{to.decimalMark},
        scale_error_kilograms = #{to.scaleErrorKilograms}, scale_error_text = #{to.scaleErrorText},
        dip_error_meters = #{to.dipErrorMeters}, dip_error_text = #{to.dipErrorText},
        probe_error_kelvins = #{to.probeErrorKelvins},
        brix_error_fraction = #{to.brixErrorFraction},
        plate_error_meters = #{to.plateErrorMeters},
        brothy_below_fraction = #{to.brothyBelowFraction},
        loose_below_fraction = #{to.looseBelowFraction},
        coating_below_fraction = #{to.coatingBelowFraction},
        tight_below_fraction = #{to.tightBelowFraction},
        very_tight_below_fraction = #{to.veryTightBelowFraction},
        version = version + 1
      where version = #{version}
      """)
  int change(KitchenEdit to, int version);

  @Select("select * from vessel where not retired order by first_width_meters, name")
  List<VesselView> vessels();

  @Select("select * from vessel where id = #{id}")
  Optional<VesselView> vessel(UUID id);

  @Insert(
      """
      insert into vessel (id, name, shape, first_width_meters, first_width_text,
        second_width_meters, second_width_text, depth_meters, depth_text, empty_mass_kilograms,
        empty_mass_text, metal, lid, oven_limit_celsius, version)
      values (#{id}, #{name}, #{shape}, #{firstWidthMeters}, #{firstWidthText},
        #{secondWidthMeters}, #{secondWidthText}, #{depthMeters}, #{depthText},
        #{emptyMassKilograms}, #{emptyMassText}, #{metal}, #{lid}, #{ovenLimitCelsius}, 1)
      """)
  void addVessel(VesselEdit vessel);

  @Update(
      """
      update vessel set name = #{to.name}, shape = #{to.shape},
        first_width_meters = #{to.firstWidthMeters}, first_width_text = #{to.firstWidthText},
        second_width_meters = #{to.secondWidthMeters}, second_width_text = #{to.secondWidthText},
        depth_meters = #{to.depthMeters}, depth_text = #{to.depthText},
        empty_mass_kilograms = #{to.emptyMassKilograms}, empty_mass_text = #{to.emptyMassText},
        metal = #{to.metal}, lid = #{to.lid}, oven_limit_celsius = #{to.ovenLimitCelsius},
        version = version + 1
      where id = #{to.id} and version = #{version} and not retired
      """)
  int changeVessel(VesselEdit to, int version);

  @Update(
      """
      update vessel set retired = #{retired}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int retireVessel(UUID id, int version, boolean retired);

  @Select("select * from oven where not retired order by name")
  List<OvenView> ovens();

  @Select("select * from oven where id = #{id}")
  Optional<OvenView> oven(UUID id);

  @Insert(
      """
      insert into oven (id, name, width_meters, width_text, depth_meters, depth_text,
        height_meters, height_text, hottest_celsius, fan, version)
      values (#{id}, #{name}, #{widthMeters}, #{widthText}, #{depthMeters}, #{depthText},
        #{heightMeters}, #{heightText}, #{hottestCelsius}, #{fan}, 1)
      """)
  void addOven(OvenEdit oven);

  @Update(
      """
      update oven set name = #{to.name}, width_meters = #{to.widthMeters},
        width_text = #{to.widthText}, depth_meters = #{to.depthMeters},
        depth_text = #{to.depthText}, height_meters = #{to.heightMeters},
        height_text = #{to.heightText}, hottest_celsius = #{to.hottestCelsius},
        fan = #{to.fan}, version = version + 1
      where id = #{to.id} and version = #{version} and not retired
      """)
  int changeOven(OvenEdit to, int version);

  @Update(
      """
      update oven set retired = #{retired}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int retireOven(UUID id, int version, boolean retired);

  @Select("select * from kitchen_measure where not retired order by name")
  List<MeasureView> measures();

  @Select("select * from kitchen_measure where id = #{id}")
  Optional<MeasureView> measure(UUID id);

  @Insert(
      """
      insert into kitchen_measure (id, name, ingredient_id, mass_kilograms, mass_text, version)
      values (#{id}, #{name}, #{ingredientId}, #{massKilograms}, #{massText}, 1)
      """)
  void addMeasure(MeasureEdit measure);

  @Update(
      """
      update kitchen_measure set name = #{to.name}, ingredient_id = #{to.ingredientId},
        mass_kilograms = #{to.massKilograms},
        mass_text = #{to.massText}, version = version + 1
      where id = #{to.id} and version = #{version} and not retired
      """)
  int changeMeasure(MeasureEdit to, int version);

  @Update(
      """
      update kitchen_measure set retired = #{retired}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int retireMeasure(UUID id, int version, boolean retired);

  @Select("select * from heat_source where not retired order by label_power_watts, name")
  List<HeatSourceView> heatSources();

  @Select("select * from heat_source where id = #{id}")
  Optional<HeatSourceView> heatSource(UUID id);

  @Insert(
      """
      insert into heat_source (id, name, kind, label_power_watts, label_power_text, version)
      values (#{id}, #{name}, #{kind}, #{labelPowerWatts}, #{labelPowerText}, 1)
      """)
  void addHeatSource(HeatSourceEdit source);

  @Update(
      """
      update heat_source set name = #{to.name}, kind = #{to.kind},
        label_power_watts = #{to.labelPowerWatts}, label_power_text = #{to.labelPowerText},
        measured_power_watts = case when kind = #{to.kind}
          and label_power_watts = #{to.labelPowerWatts} then measured_power_watts end,
        version = version + 1
      where id = #{to.id} and version = #{version} and not retired
      """)
  int changeHeatSource(HeatSourceEdit to, int version);

  @Update(
      """
      update heat_source set measured_power_watts = #{watts}, version = version + 1
      where id = #{id} and version = #{version} and not retired
      """)
  int measureHeatSource(UUID id, @Nullable Double watts, int version);

  @Update(
      """
      update heat_source set retired = #{retired}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int retireHeatSource(UUID id, int version, boolean retired);

  @Select("select * from cold_place where not retired order by celsius desc, name")
  List<ColdPlaceView> coldPlaces();

  @Select("select * from cold_place where id = #{id}")
  Optional<ColdPlaceView> coldPlace(UUID id);

  @Insert(
      "insert into cold_place (id, name, kind, celsius, version) values (#{id}, #{name}, #{kind},"
          + " #{celsius}, 1)")
  void addColdPlace(ColdPlaceEdit place);

  @Update(
      """
      update cold_place set name = #{to.name}, kind = #{to.kind}, celsius = #{to.celsius},
        version = version + 1
      where id = #{to.id} and version = #{version} and not retired
      """)
  int changeColdPlace(ColdPlaceEdit to, int version);

  @Update(
      """
      update cold_place set retired = #{retired}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int retireColdPlace(UUID id, int version, boolean retired);
}
