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
        and readings >= 2 and heating <> 'BurnerSet'
      order by ended_at desc limit 8
      """)
  List<Double> evaporation(UUID vesselId, String modelVersion);

  /** Heat factors of the last batches on this burner, set and left, as it is known now. */
  @Select(
      """
      select power_factor from batch
      where heat_source_id = #{burner.id}
        and status = 'FINISHED' and model_version = #{modelVersion}
        and power_factor is not null and readings >= 2 and heating = 'BurnerSet'
        and (snapshot #>> '{inputs,setting,heatSource,labelPower,watts}')::double precision
          = #{burner.labelPowerWatts}
        and (snapshot #>> '{inputs,setting,heatSource,measuredPower,watts}')::double precision
          is not distinct from #{burner.measuredPowerWatts}
      order by ended_at desc limit 8
      """)
  List<Double> power(HeatSourceView burner, String modelVersion);

  /** The last plate test of each of the last batches of a formula that had one. */
  @Select(
      """
      select * from (
        select distinct on (b.id) b.id as batch_id, b.ended_at, e.happened_at as read_at,
          (e.payload #>> '{measurement,spread,meters}')::double precision as spread_meters,
          b.body_factor
        from batch b join batch_event e on e.batch_id = b.id
        where b.status = 'FINISHED' and b.model_version in ('2', #{modelVersion})
          and b.formula_id = #{formulaId} and b.plate_tests > 0
          and e.kind = 'READING_TAKEN' and e.payload #>> '{measurement,kind}' = 'Plated'
          and (select coalesce(sum(case s.kind when 'STRUCK_OUT' then 1 else -1 end), 0)
            from batch_event s where s.batch_id = b.id
              and s.payload ->> 'eventId' = e.id::text) = 0
        order by b.id, e.happened_at desc) as last
      order by ended_at desc limit 8
      """)
  List<EarlierThickness> plates(String formulaId, String modelVersion);
}
