package urnstew.app.rules;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RuleMapper {
  /** A copy that this kitchen made. */
  record OwnRow(String id, String name, String basis) {}

  /** A limit that it changed. */
  record ChangeRow(
      String ruleSetId,
      int sequence,
      String limitKey,
      double value,
      String reason,
      Instant changedAt,
      String changedBy) {}

  @Select("select id, name, basis from own_rule_set order by made_at, id")
  List<OwnRow> own();

  @Insert(
      "insert into own_rule_set (id, name, basis, made_at) values (#{own.id}, #{own.name},"
          + " #{own.basis}, #{madeAt})")
  void copy(OwnRow own, Instant madeAt);

  @Select("select * from rule_change where rule_set_id = #{id} order by sequence")
  List<ChangeRow> changes(String id);

  /** Locks the copy: whoever changes next waits. */
  @Select("select id from own_rule_set where id = #{id} for update")
  Optional<String> lock(String id);

  @Insert(
      """
      insert into rule_change (rule_set_id, sequence, limit_key, value, reason, changed_at, changed_by)
      values (#{ruleSetId}, #{sequence}, #{limitKey}, #{value}, #{reason}, #{changedAt}, #{changedBy})
      """)
  void change(ChangeRow change);

  @Select("select rule_set_id from rule_set_in_force")
  Optional<String> inForce();

  @Insert(
      """
      insert into rule_set_in_force (rule_set_id) values (#{id})
      on conflict (only_one) do update set rule_set_id = excluded.rule_set_id
      """)
  void putInForce(String id);
}
