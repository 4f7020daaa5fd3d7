package urnstew.core.serving.piece;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import urnstew.core.serving.piece.DropOrder.Item;
import urnstew.core.serving.piece.DropOrder.Order;
import urnstew.core.serving.piece.DropOrder.Round;
import urnstew.core.serving.piece.SauceBath.Drop;
import urnstew.core.serving.piece.SauceBath.Run;
import urnstew.units.Area;
import urnstew.units.InvalidInput;

/**
 * Several kinds in one vessel, all done together: when each goes in, the longest first.
 *
 * @param drops in order
 * @param sauce its temperature by time, since the first drop; the last round's
 * @param span from the first drop to the last out
 * @param overWait by how much, all together, pieces wait longer than they may
 */
public record DropList(
    List<Entry> drops, List<SauceBath.Point> sauce, Duration span, Duration overWait) {
  /** Round pieces leave gaps between them (assumption). */
  private static final double COVERS = 0.9;

  private static final int MOST_KINDS = 8;
  private static final int PASSES = 3;
  private static final double LONGEST_SECONDS = 3 * 3600;
  private static final double STEADY_SECONDS = 60;

  /**
   * When one kind goes in.
   *
   * @param kind which
   * @param round 0 for the last one; earlier ones come out and wait
   * @param above whether it lies on top and steams
   * @param before how long before all is out it goes in
   * @param out how long before all is out it comes out: zero in the last round
   * @param note what else decides it; empty where the core does
   */
  public record Entry(
      DropKind kind, int round, boolean above, Duration before, Duration out, String note) {}

  public DropList {
    drops = List.copyOf(drops);
    sauce = List.copyOf(sauce);
  }

  /**
   * The list.
   *
   * @param kinds 1 to 8
   * @param floor of the vessel
   * @param layered whether some may lie on others, under a lid
   */
  public static DropList of(List<DropKind> kinds, SauceBath bath, Area floor, boolean layered) {
    if (kinds.isEmpty() || kinds.size() > MOST_KINDS) {
      throw new InvalidInput(
          "kinds",
          "count",
          kinds.size() + " kinds cannot be listed.",
          "1 to " + MOST_KINDS + " kinds",
          "Put the rest into a second vessel.");
    }
    kinds.forEach(kind -> requireReached(kind, bath));
    double room = COVERS * floor.squareMeters();
    return ordered(parted(kinds, room), bath, room, layered);
  }

  private static DropList ordered(
      List<DropKind> kinds, SauceBath bath, double room, boolean layered) {
    List<Item> items = kinds.stream().map(kind -> item(kind, bath)).toList();
    Order order =
        new DropOrder(items, room, layered).best().orElseThrow(() -> tooWide(kinds, room));
    return listed(kinds, items, bath, order);
  }

  /** What does not lie side by side is parted into as few lots as do, as even as can be. */
  private static List<DropKind> parted(List<DropKind> kinds, double room) {
    List<DropKind> parted = new ArrayList<>();
    for (DropKind kind : kinds) {
      int most = (int) (room / kind.piece().footprintSquareMeters());
      if (most < 1) {
        throw tooWide(kinds, room);
      }
      int lots = (kind.count() + most - 1) / most;
      for (int lot = 0; lot < lots && parted.size() <= MOST_KINDS; lot++) {
        parted.add(kind.of((kind.count() + lots - 1 - lot) / lots));
      }
    }
    if (parted.size() > MOST_KINDS) {
      throw tooWide(kinds, room);
    }
    return parted;
  }

  private static void requireReached(DropKind kind, SauceBath bath) {
    if (kind.core().celsius() > bath.simmer().celsius() - 0.5) {
      throw new InvalidInput(
          "core",
          "never-gets-there",
          String.format(
              Locale.ROOT,
              "%s never get there: %.0f °C sauce, %.0f wanted.",
              kind.piece().cut().name(),
              bath.simmer().celsius(),
              kind.core().celsius()),
          String.format(Locale.ROOT, "below %.0f °C", bath.simmer().celsius()),
          "Let the sauce simmer, or be content with less in the middle.");
    }
  }

  private static InvalidInput tooWide(List<DropKind> kinds, double room) {
    DropKind widest =
        kinds.stream()
            .max(Comparator.comparingDouble(DropKind::footprintSquareMeters))
            .orElseThrow();
    int most = (int) (room / widest.piece().footprintSquareMeters());
    if (most < 1) {
      return new InvalidInput(
          "count",
          "too-wide",
          widest.piece().cut().name() + " does not lie flat in this vessel.",
          "a wider vessel",
          "Take a wider pan.");
    }
    return new InvalidInput(
        "count",
        "too-many",
        String.format(
            Locale.ROOT,
            "%d %s do not go into this vessel in a few rounds.",
            widest.count(),
            widest.piece().cut().name()),
        "up to " + most,
        "Put up to " + most + " of them in at once, or take a wider pan.");
  }

  /** At the simmer; what cools it comes after. */
  private static Item item(DropKind kind, SauceBath bath) {
    return new Item(
        kind.footprintSquareMeters(),
        seconds(kind, Medium.POACH, bath),
        seconds(kind, Medium.STEAM, bath),
        kind.waitsSeconds());
  }

  private static double seconds(DropKind kind, Medium medium, SauceBath bath) {
    double alone = kind.secondsIn(medium, bath.simmer(), LONGEST_SECONDS);
    return tender(kind, alone);
  }

  /** Long enough to be tender, where the core is not what decides. */
  private static double tender(DropKind kind, double core) {
    Cut.Tender tender = kind.piece().cut().tender();
    return tender.isBetween(core / 60)
            || tender.withinMinutes().isEmpty() && tender.afterMinutes().isPresent()
        ? Math.max(core, 60 * tender.afterMinutes().orElse(0.0))
        : core;
  }

  private static DropList listed(
      List<DropKind> kinds, List<Item> items, SauceBath bath, Order order) {
    List<Entry> entries = new ArrayList<>();
    List<SauceBath.Point> sauce = List.of();
    double end = 0;
    for (int r = 0; r < order.rounds().size(); r++) {
      Round round = order.rounds().get(r);
      List<Integer> members = members(round, kinds.size());
      double[] alone = new double[members.size()];
      for (int i = 0; i < alone.length; i++) {
        Item item = items.get(members.get(i));
        alone[i] = isAbove(round, members.get(i)) ? item.steam() : item.poach();
      }
      Cooled cooled =
          cooled(members.stream().map(kinds::get).toList(), alone, round, members, bath);
      for (int i = 0; i < members.size(); i++) {
        DropKind kind = kinds.get(members.get(i));
        entries.add(
            new Entry(
                kind,
                r,
                isAbove(round, members.get(i)),
                Cooking.time(end + cooled.seconds()[i]),
                Cooking.time(end),
                note(kind, cooled.seconds()[i])));
      }
      if (r == 0) {
        sauce = cooled.sauce();
      }
      end += max(cooled.seconds());
    }
    entries.sort(Comparator.comparing(Entry::before).reversed());
    return new DropList(entries, sauce, Cooking.time(end), Cooking.time(order.overWait()));
  }

  private static String note(DropKind kind, double seconds) {
    Cut cut = kind.piece().cut();
    if (seconds < 1) {
      return "done before it goes in: it only warms through";
    }
    return cut.tender()
        .afterMinutes()
        .filter(after -> seconds >= 60 * after - 1)
        .map(after -> String.format(Locale.ROOT, "tender after %.0f min, not by its core", after))
        .orElse(cut.ready());
  }

  private static List<Integer> members(Round round, int kinds) {
    List<Integer> some = new ArrayList<>();
    for (int i = 0; i < kinds; i++) {
      if ((round.members() >> i & 1) == 1) {
        some.add(i);
      }
    }
    return some;
  }

  private static boolean isAbove(Round round, int kind) {
    return (round.above() >> kind & 1) == 1;
  }

  private record Cooled(double[] seconds, List<SauceBath.Point> sauce) {}

  /** Each one's time in the sauce as all of them cool it, found in a few passes. */
  private static Cooled cooled(
      List<DropKind> kinds, double[] alone, Round round, List<Integer> members, SauceBath bath) {
    double[] seconds = alone.clone();
    List<SauceBath.Point> sauce = List.of();
    for (int pass = 0; pass < PASSES; pass++) {
      double first = max(seconds);
      List<Drop> drops = new ArrayList<>();
      for (int i = 0; i < seconds.length; i++) {
        drops.add(new Drop(kinds.get(i), isAbove(round, members.get(i)), first - seconds[i]));
      }
      Run run = bath.through(drops, first, 1.5 * first + STEADY_SECONDS);
      for (int i = 0; i < seconds.length; i++) {
        double core = run.coreSeconds()[i];
        seconds[i] = Double.isInfinite(core) ? 1.5 * seconds[i] : tender(kinds.get(i), core);
      }
      sauce = run.sauce();
    }
    return new Cooled(seconds, sauce);
  }

  private static double max(double[] seconds) {
    double most = 0;
    for (double each : seconds) {
      most = Math.max(most, each);
    }
    return most;
  }
}
