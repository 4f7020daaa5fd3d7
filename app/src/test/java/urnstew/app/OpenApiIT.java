package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.abort;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The committed API document is what the application serves. {@code -Durnstew.openapi.write=true}
 * rewrites it after a wanted change.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class OpenApiIT {
  private static final Path COMMITTED = Path.of("../web/src/api/openapi.json");

  private final RunningApplication app;

  @Autowired
  OpenApiIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  @Test
  void committedDocumentIsServed() throws IOException {
    var served = app.get("/api/openapi").body();
    if (Boolean.getBoolean("urnstew.openapi.write")) {
      Files.writeString(
          COMMITTED,
          JsonMapper.builder()
                  .enable(SerializationFeature.INDENT_OUTPUT)
                  .build()
                  .writeValueAsString(served)
              + "\n");
      // Who writes it does not judge it.
      abort("written anew");
    }
    assertEquals(RunningApplication.JSON.readTree(Files.readString(COMMITTED)), served);
  }

  /** A type that shares its name with another one would be left out. */
  @Test
  void everyBodyHasAForm() {
    app.get("/api/openapi")
        .body()
        .at("/paths")
        .findValues("content")
        .forEach(
            content -> {
              assertFalse(content.isEmpty(), content.toString());
              content.forEach(kind -> assertTrue(kind.has("schema"), kind.toString()));
            });
  }
}
