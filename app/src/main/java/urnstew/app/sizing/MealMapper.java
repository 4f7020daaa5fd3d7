package urnstew.app.sizing;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface MealMapper {
  /** A meal as it is kept. */
  record MealRow(UUID id, String name, String document, int version) {}

  @Select(
      """
      select id, name, document::text, version from meal where not retired
      order by changed_at desc, id
      """)
  List<MealRow> all();

  @Select("select id, name, document::text, version from meal where id = #{id}")
  Optional<MealRow> find(UUID id);

  @Insert(
      """
      insert into meal (id, name, document, changed_at, version)
      values (#{id}, #{name}, #{document}::jsonb, #{changedAt}, 1) on conflict do nothing
      """)
  int add(UUID id, String name, String document, Instant changedAt);

  @Update(
      """
      update meal set name = #{name}, document = #{document}::jsonb, changed_at = #{changedAt},
        version = version + 1
      where id = #{id} and version = #{version} and not retired
      """)
  int change(UUID id, String name, String document, Instant changedAt, int version);

  @Update("update meal set retired = #{retired} where id = #{id}")
  int retire(UUID id, boolean retired);
}
