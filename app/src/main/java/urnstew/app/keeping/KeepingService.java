package urnstew.app.keeping;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.keeping.KeepingMapper.EntryRow;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.keeping.KeepingStart.ToCool;
import urnstew.app.keeping.KeepingStart.ToHold;
import urnstew.app.keeping.KeepingWrites.Closed;
import urnstew.app.keeping.KeptSauces.Kept;
import urnstew.app.keeping.store.KeepingDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.kitchen.Units;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Clash;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.OneByOne;
import urnstew.app.platform.Write;
import urnstew.app.print.Printed;
import urnstew.core.rules.Limit;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/** Holds and coolings under way: read, written about, closed. */
@Service
public class KeepingService {
  private final KeepingMapper mapper;
  private final KeepingViews views;
  private final CoolingSetups setups;
  private final KeptPlaces places;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Clock clock;

  KeepingService(
      KeepingMapper mapper,
      KeepingViews views,
      CoolingSetups setups,
      KeptPlaces places,
      KitchenService kitchens,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.setups = setups;
    this.places = places;
    this.kitchens = kitchens;
    this.writes = writes;
    this.clock = clock;
  }

  /** What was written. */
  public record Kept(UUID keepingId, UUID id, Instant happenedAt) {}

  /** All that is held or cooling, the oldest first. */
  public List<KeepingView> open() {
    return OneByOne.of(mapper.open(), views::of, views::broken);
  }

  /** What was held or cooled of a batch. */
  public List<KeepingView> ofBatch(UUID batchId) {
    return OneByOne.of(mapper.ofBatch(batchId), views::of, views::broken);
  }

  /** One. */
  @Transactional(readOnly = true)
  public KeepingView view(UUID id) {
    return views.of(row(id));
  }

  /** Its record, to print for whoever inspects it. */
  @Transactional(readOnly = true)
  public byte[] record(UUID id) {
    KitchenSettings kitchen = kitchens.settings();
    Printed printed = new Printed(kitchen.units() == Units.US, kitchen.zoneId());
    return new KeepingRecord(view(id), printed).pdf();
  }

