package urnstew.app.batch;

import java.util.List;
import java.util.Map;

/**
 * How long a stage took in this kitchen.
 *
 * @param title of the stage
 * @param seconds the middle of the last times
 * @param times how often somebody said so
 */
public record StageTimeView(String title, long seconds, int times) {
  static StageTimeView of(Map.Entry<String, List<Long>> took) {
    List<Long> sorted = took.getValue().stream().sorted().toList();
    return new StageTimeView(took.getKey(), sorted.get(sorted.size() / 2), sorted.size());
  }
}
