package urnstew.app.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.UUID;
import java.util.function.Supplier;
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
public class Receipts {
  private final ReceiptMapper receipts;
  private final JsonMapper json;
  private final Clock clock;

  Receipts(ReceiptMapper receipts, JsonMapper json, Clock clock) {
    this.receipts = receipts;
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
    if (receipts.claim(id, scope, fingerprint, clock.instant()) == 1) {
      T answer = write.get();
      receipts.answered(id, json.writeValueAsString(answer));
      return answer;
    }
    ReceiptMapper.Receipt first = receipts.find(id);
    if (!first.fingerprint().equals(fingerprint)) {
      throw new Clash(
          "This identity was already used for something else.",
          "Make a new identity for a new entry.");
    }
    return json.readValue(first.answer(), answerType);
  }

  /** When a device sent it differs from one sending to the next; all else is the same. */
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
