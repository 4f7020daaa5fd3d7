package urnstew.app.lots;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.Writes;
import urnstew.app.keeping.KeptMass;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LotEventRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.rules.RuleService;
import urnstew.core.rules.RuleSet;

/** Codes, entries, hours and identities of lots: what every write about them needs. */
@Component
class LotLedger {
  /** Less than this is a tub that is empty. */
  static final double CRUMB_KILOGRAMS = KeptMass.CRUMB_KILOGRAMS;

  /** Odd and without a pattern, so that near identities give unlike codes. */
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  private final LotMapper mapper;
  private final LotViews views;
  private final KitchenService kitchens;
  private final RuleService rules;
  private final IdempotencyStore writes;
  private final Clock clock;

  LotLedger(
      LotMapper mapper,
      LotViews views,
      KitchenService kitchens,
      RuleService rules,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.kitchens = kitchens;
    this.rules = rules;
    this.writes = writes;
    this.clock = clock;
  }

  /** Five signs that can be read aloud; longer where they are taken. */
  String code(UUID id) {
    long mixed = (id.getLeastSignificantBits() ^ id.getMostSignificantBits()) * SPREAD;
    String signs = Signs.of(mixed >>> 16);
    for (int length = 5; length <= signs.length(); length++) {
      String code = signs.substring(0, length);
      if (!mapper.taken(code)) {
        return code;
      }
    }
    throw new ConflictException(
        "No code is free for this lot.", "Send it again under a new identity.");
  }

  private static final class Signs {
    private static final String READABLE = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
    private static final int LONGEST = 8;

    private static String of(long bits) {
      StringBuilder signs = new StringBuilder();
      for (int i = 0; i < LONGEST; i++) {
        signs.append(READABLE.charAt((int) ((bits >>> (5 * i)) & 31)));
      }
      return signs.toString();
    }
  }

  /** Identity of what a write about tubs writes to a pot. */
  static UUID inThePot(UUID write) {
    return ofWrite("pot/", write);
  }

  /** Identity of the move with which a part goes to its own place. */
  static UUID placed(UUID part) {
    return ofWrite("placed/", part);
  }

  private static UUID ofWrite(String what, UUID write) {
    return UUID.nameUUIDFromBytes((what + write).getBytes(StandardCharsets.UTF_8));
  }

  /** Notes what is about to be done with a lot, before it is. */
  void append(
      UUID lot,
      UUID id,
      Kind kind,
      Instant at,
      @Nullable Double kilograms,
      @Nullable UUID batch,
      String what,
      Actor actor) {
    mapper.append(new LotEventRow(lot, 0, id, kind, at, actor.name(), kilograms, batch, what));
  }

  /** What is past its date is not used any more. */
  void requireInDate(LotRow row, Instant at) {
    RuleSet by = rules.inForce();
    if (LotViews.dates(row).daysLeft(by, day(at)) <= 0) {
      throw new ConflictException(
          "By " + by.name() + " the date of this lot is past.", "Throw it away, with the reason.");
    }
  }

  /** Leaves what is not taken. */
  void leave(LotRow row, double takenKilograms, Instant at) {
    double left = row.massKilograms() - takenKilograms;
    if (left < -CRUMB_KILOGRAMS) {
      throw new ConflictException(
          "There is not that much left of " + row.code() + ".", "Look at it again, take less.");
    }
    mapper.leave(row.id(), left < CRUMB_KILOGRAMS ? 0 : left, at);
  }

  Instant happened(LotWrites.Timed write) {
    return write.stamp().happened(clock.instant(), kitchens.settings().zoneId());
  }

  LocalDate day(Instant at) {
    return LocalDate.ofInstant(at, kitchens.settings().zoneId());
  }

  /** Writes once, however often it is sent, and shows the lot as it stands then. */
  LotView once(LotWrites.Timed write, String scope, Supplier<LotRow> what) {
    return once(write.id(), write, scope, what);
  }

  /** The same of what is taken back. */
  LotView once(Writes.TakeBack write, String scope, Supplier<LotRow> what) {
    return once(write.id(), write, scope, what);
  }

  private LotView once(UUID id, Object body, String scope, Supplier<LotRow> what) {
    List<UUID> written = writes.once(id, scope, body, () -> List.of(what.get().id()));
    return views.of(row(written.get(0)));
  }

  LotRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("lot", id));
  }
}
