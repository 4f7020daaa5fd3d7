package urnstew.app.service.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was said of a service while it went on. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface StoredServiceEvent {
  /** Begun. */
  @JsonTypeName("Began")
  public record Began(String key, @Nullable String by, List<String> holds)
      implements StoredServiceEvent {}

  /** Over. */
  @JsonTypeName("Ended")
  public record Ended(String key) implements StoredServiceEvent {}

  /** Longer than was likely. */
  @JsonTypeName("TakesLonger")
  public record TakesLonger(String key, Duration by) implements StoredServiceEvent {}

  /** Over at a moment. */
  @JsonTypeName("Expected")
  public record Expected(String key, Instant at) implements StoredServiceEvent {}

  /** Wanted at a moment. */
  @JsonTypeName("Wanted")
  public record Wanted(String key, Instant at, @Nullable String by, List<String> holds)
      implements StoredServiceEvent {}

  /** Wanted no more. */
  @JsonTypeName("LetGo")
  public record LetGo(String key) implements StoredServiceEvent {}

  /** A pot elsewhere. */
  @JsonTypeName("Moved")
  public record Moved(String key, List<String> holds) implements StoredServiceEvent {}

  /** A cook went. */
  @JsonTypeName("CookLeft")
  public record CookLeft(String name) implements StoredServiceEvent {}

  /** A cook came. */
  @JsonTypeName("CookCame")
  public record CookCame(String name) implements StoredServiceEvent {}

  /** Something does not work. */
  @JsonTypeName("Failed")
  public record Failed(String resource) implements StoredServiceEvent {}

  /** It works again. */
  @JsonTypeName("Mended")
  public record Mended(String resource) implements StoredServiceEvent {}

  /** The meal was written otherwise. */
  @JsonTypeName("MealChanged")
  public record MealChanged() implements StoredServiceEvent {}

  /** An earlier one was wrong. */
  @JsonTypeName("TakenBack")
  public record TakenBack(UUID entry) implements StoredServiceEvent {}
}
