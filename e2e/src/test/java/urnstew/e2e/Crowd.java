package urnstew.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A kitchen full of tablets against a running application, and writers that never give an entry up.
 * Run by {@code scripts/crowd}, from its source alone.
 */
final class Crowd {
  private static final Pattern HINT =
      Pattern.compile(
          "\"topic\":\"(\\w+)\".*?\"id\":\"([0-9a-f-]*)\"|\"id\":\"([0-9a-f-]*)\".*?"
              + "\"topic\":\"(\\w+)\"");
  private static final Pattern EVENT = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
  private static final int SPREAD_MILLIS = 150;

  private final HttpClient http =
      HttpClient.newBuilder()
          .version(HttpClient.Version.HTTP_1_1)
          .connectTimeout(Duration.ofSeconds(2))
          .build();
  private final String base;
  private final Random random = new Random(7);
  private final List<String> pots = new ArrayList<>();
  private final AtomicBoolean over = new AtomicBoolean();

  /** When each entry was begun, by its identity. */
  private final Map<String, Long> sent = new ConcurrentHashMap<>();

  private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
  private final Queue<Long> delays = new ConcurrentLinkedQueue<>();
  private final AtomicInteger faults = new AtomicInteger();
  private final AtomicInteger unreached = new AtomicInteger();
  private final AtomicInteger asked = new AtomicInteger();
  private final AtomicInteger unchanged = new AtomicInteger();
  private final Queue<String> words = new ConcurrentLinkedQueue<>();

  private Crowd(String base) {
    this.base = base;
  }

  /**
   * Lets the crowd in.
   *
   * @param words address, tablets, pots, writes a second, seconds, and the processes whose time on
   *     the processor is told; with no tablets only the writers are there
   */
  public static void main(String[] words) throws Exception {
    Crowd crowd = new Crowd(words[0]);
    int tablets = Integer.parseInt(words[1]);
    crowd.light(Integer.parseInt(words[2]));
    List<String> processes = List.of(words).subList(5, words.length);
    crowd.run(tablets, Double.parseDouble(words[3]), Integer.parseInt(words[4]), processes);
    System.exit(crowd.verdict(tablets) ? 0 : 1);
  }