  private KeepingRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotThere("keeping", id));
  }

  /** Closes a cooling whose sauce goes into tubs; only one that is over. */
  @Write
  public void putAway(UUID id, Instant at) {
    KeepingRow row = mapper.lock(id).orElseThrow(() -> new NotThere("keeping", id));
    if (row.closedAt() != null) {
      throw new Clash("This is put away already.", "Look for its lot.");
    }
    views.mustBeCold(row);
    mapper.close(id, at, Closed.PUT_AWAY, "");
    places.leave(id);
  }

  /** Writes what happened, once. */
  @Write
  public Kept record(UUID id, KeepingWrites.Timed write, Actor actor) {
    return once(write, "keeping/" + id, () -> recorded(id, write, actor));
  }

  private Kept recorded(UUID id, KeepingWrites.Timed write, Actor actor) {
    KeepingRow row = mapper.lock(id).orElseThrow(() -> new NotThere("keeping", id));
    if (row.closedAt() != null) {
      throw new Clash("This is not kept any more.", "Look it up in the logbook.");
    }
    Instant received = clock.instant();
    Instant at = write.stamp().happened(received, kitchens.settings().zoneId());
    if (at.isBefore(row.startedAt())) {
      throw new InvalidInput(
          "stamp.happenedLocalTime",
          "before-the-start",
          "That is before it was put there.",
          "from the start of it on",
          "Look at the hour again.");
    }
    if (write instanceof KeepingWrites.Close close) {
      return closed(row, close, at);
    }
    KeepingEvent event = event(row, write);
    mapper.append(
        new EntryRow(
            id,
            row.nextSequence(),
            write.id(),
            at,
            write.stamp().typedAt(),
            received,
            actor.name(),
            write.enteredText(),
            KeepingDocuments.EVENT.write(event)));
    mapper.written(id);
    otherPans(write).ifPresent(pan -> places.cools(id, row.name(), pan, at));
    views.of(row(id));
    return new Kept(id, write.id(), at);
  }

  /** The pan that it is in from now on, where an entry says so. */
  private static Optional<UUID> otherPans(KeepingWrites.Timed write) {
    if (write instanceof KeepingWrites.PlaceOtherwise moved) {
      return Optional.of(moved.setup().vesselId());
    }
    return write instanceof KeepingWrites.Reheat reheat
        ? Optional.of(reheat.setup().vesselId())
        : Optional.empty();
  }

  private Kept closed(KeepingRow row, KeepingWrites.Close close, Instant at) {
    if (close.as() == Closed.DISCARDED && close.reason().isBlank()) {
      throw new InvalidInput(
          "reason",
          "no-reason",
          "What is thrown away needs its reason.",
          "a few words",
          "Write why, such as 'missed 21 °C'.");
    }
    views.mayClose(row, close.as());
    mapper.close(row.id(), at, close.as(), close.reason().strip());
    places.leave(row.id());
    return new Kept(row.id(), close.id(), at);
  }

  private KeepingEvent event(KeepingRow row, KeepingWrites.Timed write) {
    if (write instanceof KeepingWrites.ReadTemperature w) {
      double celsius = Require.within("celsius", w.celsius(), -30, 120, "°C");
      agree("celsius", w.enteredText(), QuantityKind.TEMPERATURE, "c", celsius);
      return new KeepingEvent.Read(celsius, kitchens.settings().probeErrorKelvins());
    }
    if (write instanceof KeepingWrites.StrikeOut w) {
      boolean known = mapper.entries(row.id()).stream().anyMatch(e -> e.id().equals(w.eventId()));
      if (!known) {
        throw new NotThere("entry", w.eventId());
      }
      return new KeepingEvent.StruckOut(w.eventId(), w.reason());
    }
    KeepingStart start = KeepingDocuments.START.read(row.start());
    if (start instanceof ToCool cool) {
      return cooling(row, cool, write);
    }
    if (start instanceof ToHold) {
      return holding(write);
    }
    throw wrongKind("What is set out is read, served or thrown away.");
  }

  private KeepingEvent cooling(KeepingRow row, ToCool start, KeepingWrites.Timed write) {
    if (write instanceof KeepingWrites.Stir) {
      return new KeepingEvent.Stirred();
    }
    if (write instanceof KeepingWrites.PlaceOtherwise w) {
      return new KeepingEvent.Placed(setups.fitting(w.setup(), start.sauce(), start.rules()));
    }
    if (write instanceof KeepingWrites.Reheat w) {
      return reheated(row, start, w);
    }
    throw wrongKind("A cooling is not topped up.");
  }

  private KeepingEvent reheated(KeepingRow row, ToCool start, KeepingWrites.Reheat write) {
    double wanted = start.rules().of(Limit.REHEAT).value();
    double read = write.celsius() - kitchens.settings().probeErrorKelvins();
    if (read < wanted) {
      throw new InvalidInput(
          "celsius",
          "not-hot-enough",
          String.format(
              "%.0f °C, less what the thermometer may be out, is below %.0f °C.",
              write.celsius(), wanted),
          String.format("%.0f °C or more all through, for %d s", wanted, heldSeconds(start)),
          "Heat it on, stir, and read again.");
    }
    views.mayReheat(row, start);
    return new KeepingEvent.Reheated(
        Require.within("celsius", write.celsius(), wanted, 105, "°C"),
        setups.fitting(write.setup(), start.sauce(), start.rules()));
  }

  private static long heldSeconds(ToCool start) {
    return start.rules().time(Limit.REHEAT_FOR).toSeconds();
  }

  private KeepingEvent holding(KeepingWrites.Timed write) {
    if (write instanceof KeepingWrites.TopUp w) {
      double water = Require.within("waterKilograms", w.waterKilograms(), 0.001, 100, "kg");
      agree("waterKilograms", w.enteredText(), kitchens.massText("ml", "water"), water);
      return new KeepingEvent.ToppedUp(water);
    }
    throw wrongKind("What is held hot is not put elsewhere, stirred or cooled by this.");
  }

  private static InvalidInput wrongKind(String why) {
    return new InvalidInput(
        "id", "wrong-kind", why, "an entry that fits", "Close it, and begin the other.");
  }

  private Kept once(KeepingWrites.Timed write, String scope, Supplier<Kept> what) {
    return writes.once(write.id(), scope, write, Kept.class, what);
  }
}
