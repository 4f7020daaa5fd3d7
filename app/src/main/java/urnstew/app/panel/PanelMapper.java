package urnstew.app.panel;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface PanelMapper {
  /** A panel as it is kept. */
  record PanelRow(
      UUID id,
      @Nullable UUID batchId,
      String title,
      String way,
      String cups,
      String plan,
      String contains,
      Instant openedAt,
      @Nullable Instant closedAt) {}

  /** A seat that a phone took. */
  record SeatRow(int seat, UUID device, @Nullable String ranked, String note) {}

  @Insert(
      """
      insert into panel (id, batch_id, title, way, cups, plan, contains, opened_at)
      values (#{id}, #{batchId}, #{title}, #{way}, #{cups}::jsonb, #{plan}::jsonb,
        #{contains}, #{openedAt})
      """)
  void open(PanelRow panel);

  @Select(
      """
      select id, batch_id, title, way, cups::text, plan::text, contains, opened_at, closed_at
      from panel where id = #{id}
      """)
  Optional<PanelRow> find(UUID id);

  /** The same, held so that two phones do not take one seat. */
  @Select(
      """
      select id, batch_id, title, way, cups::text, plan::text, contains, opened_at, closed_at
      from panel where id = #{id} for update
      """)
  Optional<PanelRow> lock(UUID id);

  @Select(
      """
      select id, batch_id, title, way, cups::text, plan::text, contains, opened_at, closed_at
      from panel where batch_id = #{batchId} order by opened_at desc, id
      """)
  List<PanelRow> ofBatch(UUID batchId);

  @Update("update panel set closed_at = #{at} where id = #{id} and closed_at is null")
  int close(UUID id, Instant at);

  @Select(
      """
      select seat, device, ranked::text, note from panel_seat where panel_id = #{panelId}
      order by seat
      """)
  List<SeatRow> seats(UUID panelId);

  @Insert(
      """
      insert into panel_seat (panel_id, seat, device) values (#{panelId}, #{seat}, #{device})
      """)
  void sit(UUID panelId, int seat, UUID device);

  @Update(
      """
      update panel_seat set ranked = #{ranked}::jsonb, note = #{note}, voted_at = #{at}
      where panel_id = #{panelId} and device = #{device}
      """)
  int vote(UUID panelId, UUID device, String ranked, String note, Instant at);
}
