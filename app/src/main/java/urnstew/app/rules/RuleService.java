package urnstew.app.rules;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.platform.Actor;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.Write;
import urnstew.app.rules.RuleMapper.ChangeRow;
import urnstew.app.rules.RuleMapper.OwnRow;
import urnstew.app.rules.RuleSetView.ChangeView;
import urnstew.app.rules.RuleSetView.CookedView;
import urnstew.app.rules.RuleSetView.LimitView;
import urnstew.core.rules.Limit;
import urnstew.core.rules.Provision;
import urnstew.core.rules.RuleSet;
import urnstew.units.InvalidInput;

/** Rule sets, shipped and own, and the one in force. */
@Service
public class RuleService {
  private static final int LONGEST_NAME = 80;

  private final RuleMapper mapper;
  private final IdempotencyStore writes;
  private final Clock clock;

  RuleService(RuleMapper mapper, IdempotencyStore writes, Clock clock) {
    this.mapper = mapper;
    this.writes = writes;
    this.clock = clock;
  }

  /** The limits that every answer here leans on. */
  @Transactional(readOnly = true)
  public RuleSet inForce() {
    return ruleSet(mapper.inForce().orElse(RuleSet.DEFAULT_ID));
  }

  /** All that could be in force. */
  @Transactional(readOnly = true)
  public List<RuleSetView> all() {
    return Stream.concat(
            RuleSet.shipped().stream().map(RuleSet::id), mapper.own().stream().map(OwnRow::id))
        .map(this::view)
        .toList();
  }

  /** Copies a rule set, so that its limits can be changed; sent twice it happens once. */
  @Write
  public RuleSetView copy(UUID id, String name, String basis, Actor actor) {
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new InvalidInput(
          "name", "name", "A name has 1 to 80 letters.", "1 to 80 letters", "Type a short name.");
    }
    RuleSet of = ruleSet(basis);
    OwnRow own = new OwnRow(id.toString(), name.strip(), of.id());
    writes.once(id, "rule-set", List.of(name, basis), () -> mapper.copy(own, clock.instant()));
    return view(own.id());
  }

  /** Changes a limit of an own copy, with its reason. */
  @Write
  public RuleSetView change(String id, Limit limit, double value, String reason, Actor actor) {
    if (RuleSet.shipped(id).isPresent()) {
      throw new InvalidInput(
          "id",
          "shipped",
          "A published code is not changed.",
          "a copy of your own",
          "Copy it first, then change the copy.");
    }
    ruleSet(id).changed(limit, value, reason);
    mapper.lock(id);
    int next = mapper.changes(id).size() + 1;
    mapper.change(
        new ChangeRow(
            id, next, limit.name(), value, reason.strip(), clock.instant(), actor.name()));
    return view(id);
  }

  /** Puts one in force. */
  @Write
  public RuleSetView putInForce(String id, Actor actor) {
    mapper.putInForce(ruleSet(id).id());
    return view(id);
  }

  private RuleSet ruleSet(String id) {
    return RuleSet.shipped(id)
        .or(() -> row(id).map(this::own))
        .orElseThrow(
            () ->
                new InvalidInput(
                    "id",
                    "unknown",
                    "There is no rule set '" + id + "'.",
                    "one of the list",
                    "Choose one of the list."));
  }

  private Optional<OwnRow> row(String id) {
    return mapper.own().stream().filter(own -> own.id().equals(id)).findFirst();
  }

  private RuleSet own(OwnRow row) {
    RuleSet set = ruleSet(row.basis()).copied(row.id(), row.name());
    for (ChangeRow change : mapper.changes(row.id())) {
      set = set.changed(Limit.valueOf(change.limitKey()), change.value(), change.reason());
    }
    return set;
  }

  private RuleSetView view(String id) {
    RuleSet set = ruleSet(id);
    Optional<RuleSet> basis = row(id).map(own -> ruleSet(own.basis()));
    return new RuleSetView(
        set.id(),
        set.name(),
        basis.map(RuleSet::name).orElse(null),
        inForce().id().equals(id),
        set.provisions().stream().map(each -> limit(each, basis.orElse(set))).toList(),
        set.cooking().stream()
            .map(
                each ->
                    new CookedView(
                        each.food(),
                        each.core().celsius(),
                        each.heldFor().toSeconds(),
                        each.section()))
            .toList(),
        mapper.changes(id).stream()
            .map(
                row ->
                    new ChangeView(
                        Limit.valueOf(row.limitKey()),
                        row.value(),
                        row.reason(),
                        row.changedAt(),
                        row.changedBy()))
            .toList());
  }

  private static LimitView limit(Provision provision, RuleSet basis) {
    Limit limit = provision.limit();
    double was = basis.of(limit).value();
    return new LimitView(
        limit,
        limit.inWords(),
        limit.unit(),
        provision.value(),
        limit.least(),
        limit.most(),
        provision.section(),
        provision.reason(),
        was,
        limit.laxer(was, provision.value()));
  }
}
