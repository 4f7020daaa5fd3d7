package urnstew.app.plan;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import urnstew.app.kitchen.KitchenView.HeatSourceView;

/** What earlier batches say of a pot, and of a sauce. */
@Mapper
interface PotHistories {
  /**
   * Rate factors that the last batches in this pot ended with, where there were readings. At the
   * boil the burner decides, and nothing is learnt of the pot.
   */
  @Select(
      """
      select evaporation_factor from batch
      where vessel_id = #{vesselId} and status = 'FINISHED'
        and model_version in ('2', #{modelVersion})
        and readings >= 2 and heating <> 'BURNER_SET'
      order by ended_at desc limit 8
      """)
  List<Double> evaporation(UUID vesselId, String modelVersion);

  /** Heat factors of the last batches on this burner, set and left, as it is known now. */
  @Select(
      """
      select power_factor from batch
      where heat_source_id = #{burner.id}
        and status = 'FINISHED' and model_version = #{modelVersion}
        and power_factor is not null and readings >= 2 and heating = 'BURNER_SET'
        and label_power_watts = #{burner.labelPowerWatts}
        and measured_power_watts is not distinct from #{burner.measuredPowerWatts}
      order by ended_at desc limit 8
      """)
  List<Double> power(HeatSourceView burner, String modelVersion);

  /** The last plate test of each of the last batches of a formula that had one. */
  @Select(
      """
      select id as batch_id, plated_spread_meters as spread_meters, body_factor,
        plated_at as read_at, ended_at
      from batch
      where status = 'FINISHED' and model_version in ('2', #{modelVersion})
        and formula_id = #{formulaId} and plated_spread_meters is not null
      order by ended_at desc limit 8
      """)
  List<EarlierThickness> plates(String formulaId, String modelVersion);
}
