package urnstew.app.task;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;

@Mapper
interface TaskMapper {
  /** What a reader sees just now: another one once anything is committed. */
  @Select("select pg_current_snapshot()::text")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  String seen();
}
