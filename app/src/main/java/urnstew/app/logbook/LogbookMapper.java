package urnstew.app.logbook;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import urnstew.app.logbook.LogbookEntry.VesselPoint;

@Mapper
interface LogbookMapper {
  /** Each pattern must be found in name, vessel or note; words come in lower case. */
  @Select(
      """
      <script>
      select b.id, b.name, b.snapshot #>> '{inputs,formula,formula,id}' as formula_id,
        b.vessel_id, b.vessel_name, b.started_at, b.ended_at, b.planned_end,
        b.planned_mass_kilograms, b.final_mass_kilograms, b.evaporation_factor, b.note,
        (b.forecast ->> 'readings')::integer as readings,
        (b.planned #>> '{plan,cost,used}')::double precision as cost,
        b.model_version
      from batch b
      where b.status = 'FINISHED'
      <foreach collection="patterns" item="pattern">
        and lower(b.name || ' ' || b.vessel_name || ' ' || coalesce(b.note, '')) like #{pattern}
      </foreach>
      <if test="vesselId != null">and b.vessel_id = #{vesselId}</if>
      <if test="before != null">and b.ended_at &lt; #{before}</if>
      order by b.ended_at desc, b.id limit #{most}
      </script>
      """)
  List<LogbookEntry> find(
      List<String> patterns, @Nullable UUID vesselId, @Nullable Instant before, int most);

  /** What readings said of each pot's rate, the newest first. */
  @Select(
      """
      select b.id as batch_id, b.name, b.vessel_id, b.vessel_name, b.ended_at,
        b.evaporation_factor, (b.forecast ->> 'readings')::integer as readings
      from batch b
      where b.status = 'FINISHED' and (b.forecast ->> 'readings')::integer > 0
      order by b.ended_at desc, b.id limit #{most}
      """)
  List<VesselPoint> rates(int most);
}
