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
  /**
   * Each pattern must be found in name, vessel or note; words come in lower case.
   *
   * @param among looks at the latest so many only
   */
  @Select(
      """
      <script>
      select b.id, b.name, b.formula_id,
        b.vessel_id, b.vessel_name, b.started_at, b.ended_at, b.planned_end,
        b.planned_mass_kilograms, b.final_mass_kilograms, b.evaporation_factor, b.note,
        b.readings, b.cost,
        b.model_version
      from
      <choose>
        <when test="among != null">(
          select * from batch b where b.status = 'FINISHED'
          <if test="vesselId != null">and b.vessel_id = #{vesselId}</if>
          <if test="before != null">and (b.ended_at, b.id) &lt; (#{before}, #{beforeId})</if>
          order by b.ended_at desc, b.id desc limit #{among}) b
        </when>
        <otherwise>batch b</otherwise>
      </choose>
      where b.status = 'FINISHED'
      <foreach collection="patterns" item="pattern">
        and lower(b.name || ' ' || b.vessel_name || ' ' || coalesce(b.note, '')) like #{pattern}
      </foreach>
      <if test="vesselId != null">and b.vessel_id = #{vesselId}</if>
      <if test="before != null">and (b.ended_at, b.id) &lt; (#{before}, #{beforeId})</if>
      order by b.ended_at desc, b.id desc limit #{most}
      </script>
      """)
  List<LogbookEntry> find(
      List<String> patterns,
      @Nullable UUID vesselId,
      @Nullable Instant before,
      UUID beforeId,
      @Nullable Integer among,
      int most);

  /** What readings said of each pot's rate, the newest first. */
  @Select(
      """
      select b.id as batch_id, b.name, b.vessel_id, b.vessel_name, b.ended_at,
        b.evaporation_factor, b.readings
      from batch b
      where b.status = 'FINISHED' and b.readings > 0
      order by b.ended_at desc, b.id limit #{most}
      """)
  List<VesselPoint> rates(int most);
}
