package urnstew.app.logbook;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface StageNoteMapper {
  @Insert(
      """
      insert into stage_note (id, batch_id, stage, note, photo, noted_at, noted_by)
      values (#{note.id}, #{note.batchId}, #{note.stage}, #{note.note}, #{photo},
        #{note.notedAt}, #{note.notedBy})
      """)
  void add(StageNote note, byte @Nullable [] photo);

  @Select(
      """
      select id, batch_id, stage, note, photo is not null as photo, noted_at, noted_by
      from stage_note where batch_id = #{batchId} order by noted_at, id
      """)
  List<StageNote> of(UUID batchId);

  @Select(
      """
      select id, batch_id, stage, note, photo is not null as photo, noted_at, noted_by
      from stage_note where id = #{id}
      """)
  @Options(flushCache = Options.FlushCachePolicy.TRUE)
  Optional<StageNote> find(UUID id);

  /** Of other batches of the same formula that were lit before. */
  @Select(
      """
      select n.id, n.batch_id, n.stage, n.note, n.photo is not null as photo, n.noted_at, n.noted_by
      from stage_note n join batch b on b.id = n.batch_id
        join batch own on own.id = #{batchId}
      where b.formula_id = own.formula_id and b.id <> own.id and b.started_at < own.started_at
      order by n.noted_at desc, n.id limit #{most}
      """)
  List<StageNote> before(UUID batchId, int most);

  /** The photo of a note that has one. */
  @Select("select photo from stage_note where id = #{id} and photo is not null")
  Optional<Photo> photo(UUID id);

  @Delete("delete from stage_note where id = #{id}")
  int remove(UUID id);

  /** Bytes of a picture, as they are stored. */
  record Photo(byte[] photo) {}
}
