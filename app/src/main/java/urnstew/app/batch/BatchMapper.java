package urnstew.app.batch;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.BatchEntries.Recorded;

@Mapper
interface BatchMapper {
  @Insert(
      """
      insert into batch (id, name, vessel_id, vessel_name, status, started_at, time_scale, next_sequence,
        model_version, snapshot, planned, forecast, started_by, planned_end,
        planned_mass_kilograms, formula_id, cost, heat_source_id, heating,
        label_power_watts, measured_power_watts, readings, reckon_again_at)
      values (#{id}, #{name}, #{vesselId}, #{vesselName}, #{status}, #{startedAt}, #{timeScale},
        #{nextSequence}, #{modelVersion}, #{snapshot}::jsonb, #{planned}::jsonb,
        #{forecast}::jsonb, #{startedBy}, #{plannedEnd}, #{plannedMassKilograms}, #{formulaId},
        #{cost}, #{heatSourceId}, #{heating}, #{labelPowerWatts}, #{measuredPowerWatts}, 0,
        #{reckonAgainAt})
      """)
  void start(BatchRow batch);

  @Select("select * from batch where id = #{id}")
  Optional<BatchRow> find(UUID id);

  /** Locks the row: whoever appends next waits. */
  @Select("select * from batch where id = #{id} for update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<BatchRow> lock(UUID id);

  /**
   * A batch without its documents.
   *
   * @param mark of its row, another one after every write
   */
  record Listed(UUID id, String name, Instant startedAt, String modelVersion, String mark) {}

  @Select(
      """
      select id, name, started_at, model_version, xmin::text as mark from batch
      where status = #{status} order by started_at desc, id
      """)
  List<Listed> byStatus(Status status);

  @Select(
      """
      select id, name, started_at, model_version, xmin::text as mark from batch where id = #{id}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<Listed> listed(UUID id);

  /**
   * What later batches learn from this one.
   *
   * @param spreadMeters of the last plate test that counts, if there is one
   * @param platedAt when it was taken
   */
  record Learnt(
      int readings,
      @Nullable Double spreadMeters,
      @Nullable Instant platedAt,
      double powerFactor,
      double bodyFactor) {}

  @Update(
      """
      update batch set next_sequence = next_sequence + 1, forecast = #{forecast}::jsonb,
        readings = #{learnt.readings}, plated_spread_meters = #{learnt.spreadMeters},
        plated_at = #{learnt.platedAt},
        power_factor = #{learnt.powerFactor}, body_factor = #{learnt.bodyFactor},
        reckon_again_at = #{reckonAgainAt}
      where id = #{id}
      """)
  void appended(UUID id, String forecast, Learnt learnt, @Nullable Instant reckonAgainAt);

  /** Pots whose forecast an hour has overtaken. */
  @Select("select id from batch where status = 'SIMMERING' and reckon_again_at <= #{now}")
  List<UUID> overtaken(Instant now);

  /** Another forecast, without an entry. */
  @Update(
      """
      update batch set forecast = #{forecast}::jsonb, reckon_again_at = #{reckonAgainAt}
      where id = #{id}
      """)
  void reckoned(UUID id, String forecast, @Nullable Instant reckonAgainAt);

  @Update(
      """
      update batch set status = 'FINISHED', ended_at = #{endedAt},
        final_mass_kilograms = #{finalMassKilograms}, evaporation_factor = #{evaporationFactor},
        note = #{note}, reached_fraction = #{reachedFraction}
      where id = #{id}
      """)
  void finished(
      UUID id,
      Instant endedAt,
      @Nullable Double finalMassKilograms,
      double evaporationFactor,
      String note,
      double reachedFraction);

  /** Puts a batch back among those on the stove. */
  @Update(
      """
      update batch set status = 'SIMMERING', ended_at = null, final_mass_kilograms = null,
        evaporation_factor = null, note = null, reached_fraction = null
      where id = #{id}
      """)
  void reopened(UUID id);

  /** What was lit of a formula in a pot since a moment, the first first. */
  @Select(
      """
      select id from batch where formula_id = #{formulaId} and vessel_id = #{vesselId}
        and started_at >= #{since} order by started_at, id
      """)
  List<UUID> lit(String formulaId, UUID vesselId, Instant since);

  /** The last that were cooked of a formula. */
  @Select(
      """
      select * from batch where formula_id = #{formulaId} and status = 'FINISHED'
        and model_version = #{modelVersion} order by ended_at desc limit #{most}
      """)
  List<BatchRow> lastOf(String formulaId, String modelVersion, int most);

  @Select("select exists (select 1 from stage_note where batch_id = #{id})")
  boolean hasNotes(UUID id);

  /** One that was lit by mistake and never written to. */
  @Delete("delete from batch where id = #{id}")
  void remove(UUID id);

  @Insert(
      """
      insert into batch_event (batch_id, sequence, id, kind, happened_at, typed_at, sent_at,
        received_at, actor, entered_text, reading_source, tare_vessel_id, payload)
      values (#{batchId}, #{sequence}, #{id}, #{kind}, #{happenedAt}, #{typedAt}, #{sentAt},
        #{receivedAt}, #{actor}, #{enteredText}, #{readingSource}, #{tareVesselId},
        #{payload}::jsonb)
      """)
  void append(EventRow event);

  @Select("select * from batch_event where batch_id = #{batchId} order by sequence")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<EventRow> events(UUID batchId);

  /** Those from one sequence number on, up to another. */
  @Select(
      """
      select * from batch_event
      where batch_id = #{batchId} and sequence >= #{from} and sequence < #{to} order by sequence
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<EventRow> between(UUID batchId, int from, int to);

  /** An entry, as the one who wrote it is told. */
  @Select(
      """
      select batch_id, id, sequence, happened_at from batch_event where id = #{id}
      union all select id, id, 0, started_at from batch where id = #{id}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<Recorded> recorded(UUID id);

  /** All but readings, of which there can be thousands. */
  @Select(
      """
      select * from batch_event where batch_id = #{batchId} and kind <> 'READING_TAKEN'
      order by sequence
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<EventRow> acts(UUID batchId);

  /** The last ones before a sequence number. */
  @Select(
      """
      select * from (
        select * from batch_event where batch_id = #{batchId} and sequence < #{before}
        order by sequence desc limit #{most}) latest
      order by sequence
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<EventRow> page(UUID batchId, int before, int most);
}
