package urnstew.core.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.Stage;
import urnstew.core.formula.Technique;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.task.Effort;
import urnstew.core.task.Span;

/**
 * How a stage keeps a cook's hands, and how long what it leaves may wait.
 *
 * @param hands shares of its time: least, likely, most, 0 to 1
 * @param longestGap before the next stage; empty where it keeps
 */
record StageWork(List<Double> hands, Optional<Duration> longestGap) {
  private static final List<CSVRecord> ROWS = ReferenceTable.rows("stage-work");

  /** Of a stage, by what is done and what goes in. */
  static StageWork of(Stage stage) {
    return ROWS.stream()
        .filter(row -> Technique.valueOf(row.get("technique")) == stage.technique())
        .filter(row -> row.get("with").isEmpty() || has(stage, row.get("with")))
        .findFirst()
        .map(StageWork::read)
        .orElseThrow();
  }

  private static boolean has(Stage stage, String ingredient) {
    return stage.lines().stream().anyMatch(line -> line.ingredientId().equals(ingredient));
  }

  private static StageWork read(CSVRecord row) {
    String gap = row.get("longest_gap_min");
    return new StageWork(
        List.of(
            Double.valueOf(row.get("hands_least")),
            Double.valueOf(row.get("hands_likely")),
            Double.valueOf(row.get("hands_most"))),
        gap.isEmpty() ? Optional.empty() : Optional.of(Duration.ofMinutes(Long.parseLong(gap))));
  }

  /** As much of its time a cook's as the stage says; else what its technique usually takes. */
  Effort effort(Stage stage, Span time) {
    if (stage.course().hands().isEmpty()) {
      return effort(time);
    }
    Duration own = stage.course().hands().orElseThrow();
    Span held = new Span(min(own, time.least()), min(own, time.likely()), min(own, time.most()));
    return new Effort(held, rest(time, held));
  }

  /** What of its time is a cook's, and what goes on by itself. */
  private Effort effort(Span time) {
    Span held =
        new Span(
            Span.sharesOf(time.least(), hands.get(0), hands.get(0), hands.get(0)).likely(),
            Span.sharesOf(time.likely(), hands.get(1), hands.get(1), hands.get(1)).likely(),
            Span.sharesOf(time.most(), hands.get(2), hands.get(2), hands.get(2)).likely());
    return new Effort(held, rest(time, held));
  }

  /** Total less hands at each edge: a long stage is not a busier one. */
  private static Span rest(Span time, Span held) {
    Duration least = time.least().minus(held.least());
    Duration likely = time.likely().minus(held.likely());
    Duration most = time.most().minus(held.most());
    Duration low = min(least, min(likely, most));
    Duration high = max(least, max(likely, most));
    return new Span(low, likely, high);
  }

  private static Duration min(Duration one, Duration other) {
    return one.compareTo(other) < 0 ? one : other;
  }

  private static Duration max(Duration one, Duration other) {
    return one.compareTo(other) > 0 ? one : other;
  }
}
