package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** Balance and panels over HTTP. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class BalanceIT {
  private static final String OF_A_FORMULA =
      """
      {"formulaId":"plain-marinara","schools":[],"measured":{"sharper":0},"plate":[],"saltId":"table-salt","fault":"SHARP","steps":1}""";

  private final RunningApplication app;

  @Autowired
  BalanceIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private JsonNode preview(String request) {
    Answer answer = app.post("/api/balance/preview", request);
    assertEquals(200, answer.status(), answer.body().toString());
    return answer.body();
  }

  private static JsonNode taste(JsonNode balance, String name) {
    for (JsonNode taste : balance.at("/tastes")) {
      if (taste.at("/taste").asString().equals(name)) {
        return taste;
      }
    }
    throw new AssertionError("no taste " + name);
  }

  private static JsonNode remedy(JsonNode balance, String title) {
    for (JsonNode remedy : balance.at("/remedies")) {
      if (remedy.at("/title").asString().startsWith(title)) {
        return remedy;
      }
    }
    throw new AssertionError("no remedy " + title + " in " + balance.at("/remedies"));
  }

  @Test
  void aFormulaHasBeadsALedgerAndWaysToMendIt() {
    JsonNode balance = preview(OF_A_FORMULA);
    assertTrue(
        taste(balance, "ACID").at("/after").asDouble()
            > taste(balance, "ACID").at("/now").asDouble());
    assertTrue(balance.at("/after/pH").asDouble() > 4 && balance.at("/after/pH").asDouble() < 4.4);
    assertEquals("SALT", balance.at("/tastes/0/taste").asString());
    assertTrue(balance.at("/ledger/in/0/saltKilograms").asDouble() > 0);
    assertTrue(remedy(balance, "Time").at("/time/waterKilograms").asDouble() > 0.1);
    assertEquals("MILK", allergen(remedy(balance, "Butter")));
    assertTrue(remedy(balance, "Baking soda").at("/dose/moreSodiumKilograms").asDouble() > 0);
    assertEquals("IN_VAIN", remedy(balance, "A potato").at("/act").asString());
    assertEquals(9, balance.at("/sources").size());
    assertEquals(29, app.get("/api/balance/faults").body().size());
  }

  private static String allergen(JsonNode remedy) {
    return remedy.at("/dose/allergens/0").asString().toUpperCase(Locale.ROOT);
  }

  @Test
  void whatMeetsItOnThePlateIsCounted() {
    String cheese =
        OF_A_FORMULA.replace(
            "\"plate\":[]",
            "\"plate\":[{\"ingredientId\":\"hard-cheese\",\"massKilograms\":0.008}]");
    JsonNode plain = preview(OF_A_FORMULA);
    JsonNode with = preview(cheese);
    assertTrue(
        taste(with, "SALT").at("/after").asDouble() > taste(plain, "SALT").at("/after").asDouble());
    assertEquals("Hard grating cheese", with.at("/ledger/toCome/0/name").asString());
    double once = plain.at("/ledger/firstDoseKilograms").asDouble();
    assertTrue(with.at("/ledger/firstDoseKilograms").asDouble() <= once);
  }

  @Test
  void aPlanIsBalancedAtItsOwnSize() {
    String plan =
        OF_A_FORMULA.replace("\"formulaId\":\"plain-marinara\"", "\"plan\":" + Requests.plan(app));
    JsonNode balance = preview(plan);
    assertEquals(34, balance.at("/portions").asDouble(), 2);
    assertTrue(balance.at("/remedies/0/time/takesSeconds").asDouble() > 600);
  }

  @Test
  void cupsAreMeasuredOutAndATooSmallOneSaysSo() {
    String request =
        OF_A_FORMULA.replace(
            "\"steps\":1",
            "\"steps\":1,\"cups\":{\"cupKilograms\":0.05,\"cups\":[[],[{\"ingredientId\":\"baking-soda\",\"massKilograms\":0.002}],[{\"ingredientId\":\"anchovy\",\"massKilograms\":0.001}]]}");
    JsonNode cups = preview(request).at("/cups");
    assertEquals(0, cups.get(0).size());
    assertEquals("DROP", cups.at("/1/0/measure").asString());
    assertTrue(cups.at("/1/0/count").asDouble() >= 3);
    assertTrue(cups.at("/2/0/tooSmall").asString().contains("cannot be measured"));
  }

  @Test
  void aLiaisonIsLedToItsWindow() {
    String request =
        OF_A_FORMULA.replace(
            "\"steps\":1",
            "\"steps\":1,\"finish\":{\"ingredientId\":\"egg-yolk\",\"massKilograms\":0.05}");
    JsonNode finish = preview(request).at("/finish");
    assertTrue(finish.at("/liaison/spoonfuls").asInt() >= 1);
    assertEquals(74, finish.at("/liaison/endCelsius").asDouble(), 0.01);
    assertEquals(78, finish.at("/toCelsius").asDouble(), 0.01);
  }

  @ParameterizedTest
  @CsvSource({
    "'\"formulaId\":\"plain-marinara\",', '', formulaId",
    "'\"sharper\":0', '\"sharper\":0,\"pH\":9', measured.pH",
    "'\"sharper\":0', '\"sharper\":7', measured.sharper",
    "'\"steps\":1', '\"steps\":9', steps",
    "'table-salt', 'moon-dust', saltId",
    "'\"plate\":[]', '\"plate\":[{\"ingredientId\":\"hard-cheese\",\"massKilograms\":3}]', plate.0.massKilograms",
  })
  void aFaultNamesItsField(String from, String to, String field) {
    Answer answer = app.post("/api/balance/preview", OF_A_FORMULA.replace(from, to));
    assertEquals(422, answer.status(), answer.body().toString());
    assertEquals("/" + field.replace('.', '/'), answer.body().at("/errors/0/pointer").asString());
    assertFalse(answer.body().at("/errors/0/remedy").asString().isBlank());
  }

  private String start() {
    String id = UUID.randomUUID().toString();
    Answer answer =
        app.post(
            "/api/batches",
            """
            {"id":"%s","plan":%s,"timeScale":1,%s}"""
                .formatted(
                    id, Requests.plan(app), Requests.stamp(Instant.now().minusSeconds(2400))));
    assertEquals(201, answer.status(), answer.body().toString());
    return id;
  }

  private void written(String path, String body) {
    Answer answer =
        app.post(
            path,
            "{\"id\":\"%s\",%s,%s}"
                .formatted(UUID.randomUUID(), body, Requests.stamp(Instant.now())));
    assertEquals(201, answer.status(), answer.body().toString());
  }

  @Test
  void aLivePotIsTastedTriedInCupsDosedAndRemembersIt() {
    String id = start();
    String live =
        OF_A_FORMULA.replace("\"formulaId\":\"plain-marinara\"", "\"batchId\":\"" + id + "\"");
    JsonNode before = preview(live);
    written("/api/batches/" + id + "/tastings", "\"pH\":4.05,\"sharper\":0");
    JsonNode tasted = preview(live);
    assertEquals(4.05, tasted.at("/now/pH").asDouble(), 0.01);
    double pot = tasted.at("/massKilograms").asDouble();
    double butter = remedy(tasted, "Butter").at("/dose/massKilograms").asDouble();
    written(
        "/api/batches/" + id + "/cup-trials",
        ("\"cupKilograms\":0.15,\"enteredText\":\"150 g\",\"potKilograms\":%s,\"tasters\":3,\"chosen\":1,"
                + "\"cups\":[{\"doses\":[],\"note\":\"sharp\"},{\"doses\":[{\"ingredientId\":\"butter\",\"massKilograms\":%s}],\"note\":\"round\"}]")
            .formatted(pot, butter));
    JsonNode after = preview(live);
    assertEquals(pot - 0.3, after.at("/massKilograms").asDouble(), 0.05);
    written(
        "/api/batches/" + id + "/additions",
        "\"ingredientId\":\"butter\",\"massKilograms\":%s,\"temperatureCelsius\":10,\"enteredText\":\"\""
            .formatted(butter));
    JsonNode mended = preview(live);
    assertTrue(
        mended.at("/after/sharpness").asDouble() < 0.95 * tasted.at("/after/sharpness").asDouble());
    assertTrue(mended.at("/now/fatFraction").asDouble() > before.at("/now/fatFraction").asDouble());
    String told = app.get("/api/batches/" + id).body().at("/events").toString();
    assertTrue(told.contains("CUPS_TRIED") && told.contains("(chosen)"), told);
    assertTrue(told.contains("pH 4.05"), told);
  }

  /** Whichever pot is meant, what is typed of its taste moves it: nothing typed is dead. */
  @Test
  void whatIsTypedOfTheTasteCountsInEveryKindOfPot() {
    String formula = "\"formulaId\":\"plain-marinara\"";
    for (String pot :
        List.of(formula, "\"plan\":" + Requests.plan(app), "\"batchId\":\"" + start() + "\"")) {
      String request = OF_A_FORMULA.replace(formula, pot);
      String untyped = preview(request).at("/now").toString();
      for (String typed : List.of("0,\"pH\":4.05", "0,\"brixFraction\":0.07", "1", "-1")) {
        String with = request.replace("\"sharper\":0", "\"sharper\":" + typed);
        assertNotEquals(untyped, preview(with).at("/now").toString(), pot + " " + typed);
      }
    }
  }

  @Test
  void whatIsTypedOfALivePotSaysWhatItSaysOnceItIsKept() {
    String id = start();
    String live =
        OF_A_FORMULA.replace("\"formulaId\":\"plain-marinara\"", "\"batchId\":\"" + id + "\"");
    written("/api/batches/" + id + "/tastings", "\"pH\":4.4,\"sharper\":1");
    String typed = "\"pH\":4.05,\"brixFraction\":0.06,\"sharper\":-1";
    JsonNode before = preview(live.replace("\"sharper\":0", typed)).at("/now");
    written("/api/batches/" + id + "/tastings", typed);
    JsonNode kept = preview(live).at("/now");
    for (String figure : List.of("/pH", "/sourFraction", "/sharpness", "/sugarToAcid")) {
      assertEquals(kept.at(figure).asDouble(), before.at(figure).asDouble(), 0.01, figure);
    }
  }

  @Test
  void aTrialWithOneCupIsRefusedAtItsField() {
    String id = start();
    Answer one =
        app.post(
            "/api/batches/" + id + "/cup-trials",
            "{\"id\":\"%s\",\"cupKilograms\":0.15,\"enteredText\":\"150 g\",\"potKilograms\":5,\"tasters\":1,\"cups\":[{\"doses\":[],\"note\":\"\"}],%s}"
                .formatted(UUID.randomUUID(), Requests.stamp(Instant.now())));
    assertEquals(422, one.status());
    assertEquals("/cups", one.body().at("/errors/0/pointer").asString());
  }

  private String open(String cups) {
    String id = UUID.randomUUID().toString();
    Answer opened =
        app.post(
            "/api/panels", "{\"id\":\"%s\",\"title\":\"Butter\",\"cups\":%s}".formatted(id, cups));
    assertEquals(201, opened.status(), opened.body().toString());
    return "/api/panels/" + id;
  }

  @Test
  void aPanelOfEightRanksBlindAndIsReckonedExactly() {
    String panel = open("[\"as it is\",\"butter\",\"soda\"]");
    int butter = app.get(panel).body().at("/cups/1/code").asInt();
    List<Integer> firsts = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      String seat = panel + "/seats/" + UUID.randomUUID();
      JsonNode taster = app.put(seat, "", "Accept", "application/json").body();
      assertFalse(taster.toString().contains("butter"), "blind");
      assertEquals(i + 1, taster.at("/seat").asInt());
      assertEquals(
          i + 1,
          app.put(seat, "", "Accept", "application/json").body().at("/seat").asInt(),
          "one seat a phone");
      List<Integer> order = new ArrayList<>();
      taster.at("/codes").forEach(code -> order.add(code.asInt()));
      firsts.add(order.get(0));
      order.sort((a, b) -> a == butter ? -1 : b == butter ? 1 : a - b);
      app.put(
          seat + "/vote",
          "{\"codes\":%s,\"note\":\"good\"}".formatted(order),
          "Accept",
          "application/json");
    }
    assertEquals(3, firsts.stream().distinct().count(), "orders differ");
    JsonNode open = app.get(panel).body();
    assertEquals(8, open.at("/voted").asInt());
    assertTrue(open.at("/cups/0/best").isMissingNode() || open.at("/cups/0/best").isNull());
    JsonNode closed = app.post(panel + "/closing", "").body();
    assertEquals(8, closed.at("/cups/1/best").asInt());
    assertEquals(8, closed.at("/cups/1/rankSum").asInt());
    assertEquals(Math.pow(1 / 6.0, 7), closed.at("/result/chance").asDouble(), 1e-9);
    assertTrue(closed.at("/result/words").asString().contains("favourite"));
    Answer late = app.put(panel + "/seats/" + UUID.randomUUID(), "", "Accept", "application/json");
    assertEquals(409, late.status());
  }

  @Test
  void aPairIsReckonedAndAFalseVoteRefused() {
    String panel = open("[\"as it is\",\"lemon\"]");
    String seat = panel + "/seats/" + UUID.randomUUID();
    JsonNode taster = app.put(seat, "", "Accept", "application/json").body();
    int code = taster.at("/codes/0").asInt();
    Answer twice =
        app.put(
            seat + "/vote",
            "{\"codes\":[%d,%d],\"note\":\"\"}".formatted(code, code),
            "Accept",
            "application/json");
    assertEquals(422, twice.status());
    assertEquals("/codes", twice.body().at("/errors/0/pointer").asString());
    app.put(
        seat + "/vote",
        "{\"codes\":%s,\"note\":\"\"}".formatted(taster.at("/codes")),
        "Accept",
        "application/json");
    JsonNode closed = app.post(panel + "/closing", "").body();
    assertEquals(1.0, closed.at("/result/chance").asDouble(), 1e-12);
    assertTrue(closed.at("/result/words").asString().contains("prove nothing"));
  }
}
