package urnstew.benchmarks.volume;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;

/** What the screens ask the application for, and how long that takes. */
final class Pages {
  private static final int WARM_UPS = 60;
  private static final int TIMES = 200;

  /** Today asks for all of these at once. */
  private static final List<String> TODAY =
      List.of(
          "/api/kitchen",
          "/api/batches",
          "/api/keepings",
          "/api/lots",
          "/api/pantry/stock",
          "/api/pantry/ingredients");

  private final URI application;
  private final HttpClient client =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

  Pages(URI application) {
    this.application = application;
  }

  /** Takes pots off the heat, as the application does it. */
  void finish(List<String> batches) throws IOException, InterruptedException {
    long from = System.nanoTime();
    for (String batch : batches) {
      Instant now = Instant.now();
      String body =
          "{\"id\":\"%s\",\"finalMassKilograms\":4.6,\"note\":\"\",\"enteredText\":\"4.6 kg\",\"stamp\":{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}}"
              .formatted(UUID.randomUUID(), now, now);
      HttpRequest request =
          HttpRequest.newBuilder(application.resolve("/api/batches/" + batch + "/finishes"))
              .header("Content-Type", "application/json")
              .POST(BodyPublishers.ofString(body))
              .build();
      HttpResponse<String> answer = client.send(request, BodyHandlers.ofString());
      if (answer.statusCode() != 201) {
        throw new IllegalStateException(answer.body());
      }
    }
    System.out.printf(
        "one entry to a batch of 15,000 readings: %.0f ms, mean of %d%n",
        (System.nanoTime() - from) / 1e6 / batches.size(), batches.size());
  }

  /**
   * Times the pages and prints them; true if none takes longer than the limit, at the 95th of a
   * hundred.
   */
  boolean timed(String live, String finished, double limitMillis) {
    Map<String, List<String>> pages = new LinkedHashMap<>();
    pages.put("logbook, first page", List.of("/api/logbook"));
    pages.put("logbook, a word that a fifth has", List.of("/api/logbook?words=marinara"));
    pages.put(
        "logbook, two words", List.of("/api/logbook?words=ragù+sharp".replace("ù", "%C3%B9")));
    pages.put("logbook, a word that one has", List.of("/api/logbook?words=kx42000"));
    pages.put("logbook, a word that none has", List.of("/api/logbook?words=aubergine"));
    pages.put(
        "logbook, a later page",
        List.of("/api/logbook?words=marinara&before=2023-01-01T00:00:00Z"));
    pages.put("logbook, rates of pots", List.of("/api/logbook/rates"));
    pages.put("Today, all it asks for", TODAY);
    pages.put("a batch page, off the heat", List.of("/api/batches/" + finished));
    pages.put("a batch page, on the stove", List.of("/api/batches/" + live));
    boolean all = true;
    for (Map.Entry<String, List<String>> page : pages.entrySet()) {
      all &= timed(page.getKey(), page.getValue(), limitMillis);
    }
    return all;
  }

  private boolean timed(String name, List<String> paths, double limitMillis) {
    for (int i = 0; i < WARM_UPS; i++) {
      millis(paths);
    }
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      times.add(millis(paths));
    }
    times.sort(null);
    double late = times.get(TIMES * 95 / 100 - 1);
    boolean met = late <= limitMillis;
    System.out.printf(
        "%-34s median %6.1f ms, 95th %6.1f ms  %s%n",
        name, times.get(TIMES / 2), late, met ? "" : "OVER " + limitMillis + " ms");
    return met;
  }

  private double millis(List<String> paths) {
    long from = System.nanoTime();
    List<CompletableFuture<HttpResponse<byte[]>>> asked =
        paths.stream()
            .map(
                path ->
                    client.sendAsync(
                        HttpRequest.newBuilder(application.resolve(path)).build(),
                        BodyHandlers.ofByteArray()))
            .toList();
    for (CompletableFuture<HttpResponse<byte[]>> answer : asked) {
      if (answer.join().statusCode() != 200) {
        throw new IllegalStateException(
            answer.join().uri() + " answers " + answer.join().statusCode());
      }
    }
    return (System.nanoTime() - from) / 1e6;
  }
}
