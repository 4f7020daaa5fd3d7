package urnstew.app.formula;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface FormulaMapper {
  /** Where a formula stands: the latest version that the kitchen wrote, or 0 for a shipped one. */
  record ShelfRow(String id, int latest, boolean retired) {}

  @Select("select id, latest, retired from formula_shelf order by id")
  List<ShelfRow> shelf();

  /** Locks the row: whoever writes the next version waits. */
  @Select("select id, latest, retired from formula_shelf where id = #{id} for update")
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<ShelfRow> lock(String id);

  @Select(
      """
      select v.document::text from formula_shelf s
        join formula_version v on v.formula_id = s.id and v.version = s.latest order by s.id
      """)
  List<String> latest();

  @Select(
      """
      select v.document::text from formula_shelf s
        join formula_version v on v.formula_id = s.id and v.version = s.latest where s.id = #{id}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<String> latestOf(String id);

  @Select(
      """
      select document::text from formula_version where formula_id = #{id} and version = #{version}
      """)
  Optional<String> version(String id, int version);

  @Insert(
      """
      insert into formula_shelf (id, latest, retired) values (#{id}, #{latest}, #{retired})
      on conflict do nothing
      """)
  int put(ShelfRow row);

  @Update("update formula_shelf set latest = #{latest}, retired = #{retired} where id = #{id}")
  void change(ShelfRow row);

  @Insert(
      """
      insert into formula_version (formula_id, version, document, note, made_at, made_by)
      values (#{id}, #{version}, #{document}::jsonb, #{note}, #{madeAt}, #{madeBy})
      """)
  void write(String id, int version, String document, String note, Instant madeAt, String madeBy);
}
