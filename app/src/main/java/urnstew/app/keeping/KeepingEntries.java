package urnstew.app.keeping;

import static urnstew.app.platform.Fields.agree;

import java.time.Instant;
import org.springframework.stereotype.Component;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.keeping.KeepingStart.ToCool;
import urnstew.app.keeping.KeepingStart.ToHold;
import urnstew.app.keeping.store.KeepingDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.NotFoundException;
import urnstew.core.rules.Limit;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/** Turns what is written about something that is kept into what happened to it. */
@Component
class KeepingEntries {
  private final KeepingMapper mapper;
  private final KeepingViews views;
  private final CoolingSetups setups;
  private final KitchenService kitchens;

  KeepingEntries(
      KeepingMapper mapper, KeepingViews views, CoolingSetups setups, KitchenService kitchens) {
    this.mapper = mapper;
    this.views = views;
    this.setups = setups;
    this.kitchens = kitchens;
  }

  /**
   * What an entry means for what is kept in this way; refused where it means nothing.
   *
   * @param at moment when it was typed, or said to have been
   */
  KeepingEvent event(KeepingRow row, KeepingWrites.Entry write, Instant at) {
    return write.accept(new Meaning(row, KeepingDocuments.START.read(row.start()), at));
  }

  private final class Meaning implements KeepingWrites.Visitor<KeepingEvent> {
    private final KeepingRow row;
    private final KeepingStart start;
    private final Instant at;

    Meaning(KeepingRow row, KeepingStart start, Instant at) {
      this.row = row;
      this.start = start;
      this.at = at;
    }

    @Override
    public KeepingEvent readTemperature(KeepingWrites.ReadTemperature w) {
      double celsius = Require.within("celsius", w.celsius(), -30, 120, "°C");
      agree("celsius", w.enteredText(), QuantityKind.TEMPERATURE, "c", celsius);
      return new KeepingEvent.Read(celsius, kitchens.settings().probeErrorKelvins());
    }

    @Override
    public KeepingEvent strikeOut(KeepingWrites.StrikeOut w) {
      boolean known = mapper.entries(row.id()).stream().anyMatch(e -> e.id().equals(w.eventId()));
      if (!known) {
        throw new NotFoundException("entry", w.eventId());
      }
      return new KeepingEvent.StruckOut(w.eventId(), w.reason());
    }

    @Override
    public KeepingEvent stir(KeepingWrites.Stir w) {
      cooling();
      return new KeepingEvent.Stirred();
    }

    @Override
    public KeepingEvent placeOtherwise(KeepingWrites.PlaceOtherwise w) {
      ToCool cool = cooling();
      return new KeepingEvent.Placed(setups.fitting(w.setup(), cool.sauce(), cool.rules()));
    }

    @Override
    public KeepingEvent reheat(KeepingWrites.Reheat w) {
      ToCool cool = cooling();
      double wanted = cool.rules().of(Limit.REHEAT).value();
      if (w.celsius() - kitchens.settings().probeErrorKelvins() < wanted) {
        throw notHotEnough(w.celsius(), cool);
      }
      views.mayReheat(row, cool, at);
      return new KeepingEvent.Reheated(
          Require.within("celsius", w.celsius(), wanted, 105, "°C"),
          setups.fitting(w.setup(), cool.sauce(), cool.rules()));
    }

    @Override
    public KeepingEvent topUp(KeepingWrites.TopUp w) {
      if (!(start instanceof ToHold)) {
        throw start instanceof ToCool ? wrongKind("A cooling is not topped up.") : setOut();
      }
      double water = Require.within("waterKilograms", w.waterKilograms(), 0.001, 100, "kg");
      agree("waterKilograms", w.enteredText(), kitchens.massText("ml", "water"), water);
      return new KeepingEvent.ToppedUp(water);
    }

    private ToCool cooling() {
      if (start instanceof ToCool cool) {
        return cool;
      }
      throw start instanceof ToHold
          ? wrongKind("What is held hot is not put elsewhere, stirred or cooled by this.")
          : setOut();
    }
  }

  private static InvalidInput notHotEnough(double celsius, ToCool start) {
    double wanted = start.rules().of(Limit.REHEAT).value();
    long seconds = start.rules().time(Limit.REHEAT_FOR).toSeconds();
    return new InvalidInput(
        "celsius",
        "not-hot-enough",
        String.format(
            "%.0f °C, less what the thermometer may be out, is below %.0f °C.", celsius, wanted),
        String.format("%.0f °C or more all through, for %d s", wanted, seconds),
        "Heat it on, stir, and read again.");
  }

  private static InvalidInput setOut() {
    return wrongKind("What is left out is read, served or thrown away.");
  }

  private static InvalidInput wrongKind(String why) {
    return new InvalidInput(
        "id", "wrong-kind", why, "an entry that fits", "Close it, and begin the other.");
  }
}