  private HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create(base + path)).timeout(Duration.ofSeconds(10));
  }

  private HttpResponse<String> post(String path, String body)
      throws IOException, InterruptedException {
    return http.send(
        request(path)
            .header("content-type", "application/json")
            .POST(BodyPublishers.ofString(body))
            .build(),
        BodyHandlers.ofString());
  }

  private static String stamp() {
    Instant now = Instant.now();
    return "\"stamp\":{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}".formatted(now, now);
  }

  /** Pots and burners of their own, and a batch on each. */
  private void light(int many) throws IOException, InterruptedException {
    for (int i = 0; i < many; i++) {
      String vessel = UUID.randomUUID().toString();
      String burner = UUID.randomUUID().toString();
      String batch = UUID.randomUUID().toString();
      done(
          post(
              "/api/vessels",
              """
              {"id":"%s","name":"Crowd pot %d","shape":"ROUND","firstWidthMeters":0.36,"firstWidthText":"36 cm","secondWidthMeters":0.36,"secondWidthText":"","depthMeters":0.2,"depthText":"20 cm","emptyMassKilograms":4.1,"emptyMassText":"4.1 kg","metal":"STAINLESS_STEEL","lid":true,"ovenLimitCelsius":250}"""
                  .formatted(vessel, i)));
      done(
          post(
              "/api/heat-sources",
              """
              {"id":"%s","name":"Crowd ring %d","kind":"INDUCTION","labelPowerWatts":3500,"labelPowerText":"3500 W"}"""
                  .formatted(burner, i)));
      done(
          post(
              "/api/batches",
              """
              {"id":"%s","timeScale":1,%s,"plan":{"formulaId":"plain-marinara","sizedBy":"COVERS","covers":34,"available":[],"servingMassKilograms":0.11,"servingText":"110 g","schools":[],"onTheTableFraction":0,"holdLossFraction":0,"packGoal":"LEAST_COST","targetSolidsFraction":0.105,"targetText":"10.5 %%","vesselId":"%s","heatSourceId":"%s","heating":{"way":"LIVELY","fan":false},"lid":"OFF","rounding":"EXACT","readyByLocalTime":"18:30"}}"""
                  .formatted(batch, stamp(), vessel, burner)));
      pots.add(batch);
    }
  }

  private static void done(HttpResponse<String> answer) {
    if (answer.statusCode() != 201) {
      throw new IllegalStateException(answer.statusCode() + " " + answer.body());
    }
  }

  private void run(int tablets, double perSecond, int seconds, List<String> processes)
      throws InterruptedException {
    ScheduledExecutorService hands = Executors.newScheduledThreadPool(Math.max(16, tablets / 3));
    for (int i = 0; i < tablets; i++) {
      String pot = pots.get(i % pots.size());
      Thread screen = new Thread(() -> listen(pot, hands), "tablet-" + i);
      screen.setDaemon(true);
      screen.start();
    }
    TimeUnit.SECONDS.sleep(tablets > 0 ? 8 : 1);
    Map<String, Double> before = new ConcurrentHashMap<>();
    processes.forEach(each -> processorSeconds(each).ifPresent(spent -> before.put(each, spent)));
    long from = System.nanoTime();
    long gap = Math.round(1e9 / perSecond);
    int writes = (int) (seconds * perSecond);
    for (int i = 0; i < writes && goesOn(); i++) {
      String pot = pots.get(random.nextInt(pots.size()));
      hands.execute(() -> write(pot));
      long next = from + (i + 1) * gap - System.nanoTime();
      if (next > 0) {
        TimeUnit.NANOSECONDS.sleep(next);
      }
    }
    double took = (System.nanoTime() - from) / 1e9;
    double spent =
        before.entrySet().stream()
            .mapToDouble(
                each -> processorSeconds(each.getKey()).orElse(each.getValue()) - each.getValue())
            .sum();
    words.add("processor: %.2f of a core over %.0f s".formatted(spent / took, took));
    // Whoever still tries is let finish: an entry is never given up.
    for (int i = 0; i < 120 && acknowledged.size() < sent.size(); i++) {
      TimeUnit.MILLISECONDS.sleep(500);
    }
    TimeUnit.SECONDS.sleep(tablets > 0 ? 3 : 0);
    over.set(true);
    hands.shutdownNow();
  }

  /** Until a file is gone, where one is named by {@code crowd.while}. */
  private static boolean goesOn() {
    String file = System.getProperty("crowd.while", "");
    return file.isEmpty() || Files.exists(Path.of(file));
  }

  /** One entry, sent again until somebody says that it is written. */
  private void write(String pot) {
    String id = UUID.randomUUID().toString();
    String body = "{\"id\":\"%s\",\"step\":\"crowd\",%s}".formatted(id, stamp());
    sent.put(id, System.nanoTime());
    while (!over.get()) {
      try {
        HttpResponse<String> answer = post("/api/batches/" + pot + "/steps", body);
        if (answer.statusCode() == 201) {
          acknowledged.add(id);
          return;
        }
        if (answer.statusCode() >= 500) {
          faults.incrementAndGet();
        } else if (answer.statusCode() != 409) {
          words.add("refused: " + answer.statusCode() + " " + answer.body());
          return;
        }
      } catch (IOException away) {
        unreached.incrementAndGet();
      } catch (InterruptedException end) {
        return;
      }
      pause(200);
    }
  }

  private static void pause(long millis) {
    try {
      TimeUnit.MILLISECONDS.sleep(millis);
    } catch (InterruptedException end) {
      Thread.currentThread().interrupt();
    }
  }

  /** What every page of pots shows: what is on the stove, and what is due at any of it. */
  private static final List<String> LISTS = List.of("/api/batches", "/api/tasks");

  /** A tablet on the page of one pot: it hears of changes, and loads what it shows of them. */
  private void listen(String pot, ScheduledExecutorService hands) {
    Map<String, String> tags = new ConcurrentHashMap<>();
    Set<String> seen = new HashSet<>();
    AtomicBoolean list = new AtomicBoolean();
    AtomicBoolean page = new AtomicBoolean();
    while (!over.get()) {
      try {
        HttpResponse<InputStream> stream =
            http.send(
                HttpRequest.newBuilder(URI.create(base + "/api/changes")).build(),
                BodyHandlers.ofInputStream());
        soon(list, hands, () -> LISTS.forEach(each -> load(each, tags)));
        soon(page, hands, () -> see(pot, tags, seen));
        try (BufferedReader lines =
            new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
          for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            Matcher hint = HINT.matcher(line);
            if (!line.startsWith("data:") || !hint.find()) {
              continue;
            }
            String id = hint.group(2) != null ? hint.group(2) : hint.group(3);
            soon(list, hands, () -> LISTS.forEach(each -> load(each, tags)));
            if (id.isEmpty() || id.equals(pot)) {
              soon(page, hands, () -> see(pot, tags, seen));
            }
          }
        }
      } catch (IOException away) {
        unreached.incrementAndGet();
      } catch (InterruptedException end) {
        return;
      }
      pause(500 + random.nextInt(500));
    }
  }

  /** As the screens do it: what comes together is loaded once, a moment later. */
  private void soon(AtomicBoolean due, ScheduledExecutorService hands, Runnable load) {
    if (due.compareAndSet(false, true) && !over.get()) {
      hands.schedule(
          () -> {
            due.set(false);
            load.run();
          },
          random.nextInt(SPREAD_MILLIS),
          TimeUnit.MILLISECONDS);
    }
  }

  private String load(String path, Map<String, String> tags) {
    HttpRequest.Builder request = request(path);
    String tag = tags.get(path);
    if (tag != null) {
      request.header("If-None-Match", tag);
    }
    for (int tries = 0; tries < 4 && !over.get(); tries++) {
      try {
        asked.incrementAndGet();
        HttpResponse<String> answer = http.send(request.build(), BodyHandlers.ofString());
        answer.headers().firstValue("ETag").ifPresent(now -> tags.put(path, now));
        if (answer.statusCode() >= 500) {
          faults.incrementAndGet();
        } else {
          unchanged.addAndGet(answer.statusCode() == 304 ? 1 : 0);
          return answer.body();
        }
      } catch (IOException away) {
        unreached.incrementAndGet();
      } catch (InterruptedException end) {
        Thread.currentThread().interrupt();
      }
      pause(300);
    }
    return "";
  }

  private void see(String pot, Map<String, String> tags, Set<String> seen) {
    Matcher ids = EVENT.matcher(load("/api/batches/" + pot, tags));
    long now = System.nanoTime();
    while (ids.find()) {
      String id = ids.group(1);
      Long begun = sent.get(id);
      synchronized (seen) {
        if (begun != null && seen.add(id)) {
          delays.add((now - begun) / 1_000_000);
        }
      }
    }
  }

  /** Time that a process has spent on the processor, s; none where it is gone. */
  private static OptionalDouble processorSeconds(String process) {
    try {
      String[] stat =
          Files.readString(Path.of("/proc", process, "stat")).split("\\) ")[1].split(" ");
      return OptionalDouble.of((Long.parseLong(stat[11]) + Long.parseLong(stat[12])) / 100.0);
    } catch (IOException gone) {
      return OptionalDouble.empty();
    }
  }

  /** What is on record against what was said to be written. */
  private boolean verdict(int tablets) throws IOException, InterruptedException {
    List<String> stored = new ArrayList<>();
    for (String pot : pots) {
      stored.addAll(stored(pot));
    }
    Set<String> lost = new HashSet<>(acknowledged);
    stored.forEach(lost::remove);
    long doubled = stored.size() - new HashSet<>(stored).size();
    stored.removeAll(sent.keySet());
    words.add(
        "%d entries sent, %d acknowledged, %d lost, %d doubled, %d that nobody sent"
            .formatted(sent.size(), acknowledged.size(), lost.size(), doubled, stored.size()));
    words.add(
        "%d pages asked for, %d of them the same; %d answers of 5xx, %d times nobody answered"
            .formatted(asked.get(), unchanged.get(), faults.get(), unreached.get()));
    long[] sorted = delays.stream().mapToLong(Long::longValue).sorted().toArray();
    if (tablets > 0 && sorted.length > 0) {
      words.add(
          "seen by others after %d ms (median), %d ms (95 of 100), %d ms at most; %d times"
              .formatted(
                  sorted[sorted.length / 2],
                  sorted[(int) (sorted.length * 0.95)],
                  sorted[sorted.length - 1],
                  sorted.length));
    }
    words.forEach(System.out::println);
    return lost.isEmpty() && doubled == 0 && stored.isEmpty();
  }

  private List<String> stored(String pot) throws IOException, InterruptedException {
    List<String> ids = new ArrayList<>();
    int before = Integer.MAX_VALUE;
    while (before > 1) {
      String page =
          http.send(
                  request("/api/batches/" + pot + "/events?before=" + before).build(),
                  BodyHandlers.ofString())
              .body();
      Matcher rows = Pattern.compile("\"sequence\":(\\d+)").matcher(page);
      int first = Integer.MAX_VALUE;
      while (rows.find()) {
        first = Math.min(first, Integer.parseInt(rows.group(1)));
      }
      Matcher events = EVENT.matcher(page);
      while (events.find()) {
        ids.add(events.group(1));
      }
      before = first == Integer.MAX_VALUE ? 0 : first;
    }
    return ids;
  }
}
