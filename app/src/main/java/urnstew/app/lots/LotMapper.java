package urnstew.app.lots;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface LotMapper {
  /** A lot as it is stored. */
  record LotRow(
      UUID id,
      String code,
      String name,
      String formulaId,
      @Nullable UUID batchId,
      @Nullable UUID keepingId,
      LocalDate madeOn,
      String kind,
      String allergens,
      @Nullable String declaration,
      double putKilograms,
      double massKilograms,
      double tubLiters,
      double eachKilograms,
      UUID placeId,
      @Nullable LocalDate frozenOn,
      @Nullable LocalDate thawedOn,
      @Nullable Instant wantedAt,
      @Nullable Instant closedAt,
      boolean unfinished) {}

  /** What was done with it. */
  record LotEventRow(
      UUID lotId,
      int sequence,
      UUID id,
      Kind kind,
      Instant happenedAt,
      String actor,
      @Nullable Double massKilograms,
      @Nullable UUID batchId,
      String what) {}

  /** Kinds of what is done. */
  enum Kind {
    PUT_AWAY,
    MOVED,
    USED,
    SPLIT,
    MERGED,
    DISCARDED
  }

  /** One lot came out of another. */
  record LinkRow(UUID fromId, UUID toId, double massKilograms) {}

  /** What went into a batch. */
  record SourceRow(
      UUID id,
      UUID batchId,
      String ingredientId,
      @Nullable UUID stockId,
      String code,
      Instant writtenAt,
      String actor) {}

  /** A batch by name, for traces. */
  record BatchName(UUID id, String name, Instant startedAt) {}

  @Insert(
      """
      insert into lot (id, code, name, formula_id, batch_id, keeping_id, made_on, kind, allergens,
        declaration, put_kilograms, mass_kilograms, tub_liters, each_kilograms, place_id, frozen_on, thawed_on, unfinished)
      values (#{id}, #{code}, #{name}, #{formulaId}, #{batchId}, #{keepingId}, #{madeOn},
        #{kind}::jsonb, #{allergens}, #{declaration}::jsonb, #{putKilograms}, #{massKilograms}, #{tubLiters},
        #{eachKilograms}, #{placeId}, #{frozenOn}, #{thawedOn}, #{unfinished})
      """)
  void put(LotRow lot);

  @Select("select exists (select 1 from lot where batch_id = #{batchId} and not taken_back)")
  boolean isPutAway(UUID batchId);

  @Select("select exists (select 1 from lot where keeping_id = #{keepingId} and not taken_back)")
  boolean isOfKeeping(UUID keepingId);

  @Select("select exists (select 1 from lot where code = #{code})")
  boolean taken(String code);

  @Select("select * from lot where id = #{id}")
  Optional<LotRow> find(UUID id);

  @Select("select * from lot where code = #{code}")
  Optional<LotRow> byCode(String code);

  @Select("select * from lot where id = #{id} for update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<LotRow> lock(UUID id);

  @Select("select * from lot where closed_at is null order by made_on, id")
  List<LotRow> open();

  @Update(
      """
      update lot set mass_kilograms = #{left},
        closed_at = case when #{left} = 0 then cast(#{at} as timestamptz) end
      where id = #{id}
      """)
  void leave(UUID id, double left, Instant at);

  @Update(
      """
      update lot set place_id = #{placeId}, frozen_on = #{frozenOn}, thawed_on = #{thawedOn}
      where id = #{id}
      """)
  void move(UUID id, UUID placeId, @Nullable LocalDate frozenOn, @Nullable LocalDate thawedOn);

  @Update("update lot set declaration = #{document}::jsonb, allergens = #{words} where id = #{id}")
  void declare(UUID id, String document, String words);

  @Update("update lot set wanted_at = #{at} where id = #{id}")
  int want(UUID id, @Nullable Instant at);

  /** Notes what is about to be done with a lot, and how it stands before. */
  @Insert(
      """
      insert into lot_event (lot_id, sequence, id, kind, happened_at, actor, mass_kilograms,
        batch_id, what, before_kilograms, before_place_id, before_frozen_on, before_thawed_on)
      select id, (select count(*) + 1 from lot_event where lot_id = #{event.lotId}),
        #{event.id}, #{event.kind}, #{event.happenedAt}, #{event.actor}, #{event.massKilograms},
        #{event.batchId}, #{event.what}, mass_kilograms, place_id, frozen_on, thawed_on
      from lot where id = #{event.lotId}
      """)
  void append(@Param("event") LotEventRow event);

  /** Notes that an entry was not meant. */
  @Insert(
      """
      insert into lot_event (lot_id, sequence, id, kind, happened_at, actor, what, takes_back)
      select lot_id, (select count(*) + 1 from lot_event all_of where all_of.lot_id = e.lot_id),
        #{id}, 'TAKEN_BACK', #{at}, #{actor}, '', e.id
      from lot_event e where e.id = #{eventId}
      """)
  void takeBack(UUID id, UUID eventId, Instant at, String actor);

  /** A lot as it stood before an entry. */
  @Update(
      """
      update lot set mass_kilograms = e.before_kilograms, place_id = e.before_place_id,
        frozen_on = e.before_frozen_on, thawed_on = e.before_thawed_on, closed_at = null
      from lot_event e where e.id = #{eventId} and lot.id = e.lot_id
      """)
  void asBefore(UUID eventId);

  /** A use that was not meant, with others since. */
  @Update(
      """
      update lot set mass_kilograms = mass_kilograms + #{kilograms}, closed_at = null
      where id = #{id}
      """)
  void putBack(UUID id, double kilograms);

  /** A lot that was never meant: nothing is in it, and nothing went into it. */
  @Update(
      "update lot set mass_kilograms = 0, closed_at = #{at}, taken_back = true where id = #{id}")
  void unmake(UUID id, Instant at);

  @Delete("delete from lot_link where to_id = #{id}")
  void unlink(UUID id);

  /** The lots from which this one was parted or merged. */
  @Select("select * from lot_link where to_id = #{id} order by from_id")
  List<LinkRow> cameFrom(UUID id);

  /**
   * What was done with some of them, of each in its order.
   *
   * @param ids with blanks between
   */
  @Select(
      """
      select * from lot_event_standing where lot_id = any (string_to_array(#{ids}, ' ')::uuid[])
      order by lot_id, sequence
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<LotEventRow> eventsOf(String ids);

  @Select("select * from lot_event_standing where lot_id = #{id} order by sequence")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<LotEventRow> events(UUID id);

  @Insert(
      "insert into lot_link (from_id, to_id, mass_kilograms) values (#{fromId}, #{toId},"
          + " #{massKilograms})")
  void link(LinkRow link);

  /** The lots from which this one came, to any depth. */
  @Select(
      """
      with recursive up as (
        select from_id, to_id, mass_kilograms from lot_link where to_id = #{id}
        union
        select l.from_id, l.to_id, l.mass_kilograms from lot_link l join up on l.to_id = up.from_id)
      select * from up
      """)
  List<LinkRow> ancestors(UUID id);

  /** The lots into which this one was parted or merged. */
  @Select("select * from lot_link where from_id = #{id} order by to_id")
  List<LinkRow> cameOut(UUID id);

  @Select("select * from lot where batch_id = #{batchId} and not taken_back order by made_on, id")
  List<LotRow> ofBatch(UUID batchId);

  /** All that was put away of a batch so far; what was parted or merged later counts once. */
  @Select(
      """
      select coalesce(sum(put_kilograms), 0) from lot l where batch_id = #{batchId}
        and not taken_back and not exists (select 1 from lot_link k where k.to_id = l.id)
      """)
  double putAwayOf(UUID batchId);

  /** Open lots of a formula, held in the one order in which everybody holds them. */
  @Select(
      "select * from lot where formula_id = #{formulaId} and closed_at is null order by id for update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<LotRow> lockOpen(String formulaId);

  /** Uses of lots in a batch. */
  @Select(
      "select * from lot_event_standing where batch_id = #{batchId} and kind = 'USED'"
          + " order by happened_at")
  List<LotEventRow> usedIn(UUID batchId);

  /** The same, and what was put back. */
  @Select("select * from lot_event where batch_id = #{batchId} and kind = 'USED'")
  List<LotEventRow> everUsedIn(UUID batchId);

  @Insert(
      """
      insert into batch_source (id, batch_id, ingredient_id, stock_id, code, written_at, actor)
      values (#{id}, #{batchId}, #{ingredientId}, #{stockId}, #{code}, #{writtenAt}, #{actor})
      """)
  void source(SourceRow source);

  @Select("select * from batch_source where batch_id = #{batchId} order by written_at, id")
  List<SourceRow> sources(UUID batchId);

  @Select("select * from batch_source where lower(code) = lower(#{code}) order by written_at, id")
  List<SourceRow> sourcesByCode(String code);

  @Select("select id, name, started_at from batch where id = #{id}")
  Optional<BatchName> batch(UUID id);
}
