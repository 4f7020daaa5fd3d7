package urnstew.app.backup;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;

/** Table names come from {@link BackupTables} alone, never from a file. */
@Mapper
interface BackupMapper {
  /** All rows as JSON, in the order of their key, a few at a time. */
  @Select("select to_jsonb(t)::text from ${table} t order by ${key}")
  @Options(fetchSize = 8)
  Cursor<String> rows(String table, String key);

  /** Columns of the primary key, as they stand in SQL. */
  @Select(
      """
      select string_agg(quote_ident(a.attname), ', ' order by k.place)
      from pg_index i
        cross join unnest(i.indkey) with ordinality as k (attnum, place)
        join pg_attribute a on a.attrelid = i.indrelid and a.attnum = k.attnum
      where i.indrelid = #{table}::regclass and i.indisprimary
      """)
  String key(String table);

  @Insert(
      "insert into ${table} select * from jsonb_populate_recordset(null::${table}, #{rows}::jsonb)")
  int fill(String table, String rows);

  @Delete("delete from ${table}")
  void empty(String table);

  /** What stands in a side room becomes the kitchen's. */
  @Insert("insert into ${table} (${columns}) select ${columns} from ${room}.${table}")
  long moveIn(String table, String columns, String room);

  /** What was changed by whom, in this order, after what this kitchen has noted itself. */
  @Insert(
      """
      insert into change (at, topic, subject, actor, device)
      select at, topic, subject, actor, device from ${room}.change order by version
      """)
  long moveInChanges(String room);

  /** What the rest of the transaction fills is not noted row by row. */
  @Select("select set_config('urnstew.whole', 'yes', true)")
  String asAWhole();

  /** Notes that all is other than before, and tells it. */
  @Select(
      """
      with noted as (
        insert into change (topic, subject, actor, device)
        values ('everything', '', #{actor}, #{device}) returning version)
      select pg_notify('urnstew_change', 'everything ' || version || ' ')::text from noted
      """)
  String noteWhole(String actor, @Nullable UUID device);

  /** For the rest of the transaction, tables without a schema are those of the side room. */
  @Select("select set_config('search_path', #{room} || ', public', true)")
  String look(String room);

  /** The rest of the transaction may take its time. */
  @Select("select set_config('statement_timeout', '0', true)")
  String unhurried();

  @Update("drop schema if exists ${room} cascade")
  void tearDown(String room);

  /** All documents of a column, a few at a time. */
  @Select("select ${column}::text from ${table} where ${column} is not null")
  @Options(fetchSize = 8)
  Cursor<String> documents(String table, String column);

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
