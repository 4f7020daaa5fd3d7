package urnstew.core.cooling;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.units.Temperature;

/**
 * Ways to cool something in time, with the pans and cold places of a kitchen.
 *
 * <p>Every pan is tried in every place with as few of it as make it on the slow side, not stirred;
 * after the first mark a bath goes, ice and all, into the coldest air, since under the room's own a
 * layer of sauce stays above 5 °C. The least work comes first: fewest pans, then no ice, then the
 * sooner.
 */
public final class CoolingWays {
  /** K (assumption). */
  private static final double BELOW_THE_MARK = 3;

  private static final double TOO_DEEP_METERS = 0.1;
  private static final Duration OFTEN = Duration.ofMinutes(10);

  private final CoolingSauce sauce;
  private final Temperature start;
  private final RuleSet rules;

  public CoolingWays(CoolingSauce sauce, Temperature start, RuleSet rules) {
    this.sauce = sauce;
    this.start = start;
    this.rules = rules;
  }

  /** Ways that make it also on the slow side, the least work first. */
  public List<CoolingForecast> that(List<CoolingPan> pans, List<ColdSpot> spots) {
    List<CoolingForecast> found = new ArrayList<>();
    for (CoolingPan pan : pans) {
      for (ColdSpot spot : spots) {
        fewest(pan, spot, spots).ifPresent(found::add);
      }
    }
    return found.stream().sorted(leastWork()).toList();
  }

  /**
   * The same pan as it stands, if only it is stirred; a promise to keep, so never more than likely.
   */
  public CoolingForecast ifStirred(CoolingSetup setup) {
    return CoolingForecast.of(sauce, start, setup.stirred(OFTEN), rules);
  }

  private static Comparator<CoolingForecast> leastWork() {
    return Comparator.<CoolingForecast>comparingInt(way -> way.setup().count())
        .thenComparing(way -> way.setup().spot().place().bath())
        .thenComparingDouble(way -> way.marks().get(0).likelySeconds().orElse(Double.MAX_VALUE));
  }

  private Optional<CoolingForecast> fewest(CoolingPan pan, ColdSpot spot, List<ColdSpot> spots) {
    return Stream.iterate(1, count -> count <= pan.most(), count -> count + 1)
        .map(count -> setup(pan, count, spot, spots))
        .filter(setup -> setup.holds(sauce) && !hopeless(setup))
        .filter(setup -> CoolingForecast.surely(sauce, start, setup, rules))
        .map(setup -> CoolingForecast.of(sauce, start, setup, rules))
        .filter(way -> way.verdict() == CoolingVerdict.MAKES_IT)
        .findFirst();
  }

  /**
   * Unstirred, ten centimetres from all sides are too slow in any bath: row l05 says so of five.
   */
  private boolean hopeless(CoolingSetup setup) {
    return setup.crossed(sauce).meters() > TOO_DEEP_METERS
        && setup.radiusMeters(setup.crossed(sauce)) > TOO_DEEP_METERS / 2;
  }

  private CoolingSetup setup(CoolingPan pan, int count, ColdSpot spot, List<ColdSpot> spots) {
    Optional<CoolingSetup.Onward> onward =
        spot.place().bath()
            ? coldestAir(spots).map(air -> afterTheFirstMark(spot, air))
            : Optional.empty();
    return new CoolingSetup(pan, count, spot, false, Optional.empty(), onward);
  }

  private static Optional<ColdSpot> coldestAir(List<ColdSpot> spots) {
    return spots.stream()
        .filter(spot -> !spot.place().bath())
        .min(Comparator.comparingDouble(spot -> spot.usual().celsius()));
  }

  private CoolingSetup.Onward afterTheFirstMark(ColdSpot bath, ColdSpot air) {
    return new CoolingSetup.Onward(onwardBelow(rules), bath.under(air.warmest()));
  }

  /**
   * When pans go on from a bath into cold air: well below the first mark, so that a reading shows
   * it before they are moved.
   */
  public static Temperature onwardBelow(RuleSet rules) {
    double first = rules.coolingMarks().get(0).celsius();
    double last = rules.of(Limit.COOL_LAST).value();
    return Temperature.ofCelsius(Math.max(last, first - BELOW_THE_MARK));
  }
}
