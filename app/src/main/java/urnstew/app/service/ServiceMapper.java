package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface ServiceMapper {
  /** A service. */
  record ServiceRow(
      UUID id,
      UUID mealId,
      String name,
      Instant startedAt,
      @Nullable Instant endedAt,
      int nextSequence,
      String setup) {}

  /**
   * An entry about it.
   *
   * @param batchId the pot that told it; absent where somebody did
   */
  record ServiceEventRow(
      UUID serviceId,
      int sequence,
      UUID id,
      Instant happenedAt,
      Instant typedAt,
      Instant receivedAt,
      String actor,
      @Nullable UUID batchId,
      String payload) {}

  /** How the rest of it was planned. */
  record PlanRow(UUID serviceId, int number, Instant madeAt, String basis, String plan) {}

  /** A service among others. */
  record ServiceListed(
      UUID id, UUID mealId, String name, Instant startedAt, @Nullable Instant endedAt) {}

  @Insert(
      """
      insert into service (id, meal_id, name, started_at, next_sequence, setup)
      values (#{id}, #{mealId}, #{name}, #{startedAt}, 1, #{setup}::jsonb)
      """)
  void start(ServiceRow service);

  @Select("select * from service where id = #{id}")
  Optional<ServiceRow> find(UUID id);

  /** Locks the row: whoever writes next waits. */
  @Select("select * from service where id = #{id} for update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<ServiceRow> lock(UUID id);

  /** What goes on first, then the last. */
  @Select(
      """
      select id, meal_id, name, started_at, ended_at from service
      order by ended_at desc nulls first, started_at desc, id limit #{most}
      """)
  List<ServiceListed> last(int most);

  @Select("select id from service where ended_at is null order by started_at, id")
  List<UUID> running();

  /** The last that are over. */
  @Select(
      """
      select id from service where ended_at is not null
      order by ended_at desc, id limit #{most}
      """)
  List<UUID> over(int most);

  @Select("select id from service where meal_id = #{mealId} and ended_at is null")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<UUID> runningOf(UUID mealId);

  @Insert(
      """
      insert into service_event (service_id, sequence, id, happened_at, typed_at, received_at, actor,
        batch_id, payload)
      values (#{serviceId}, #{sequence}, #{id}, #{happenedAt}, #{typedAt}, #{receivedAt}, #{actor},
        #{batchId}, #{payload}::jsonb)
      """)
  void append(ServiceEventRow event);

  @Update("update service set next_sequence = next_sequence + 1 where id = #{id}")
  void written(UUID id);

  /** Its meal was written otherwise. */
  @Update("update service set setup = #{setup}::jsonb where id = #{id}")
  void setUp(UUID id, String setup);

  @Update("update service set ended_at = #{at} where id = #{id}")
  void end(UUID id, Instant at);

  @Update("update service set ended_at = null where id = #{id}")
  void reopen(UUID id);

  @Select("select * from service_event where service_id = #{id} order by sequence")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<ServiceEventRow> events(UUID id);

  /** Of two that planned the same one is kept. */
  @Insert(
      """
      insert into service_plan (service_id, number, made_at, basis, plan)
      values (#{serviceId}, #{number}, #{madeAt}, #{basis}, #{plan}::jsonb) on conflict do nothing
      """)
  int plan(PlanRow plan);

  /** The last plans, the newest first. */
  @Select(
      """
      select * from service_plan where service_id = #{id} order by number desc limit #{most}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  List<PlanRow> lastPlans(UUID id, int most);

  /** How it was planned when it was started. */
  @Select("select * from service_plan where service_id = #{id} and number = 1")
  Optional<PlanRow> firstPlan(UUID id);
}
