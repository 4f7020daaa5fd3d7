package urnstew.app.plan;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What earlier batches say of a pot. */
@Mapper
interface PotHistories {
  /** Rate factors that the last batches in this pot ended with, where there were readings. */
  @Select(
      """
      select evaporation_factor from batch
      where vessel_id = #{vesselId} and status = 'FINISHED' and model_version = #{modelVersion}
        and (forecast ->> 'readings')::integer >= 2
      order by ended_at desc limit 8
      """)
  List<Double> of(UUID vesselId, String modelVersion);
}
