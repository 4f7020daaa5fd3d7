package urnstew.app.platform;

import java.time.Instant;
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
interface IdempotencyMapper {
  /**
   * A write that was made.
   *
   * @param written identities of what was written; absent for those of earlier releases
   */
  record FirstWrite(String fingerprint, @Nullable String written) {}

  @Insert(
      """
      insert into write_receipt (id, scope, fingerprint, received_at)
      values (#{id}, #{scope}, #{fingerprint}, #{at}) on conflict (id) do nothing
      """)
  int claim(UUID id, String scope, String fingerprint, Instant at);

  @Update(
      """
      update write_receipt set written = string_to_array(#{written}, ' ')::uuid[] where id = #{id}
      """)
  void written(UUID id, String written);

  @Select(
      """
      select fingerprint, array_to_string(written, ' ') as written from write_receipt
      where id = #{id}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<FirstWrite> find(UUID id);

  @Select("select received_at from write_receipt where id = #{id}")
  Optional<Instant> receivedAt(UUID id);

  @Delete("delete from write_receipt where received_at < #{at}")
  int forgetBefore(Instant at);
}
