package urnstew.app.logbook;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface LogbookMapper {
  @Select(
      """
      select b.id, b.name, b.vessel_name, b.started_at, b.ended_at, b.planned_end,
        b.planned_mass_kilograms, b.final_mass_kilograms, b.evaporation_factor, b.note,
        (b.forecast ->> 'readings')::integer as readings
      from batch b where b.status = 'FINISHED'
      order by b.ended_at desc, b.id limit 200
      """)
  List<LogbookEntry> finished();
}
