package urnstew.app.occupancy;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface OccupancyMapper {
  @Select("select * from occupancy order by since, holder_id")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<Place> all();

  /** Locks a pot until the transaction ends. */
  @Select("select id from vessel where id = #{id} for no key update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<UUID> lockVessel(UUID id);

  /** Locks a burner until the transaction ends. */
  @Select("select id from heat_source where id = #{id} for no key update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<UUID> lockHeatSource(@Nullable UUID id);

  /** Locks an oven until the transaction ends. */
  @Select("select id from oven where id = #{id} for no key update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<UUID> lockOven(@Nullable UUID id);

  @Insert(
      """
      insert into occupancy (holder_id, kind, name, vessel_id, heat_source_id, oven_id, since)
      values (#{holderId}, #{kind}, #{name}, #{vesselId}, #{heatSourceId}, #{ovenId}, #{since})
      on conflict (holder_id) do update set vessel_id = excluded.vessel_id,
        heat_source_id = excluded.heat_source_id, oven_id = excluded.oven_id,
        since = excluded.since
      """)
  void put(Place place);

  @Delete("delete from occupancy where holder_id = #{holderId}")
  void remove(UUID holderId);
}
