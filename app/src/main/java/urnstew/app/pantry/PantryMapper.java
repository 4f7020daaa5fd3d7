package urnstew.app.pantry;

import java.time.LocalDate;
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
import urnstew.core.pantry.Avoid;

@Mapper
interface PantryMapper {
  /** An ingredient of the kitchen's own, or its change of a shipped one. */
  record OwnRow(
      String id, String document, @Nullable LocalDate pricedOn, boolean retired, int version) {}

  @Select("select id, document::text, priced_on, retired, version from own_ingredient order by id")
  List<OwnRow> own();

  /** Another one whenever a row was written: by the transaction that wrote each. */
  @Select(
      """
      select coalesce(md5(string_agg(id || ' ' || xmin::text, ',' order by id)), '')
      from own_ingredient
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  String mark();

  @Select(
      """
      select id, document::text, priced_on, retired, version from own_ingredient where id = #{id}
      """)
  Optional<OwnRow> find(String id);

  @Insert(
      """
      insert into own_ingredient (id, document, priced_on, retired, version)
      values (#{id}, #{document}::jsonb, #{pricedOn}, #{retired}, 1) on conflict do nothing
      """)
  int add(String id, String document, @Nullable LocalDate pricedOn, boolean retired);

  /** Nobody else writes one meanwhile. */
  @Update("lock table own_ingredient in share row exclusive mode")
  void lockAll();

  /** Adds, or changes what there is. */
  @Insert(
      """
      <script>
      insert into own_ingredient (id, document, priced_on, retired, version) values
      <foreach collection="rows" item="row" separator=",">
        (#{row.id}, #{row.document}::jsonb, #{row.pricedOn}, #{row.retired}, #{row.version})
      </foreach>
      on conflict (id) do update set document = excluded.document, priced_on = excluded.priced_on,
        retired = excluded.retired, version = own_ingredient.version + 1
      </script>
      """)
  void put(List<OwnRow> rows);

  @Update(
      """
      update own_ingredient set document = #{document}::jsonb, priced_on = #{pricedOn},
        retired = #{retired}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int change(
      String id, String document, @Nullable LocalDate pricedOn, boolean retired, int version);

  @Select("select kind, key from avoided order by kind, key")
  List<Avoid> avoided();

  @Select("select avoided_version from kitchen")
  int avoidVersion();

  @Update(
      """
      update kitchen set avoided_version = avoided_version + 1 where avoided_version = #{version}
      """)
  int nextAvoidVersion(int version);

  @Insert("insert into avoided (kind, key) values (#{kind}, #{key}) on conflict do nothing")
  void avoid(Avoid avoid);

  @Delete("delete from avoided where kind = #{kind} and key = #{key}")
  void allow(Avoid avoid);

  @Select(
      """
      select id, ingredient_id, mass_kilograms, mass_text, opened_on, use_by, note, code,
        version
      from stock where not gone order by use_by nulls last, ingredient_id, id
      """)
  List<StockItem> stock();

  @Select(
      """
      select id, ingredient_id, mass_kilograms, mass_text, opened_on, use_by, note, code,
        version
      from stock where id = #{id}
      """)
  Optional<StockItem> stockItem(UUID id);

  @Insert(
      """
      insert into stock (id, ingredient_id, mass_kilograms, mass_text, opened_on, use_by, note,
        code, version)
      values (#{id}, #{ingredientId}, #{massKilograms}, #{massText}, #{openedOn}, #{useBy},
        #{note}, #{code}, 1)
      """)
  void store(StockItem item);

  @Update(
      """
      update stock set mass_kilograms = #{item.massKilograms}, mass_text = #{item.massText},
        opened_on = #{item.openedOn}, use_by = #{item.useBy}, note = #{item.note},
        code = #{item.code}, version = version + 1
      where id = #{item.id} and version = #{version} and not gone
      """)
  int changeStock(StockItem item, int version);

  @Update(
      """
      update stock set gone = #{gone}, version = version + 1
      where id = #{id} and version = #{version}
      """)
  int take(UUID id, int version, boolean gone);
}
