package urnstew.core.correction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The readings that a fit needs, where an instrument sends thousands.
 *
 * <p>Readings of one kind that follow each other closely share their error, so that more of them
 * tell no more (assumption). Of each of sixty equal stretches of time the one of the middle value
 * stands for all, and the last one always stays: what one tremble of a scale says does not decide.
 * With sixty or fewer of a kind all of them count.
 */
public final class Telling {
  /** Readings of a kind that a fit is given, besides the last. */
  static final int MOST = 60;

  private Telling() {}

  /** The readings that the fit uses, in the order of time. */
  public static List<Reading> of(List<Reading> readings) {
    if (readings.size() <= MOST) {
      return readings;
    }
    Map<Class<?>, List<Reading>> kinds = new LinkedHashMap<>();
    for (Reading reading : readings) {
      kinds.computeIfAbsent(reading.getClass(), kind -> new ArrayList<>()).add(reading);
    }
    return kinds.values().stream()
        .flatMap(kind -> ofOneKind(kind).stream())
        .sorted(Comparator.comparingDouble(Reading::seconds))
        .toList();
  }

  private static List<Reading> ofOneKind(List<Reading> readings) {
    if (readings.size() <= MOST) {
      return readings;
    }
    Reading last = readings.get(readings.size() - 1);
    double from = readings.get(0).seconds();
    double stretch = Math.max(1, (last.seconds() - from) / MOST);
    Map<Integer, List<Reading>> stretches = new LinkedHashMap<>();
    for (Reading reading : readings.subList(0, readings.size() - 1)) {
      int place = (int) ((reading.seconds() - from) / stretch);
      stretches.computeIfAbsent(place, unknown -> new ArrayList<>()).add(reading);
    }
    List<Reading> telling = new ArrayList<>();
    stretches.values().forEach(each -> telling.add(middle(each)));
    telling.add(last);
    return telling;
  }

  private static Reading middle(List<Reading> stretch) {
    return stretch.stream()
        .sorted(Comparator.comparingDouble(Reading::value))
        .toList()
        .get(stretch.size() / 2);
  }
}
