package urnstew.app.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lets a write happen once, however often it is sent: the same identity and body get the first
 * answer again, the same identity with another body is a {@link Clash}.
 */
@Component
public class IdempotencyStore {
  private static final Duration KEPT = Duration.ofDays(90);

  private final IdempotencyMapper writes;
  private final JsonMapper json;
  private final Clock clock;

  IdempotencyStore(IdempotencyMapper writes, JsonMapper json, Clock clock) {
    this.writes = writes;
    this.json = json;
    this.clock = clock;
  }

  /**
   * Writes once.
   *
   * @param id identity made by the client
   * @param scope what is written, such as a path
   * @param body all that decides what is written
   * @param answerType type of the answer
   * @param write does it, in the caller's transaction
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public <T> T once(UUID id, String scope, Object body, Class<T> answerType, Supplier<T> write) {
    String fingerprint = fingerprint(scope, body);
    if (writes.claim(id, scope, fingerprint, clock.instant()) == 1) {
      T answer = write.get();
      writes.answered(id, json.writeValueAsString(answer));
      return answer;
    }
    IdempotencyMapper.FirstWrite first = writes.find(id);
    if (!first.fingerprint().equals(fingerprint)) {
      throw new Clash(
          "This identity was already used for something else.",
          "Make a new identity for a new entry.");
    }
    return json.readValue(first.answer(), answerType);
  }

  /** When a device sent it differs from one sending to the next; all else is the same. */
  /** A device that comes back after so long writes anew. */
  @Scheduled(initialDelay = 1, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
  @Write
  public void forget() {
    writes.forgetBefore(clock.instant().minus(KEPT));
  }

  private String fingerprint(String scope, Object body) {
    JsonNode same = json.valueToTree(body);
    if (same.path("stamp") instanceof ObjectNode stamp) {
      stamp.remove("sentAt");
    }
    try {
      byte[] bytes =
          (scope + '\n' + json.writeValueAsString(same)).getBytes(StandardCharsets.UTF_8);
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256.", e);
    }
  }
}
