package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/**
 * How stages looked, over HTTP: noted with a photo, found again beside the cue of the next batch.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class StageNotesIT {
  private static final String LIVE = "0d3f1c52-0000-4000-8000-000000000041";

  private final RunningApplication app;

  @Autowired
  StageNotesIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private String lit(Duration ago) {
    String id = UUID.randomUUID().toString();
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(id, Requests.plan(app), Requests.stamp(Instant.now().minus(ago)));
    assertEquals(201, app.post("/api/batches", body).status());
    return id;
  }

  private static String body(String id, String batch, String stage, String note, String photo) {
    return "{\"id\":\"%s\",\"batchId\":\"%s\",\"stage\":\"%s\",\"note\":\"%s\",\"photoBase64\":\"%s\",%s}"
        .formatted(id, batch, stage, note, photo, Requests.stamp(Instant.now()));
  }

  private RunningApplication.Answer note(String batch, String stage, String note, String photo) {
    return app.post(
        "/api/stage-notes", body(UUID.randomUUID().toString(), batch, stage, note, photo));
  }

  private static String picture(int width, int height, String format) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, 0xff0000);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertTrue(ImageIO.write(image, format, out));
    return Base64.getEncoder().encodeToString(out.toByteArray());
  }

  @Test
  void aPhotoIsKeptSmallAndFoundBesideTheNextBatch() throws IOException {
    String first = lit(Duration.ofHours(3));
    JsonNode noted = note(first, "Simmer", "  a clean path ", picture(3000, 2000, "png")).body();
    assertEquals("a clean path", noted.at("/note").asString());
    byte[] photo = app.bytes("/api/stage-notes/" + noted.at("/id").asString() + "/photo");
    BufferedImage kept = ImageIO.read(new ByteArrayInputStream(photo));
    assertEquals(1280, kept.getWidth());
    assertEquals(853, kept.getHeight(), "2000 of 3000, of 1280");

    String next = lit(Duration.ofHours(1));
    JsonNode notes = app.get("/api/stage-notes?batchId=" + next).body();
    assertEquals(0, notes.at("/own").size());
    assertEquals("a clean path", notes.at("/earlier/0/note").asString());
    assertTrue(notes.at("/earlier/0/photo").asBoolean());
    JsonNode own = app.get("/api/stage-notes?batchId=" + first).body();
    assertEquals(1, own.at("/own").size());
    assertFalse(own.at("/earlier").toString().contains("a clean path"), "not of itself");
  }

  /** A phone writes into its files where it stood; here a comment stands for that. */
  @Test
  void nothingButThePictureIsKeptOfAFile() throws IOException {
    byte[] plain = Base64.getDecoder().decode(picture(40, 30, "jpeg"));
    byte[] secret = "stood at 46.5 N".getBytes(StandardCharsets.US_ASCII);
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    file.write(plain, 0, 2);
    file.write(new byte[] {(byte) 0xff, (byte) 0xfe, 0, (byte) (secret.length + 2)});
    file.write(secret);
    file.write(plain, 2, plain.length - 2);
    String sent = Base64.getEncoder().encodeToString(file.toByteArray());
    JsonNode noted = note(LIVE, "Simmer", "", sent).body();
    byte[] kept = app.bytes("/api/stage-notes/" + noted.at("/id").asString() + "/photo");
    assertFalse(new String(kept, StandardCharsets.ISO_8859_1).contains("stood at"));
    assertEquals(40, ImageIO.read(new ByteArrayInputStream(kept)).getWidth());
  }

  @ParameterizedTest
  @CsvSource({
    "Simmer,'','',/note,nothing-noted",
    "Flambé,bright,'',/stage,no-such-stage",
    "Simmer,bright,not base 64!,/photoBase64,no-picture",
    "Simmer,bright,bm8gcGljdHVyZQ==,/photoBase64,no-picture"
  })
  void whatCannotBeKeptIsRefusedAtItsField(
      String stage, String note, String photo, String pointer, String code) {
    RunningApplication.Answer answer = note(LIVE, stage, note, photo);
    assertEquals(422, answer.status(), answer.body().toString());
    assertEquals(pointer, answer.pointer());
    assertEquals(code, answer.code());
  }

  @Test
  void aPictureThatDoesNotFitIntoMemoryIsRefusedUnread() throws IOException {
    BufferedImage vast = new BufferedImage(5000, 4000, BufferedImage.TYPE_BYTE_BINARY);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(vast, "png", out);
    String sent = Base64.getEncoder().encodeToString(out.toByteArray());
    assertEquals("no-picture", note(LIVE, "Simmer", "", sent).code());
  }

  @Test
  void aPictureThatBreaksOffIsRefused() throws IOException {
    byte[] whole = Base64.getDecoder().decode(picture(300, 200, "png"));
    String half =
        Base64.getEncoder().encodeToString(java.util.Arrays.copyOf(whole, whole.length / 3));
    assertEquals("no-picture", note(LIVE, "Simmer", "", half).code());
  }

  @Test
  void sentAgainItIsThereOnceAndCanBeTakenBack() throws IOException {
    String batch = lit(Duration.ofHours(2));
    String id = UUID.randomUUID().toString();
    String write = body(id, batch, "Finish", "glossy", picture(20, 20, "png"));
    assertEquals(201, app.post("/api/stage-notes", write).status());
    String later =
        write.replaceFirst("\"sentAt\":\"[^\"]*\"", "\"sentAt\":\"" + Instant.now() + "\"");
    assertEquals(201, app.post("/api/stage-notes", later).status(), "sent again, later");
    assertEquals(1, app.get("/api/stage-notes?batchId=" + batch).body().at("/own").size());
    byte[] once = app.bytes("/api/stage-notes/" + id + "/photo");
    assertArrayEquals(once, app.bytes("/api/stage-notes/" + id + "/photo"));
    assertEquals(204, app.write("DELETE", "/api/stage-notes/" + id, "").statusCode());
    assertEquals(404, app.write("DELETE", "/api/stage-notes/" + id, "").statusCode());
    assertEquals(0, app.get("/api/stage-notes?batchId=" + batch).body().at("/own").size());
  }
}
