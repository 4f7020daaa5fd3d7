package urnstew.app.keeping;

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

@Mapper
interface KeepingMapper {
  /** Kinds of keeping. */
  enum Kind {
    HOLD,
    COOLING,
    SET_OUT
  }

  /**
   * Something kept.
   *
   * @param vesselId pot or tray in which it began; absent: it stands in none
   * @param closedBy the write that ended it
   */
  record KeepingRow(
      UUID id,
      Kind kind,
      String name,
      @Nullable UUID batchId,
      @Nullable String formulaId,
      @Nullable Double massKilograms,
      @Nullable UUID vesselId,
      Instant startedAt,
      String start,
      int nextSequence,
      @Nullable Instant closedAt,
      KeepingWrites.@Nullable Closed closedAs,
      @Nullable UUID closedBy,
      String reason,
      String moreBecause) {}

  /**
   * An entry about it.
   *
   * @param vesselId pot or tray into which it went then
   */
  record EntryRow(
      UUID keepingId,
      int sequence,
      UUID id,
      Instant happenedAt,
      Instant typedAt,
      Instant receivedAt,
      String actor,
      String enteredText,
      @Nullable UUID vesselId,
      String payload) {}

  @Insert(
      """
      insert into keeping (id, kind, name, batch_id, formula_id, mass_kilograms, vessel_id,
        started_at, start, next_sequence, more_because)
      values (#{id}, #{kind}, #{name}, #{batchId}, #{formulaId}, #{massKilograms}, #{vesselId},
        #{startedAt}, #{start}::jsonb, 1, #{moreBecause})
      """)
  void begin(KeepingRow keeping);

  @Select("select * from keeping where id = #{id}")
  Optional<KeepingRow> find(UUID id);

  /** Locks the row: whoever writes next waits. */
  @Select("select * from keeping where id = #{id} for update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<KeepingRow> lock(UUID id);

  @Select("select * from keeping where closed_at is null order by started_at, id")
  List<KeepingRow> open();

  @Select(
      """
      select * from keeping where batch_id = #{batchId} order by started_at, id
      """)
  List<KeepingRow> ofBatch(UUID batchId);

  @Select("select exists (select 1 from keeping where batch_id = #{batchId})")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  boolean isKept(UUID batchId);

  /** What is held or cools of a batch just now, kg. */
  @Select(
      """
      select coalesce(sum(mass_kilograms), 0) from keeping
      where batch_id = #{batchId} and closed_at is null
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  double openKilogramsOf(UUID batchId);

  @Update("update keeping set next_sequence = next_sequence + 1 where id = #{id}")
  void written(UUID id);

  @Update(
      """
      update keeping set closed_at = #{at}, closed_as = #{as}, closed_by = #{by},
        reason = #{reason}
      where id = #{id}
      """)
  void close(UUID id, Instant at, KeepingWrites.Closed as, UUID by, String reason);

  @Update(
      """
      update keeping set closed_at = null, closed_as = null, closed_by = null, reason = ''
      where id = #{id}
      """)
  void reopen(UUID id);

  /** One that was not meant and never written to. */
  @Delete("delete from keeping where id = #{id}")
  void remove(UUID id);

  @Insert(
      """
      insert into keeping_event (keeping_id, sequence, id, happened_at, typed_at, received_at, actor,
        entered_text, vessel_id, payload)
      values (#{keepingId}, #{sequence}, #{id}, #{happenedAt}, #{typedAt}, #{receivedAt}, #{actor},
        #{enteredText}, #{vesselId}, #{payload}::jsonb)
      """)
  void append(EntryRow entry);

  /** When an entry was, or something began to be kept; empty where that was taken back. */
  @Select(
      """
      select happened_at from keeping_event where id = #{id}
      union all select started_at from keeping where id = #{id}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<Instant> happened(UUID id);

  @Select("select * from keeping_event where keeping_id = #{id} order by sequence")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<EntryRow> entries(UUID id);
}
