package urnstew.app.platform;

import java.time.Instant;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface IdempotencyMapper {
  record FirstWrite(String fingerprint, String answer) {}

  @Insert(
      """
      insert into write_receipt (id, scope, fingerprint, received_at)
      values (#{id}, #{scope}, #{fingerprint}, #{at}) on conflict (id) do nothing
      """)
  int claim(UUID id, String scope, String fingerprint, Instant at);

  @Update("update write_receipt set answer = #{answer}::jsonb where id = #{id}")
  void answered(UUID id, String answer);

  @Select("select fingerprint, answer from write_receipt where id = #{id}")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  FirstWrite find(UUID id);

  @Delete("delete from write_receipt where received_at < #{at}")
  int forgetBefore(Instant at);
}
