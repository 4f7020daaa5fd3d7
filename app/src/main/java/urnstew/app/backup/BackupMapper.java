package urnstew.app.backup;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Table names come from {@link BackupTables} alone, never from a file. */
@Mapper
interface BackupMapper {
  /** All rows as JSON, in an order that does not change. */
  @Select("select to_jsonb(t)::text from ${table} t order by to_jsonb(t)::text")
  List<String> rows(String table);

  @Insert(
      "insert into ${table} select * from jsonb_populate_recordset(null::${table}, #{rows}::jsonb)")
  int fill(String table, String rows);

  @Delete("delete from ${table}")
  void empty(String table);

  @Select("select count(*) from ${table}")
  long count(String table);

  /** Names of the columns, in the order of the alphabet. */
  @Select(
      """
      select column_name from information_schema.columns
      where table_schema = current_schema() and table_name = #{table} order by column_name
      """)
  List<String> columns(String table);

  @Select(
      """
      select version from flyway_schema_history where success and version is not null
      order by installed_rank desc limit 1
      """)
  String schemaVersion();
}
