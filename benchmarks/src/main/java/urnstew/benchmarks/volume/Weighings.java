package urnstew.benchmarks.volume;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/** A pot that stands on a scale: it loses water evenly, and the scale trembles. */
final class Weighings {
  private static final Duration SPAN = Duration.ofMinutes(50);
  private static final double START_KILOGRAMS = 10.4;
  private static final double LOST_KILOGRAMS = 1.6;
  private static final double TREMBLE_KILOGRAMS = 0.02;

  private final Map<String, String> template;
  private final Instant from;
  private final Random random;

  Weighings(Map<String, String> template, Instant from, Random random) {
    this.template = template;
    this.from = from;
    this.random = random;
  }

  List<String> columns() {
    return List.copyOf(template.keySet());
  }

  Map<String, String> of(String batch, int number, int readings, String id) {
    double share = (double) number / readings;
    String at = from.plusMillis((long) (share * SPAN.toMillis())).toString();
    double gross =
        START_KILOGRAMS - share * LOST_KILOGRAMS + random.nextGaussian() * TREMBLE_KILOGRAMS;
    Map<String, String> event = new LinkedHashMap<>(template);
    event.put("batch_id", batch);
    event.put("sequence", String.valueOf(number));
    event.put("id", id);
    for (String moment : List.of("happened_at", "typed_at", "sent_at", "received_at")) {
      event.put(moment, at);
    }
    event.put("reading_source", "INSTRUMENT");
    event.put("payload", payload(id, at, gross));
    return event;
  }

  private String payload(String id, String at, double gross) {
    return template
        .get("payload")
        .replaceFirst("\"id\": \"[^\"]*\"", "\"id\": \"" + id + "\"")
        .replaceFirst("\"at\": \"[^\"]*\"", "\"at\": \"" + at + "\"")
        .replaceFirst(
            "(\"gross\": \\{\"kilograms\": )[0-9.]+",
            "$1" + String.format(Locale.ROOT, "%.3f", gross));
  }
}
