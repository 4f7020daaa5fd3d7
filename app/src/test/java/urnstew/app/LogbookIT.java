package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** The logbook over HTTP: searched, exported, learnt from. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class LogbookIT {
  private static final String MADE = "0d3f1c52-0000-4000-8000-000000000031";

  private final RunningApplication app;

  @Autowired
  LogbookIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private JsonNode find(String words) {
    return app.get("/api/logbook?words=" + words).body().at("/entries");
  }

  private static boolean has(JsonNode entries) {
    return entries.toString().contains(MADE);
  }

  /** The demo's batch of yesterday: 'Bright and just coating. The rondeau boils off more …'. */
  @ParameterizedTest
  @CsvSource({
    "'',true",
    "marinara,true",
    "MARINARA+rondeau,true",
    "bright+coating,true",
    "marinara+stockpot,false",
    "100%25,false",
    "b_ight,false"
  })
  void everyWordMustBeFound(String words, boolean found) {
    assertEquals(found, has(find(words)), words);
  }

  private JsonNode page(String path) {
    JsonNode page = app.get(path).body();
    assertFalse(page.at("/more").asBoolean(), "there are few of them");
    return page.at("/entries");
  }

  @Test
  void planAgainstOutcomeWithWhatItCost() {
    JsonNode entry = find("bright+coating").get(0);
    assertEquals("plain-marinara", entry.at("/formulaId").asString());
    assertTrue(entry.at("/cost").asDouble() > 1, entry.toString());
    assertEquals(3, entry.at("/readings").asInt());
    String before = entry.at("/endedAt").asString();
    assertFalse(
        has(app.get("/api/logbook?before=" + before).body().at("/entries")), "the next page");
    String sameMoment = "/api/logbook?before=" + before + "&beforeId=";
    String last = "ffffffff-ffff-ffff-ffff-ffffffffffff";
    assertTrue(has(page(sameMoment + last)), "of those that ended together none is passed over");
    assertFalse(has(page(sameMoment + entry.at("/id").asString())), "and none comes twice");
    String vessel = entry.at("/vesselId").asString();
    assertTrue(has(app.get("/api/logbook?vesselId=" + vessel).body().at("/entries")));
    JsonNode rates = app.get("/api/logbook/rates").body();
    assertTrue(has(rates) && rates.get(0).at("/typicalFactor").asDouble() > 0.3);
  }

  @Test
  void tablesOfTheLogbookAndOfReadings() throws Exception {
    String logbook = text("/api/logbook/export.csv?words=bright");
    assertTrue(logbook.startsWith("id,name,formula,pot,started_at"), logbook);
    assertTrue(
        logbook.contains("\"Bright and just coating.") || logbook.contains("Bright and just"));
    String[] rows = text("/api/batches/" + MADE + "/readings.csv").split("\r\n");
    assertEquals(4, rows.length);
    assertTrue(rows[3].contains(",0.091,") && rows[3].contains("91 mm"), rows[3]);
  }

  private String text(String path) throws Exception {
    return new String(app.bytes(path), StandardCharsets.UTF_8);
  }
}
