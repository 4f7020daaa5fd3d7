package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.DoubleAdder;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/**
 * Many hands at the same tubs: parted, merged, used for dishes and put into a pot, all at once.
 * Nobody waits for somebody who waits for him, and every gram is somewhere.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class TubsAtOnceIT {
  private static final String WALK_IN = "0d3f1c52-0000-4000-8000-0000000000b1";
  private static final int HANDS = 6;
  private static final int ACTS = 20;

  /** What stays in a tub below five grams is told as nothing. */
  private static final double CRUMBS = 0.005 * 8;

  private final RunningApplication app;
  private final Set<String> lots = ConcurrentHashMap.newKeySet();
  private final DoubleAdder used = new DoubleAdder();
  private final ConcurrentLinkedQueue<String> faults = new ConcurrentLinkedQueue<>();

  @Autowired
  TubsAtOnceIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private static String stamp() {
    return Requests.stamp(Instant.now());
  }

  private static JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }

  private String putAway(double kilograms) {
    return ok(app.post(
            "/api/lots",
            "{\"id\":\"%s\",\"what\":{\"formulaId\":\"larder-base\",\"massKilograms\":%s,\"massText\":\"\"},\"uncooledBecause\":\"in ice, by eye\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                .formatted(UUID.randomUUID(), kilograms, WALK_IN, stamp())))
        .at("/id")
        .asString();
  }

  private String lit() {
    String id = UUID.randomUUID().toString();
    ok(
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
                .formatted(
                    id, Requests.plan(app), Requests.stamp(Instant.now().minusSeconds(900)))));
    return id;
  }

  @Test
  void everyGramIsSomewhereAndNobodyWaitsForEver() {
    double put = 0;
    for (int i = 0; i < 8; i++) {
      lots.add(putAway(3));
      put += 3;
    }
    String pot = lit();
    ExecutorService hands = Executors.newFixedThreadPool(HANDS);
    try {
      CompletableFuture.allOf(
              IntStream.range(0, HANDS)
                  .mapToObj(
                      hand -> CompletableFuture.runAsync(() -> works(new Random(hand), pot), hands))
                  .toArray(CompletableFuture[]::new))
          .join();
    } finally {
      hands.shutdown();
    }
    assertEquals(List.of(), List.copyOf(faults), "no answer of ours is a fault");
    double left = 0;
    for (String lot : lots) {
      left += ok(app.get("/api/lots/" + lot)).at("/massKilograms").asDouble();
    }
    assertEquals(put, left + used.sum(), CRUMBS, "what was put away is there or was used");
    assertTrue(used.sum() > 0.5, "some of it was used");
    assertTrue(lots.size() > 8, "and some of it parted or merged");
    assertEquals(
        "SIMMERING", ok(app.get("/api/batches/" + pot)).at("/status").asString(), "the pot stands");
  }

  private void works(Random random, String pot) {
    for (int i = 0; i < ACTS; i++) {
      List<String> known = new ArrayList<>(lots);
      String lot = known.get(random.nextInt(known.size()));
      String other = known.get(random.nextInt(known.size()));
      double some = 0.05 + 0.2 * random.nextDouble();
      switch (random.nextInt(4)) {
        case 0 -> use(lot, some, "\"dish\":\"night soup\"");
        case 1 -> use(lot, some, "\"dish\":\"\",\"batchId\":\"%s\"".formatted(pot));
        case 2 ->
            makes(
                "/api/lots/" + lot + "/splits",
                "\"massKilograms\":%s,\"massText\":\"\",\"placeId\":\"%s\""
                    .formatted(some, WALK_IN));
        default -> makes("/api/lots/mergers", "\"lotIds\":[\"%s\",\"%s\"]".formatted(lot, other));
      }
    }
  }

  private void use(String lot, double kilograms, String forWhat) {
    if (taken(
        send(
            UUID.randomUUID().toString(),
            "/api/lots/" + lot + "/uses",
            "\"massKilograms\":%s,\"massText\":\"\",%s".formatted(kilograms, forWhat)))) {
      used.add(kilograms);
    }
  }

  /** An act that makes another lot. */
  private void makes(String path, String fields) {
    String id = UUID.randomUUID().toString();
    if (taken(send(id, path, fields))) {
      lots.add(id);
    }
  }

  private Answer send(String id, String path, String fields) {
    return app.post(path, "{\"id\":\"%s\",%s,%s}".formatted(id, fields, stamp()));
  }

  /** Refused for a reason is well; a fault of ours is not. */
  private boolean taken(Answer answer) {
    if (answer.status() >= 500) {
      faults.add(answer.status() + " " + answer.body());
    }
    return answer.status() < 300;
  }
}
