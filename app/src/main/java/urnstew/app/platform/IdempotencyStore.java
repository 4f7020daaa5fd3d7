package urnstew.app.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lets a write happen once, however often it is sent: the same identity and body find again what
 * the first wrote, the same identity with another body is a {@link ConflictException}.
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
   * @param write does it, in the caller's transaction
   * @return identities of what was written, now or the first time
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public List<UUID> once(UUID id, String scope, Object body, Supplier<List<UUID>> write) {
    String fingerprint = fingerprint(scope, body);
    if (writes.claim(id, scope, fingerprint, clock.instant()) == 1) {
      List<UUID> written = write.get();
      writes.written(id, written.stream().map(UUID::toString).collect(Collectors.joining(" ")));
      return written;
    }
    return written(writes.find(id).orElseThrow(), id, fingerprint);
  }

  /** Writes what has the identity of the write itself, once. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void once(UUID id, String scope, Object body, Runnable write) {
    once(
        id,
        scope,
        body,
        () -> {
          write.run();
          return List.of(id);
        });
  }

  /**
   * Whether this was written before; a {@link ConflictException} where the identity stands for
   * another.
   */
  @Transactional(readOnly = true)
  public boolean knows(UUID id, String scope, Object body) {
    Optional<IdempotencyMapper.FirstWrite> first = writes.find(id);
    first.ifPresent(known -> written(known, id, fingerprint(scope, body)));
    return first.isPresent();
  }

  /** When something was written, while that is remembered. */
  @Transactional(readOnly = true)
  public Optional<Instant> receivedAt(UUID id) {
    return writes.receivedAt(id);
  }

  private static List<UUID> written(
      IdempotencyMapper.FirstWrite first, UUID id, String fingerprint) {
    if (!first.fingerprint().equals(fingerprint)) {
      throw new ConflictException(
          "This identity was already used for something else.",
          "Make a new identity for a new entry.");
    }
    String written = first.written();
    return written == null || written.isEmpty()
        ? List.of(id)
        : Stream.of(written.split(" ")).map(UUID::fromString).toList();
  }

  /** A device that comes back after so long writes anew. */
  @Scheduled(initialDelay = 1, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
  @Transactional
  public void forget() {
    writes.forgetBefore(clock.instant().minus(KEPT));
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
