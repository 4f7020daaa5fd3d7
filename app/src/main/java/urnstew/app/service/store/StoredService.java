package urnstew.app.service.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.platform.store.StoredUnits;

/** A service as it was when it was started. */
public record StoredService(
    Instant from,
    Instant end,
    List<Hour> hours,
    List<TakeOut> takeOuts,
    List<Hand> hands,
    List<String> machines,
    List<Task> tasks,
    List<Pot> pots,
    List<Hands> learnt) {
  /** Hands in one kind of work. */
  public record Hands(String kind, double ratio, int works) {}

  /** Plates of a dish. */
  public record Hour(String dish, int covers, Instant at, @Nullable Instant until) {}

  /** What must come out of a dish. */
  public record TakeOut(String dish, String what) {}

  /** A cook who was to be there. */
  public record Hand(String name, Instant from, Instant until) {}

  /** A sauce in a pot of its own. */
  public record Pot(String subjectId, String formulaId, UUID vesselId) {}

  /** A work. */
  public record Task(
      String key,
      String kind,
      Subject subject,
      String what,
      @Nullable Figure figure,
      Due due,
      Effort effort,
      List<Need> needs,
      List<Follows> follows) {}

  /** Of what. */
  public record Subject(String place, String id, String name) {}

  /** When. */
  public record Due(
      Instant earliest,
      Instant at,
      Instant latest,
      @Nullable LocalDate day,
      Instant waitFrom,
      @Nullable Instant alarmFrom,
      @Nullable Instant over) {}

  /** How long. */
  public record Effort(Span hands, Span unattended) {}

  /** A time with its band. */
  public record Span(Duration least, Duration likely, Duration most) {}

  /** What must be over before. */
  public record Follows(String key, Duration shortest, @Nullable Duration longest) {}

  /** What is shown beside its words. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  public sealed interface Figure {}

  /** So much. */
  @JsonTypeName("Much")
  public record Much(StoredUnits.Mass mass) implements Figure {}

  /** So warm. */
  @JsonTypeName("Warm")
  public record Warm(StoredUnits.Temperature temperature) implements Figure {}

  /** For so many. */
  @JsonTypeName("Plates")
  public record Plates(int count) implements Figure {}

  /** What it holds. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  public sealed interface Need {}

  /** A pot, pan or tray. */
  @JsonTypeName("OfVessel")
  public record OfVessel(UUID id, String name) implements Need {}

  /** A burner. */
  @JsonTypeName("OfBurner")
  public record OfBurner(UUID id, String name) implements Need {}

  /** Room in an oven. */
  @JsonTypeName("OfOven")
  public record OfOven(@Nullable UUID id, StoredUnits.Temperature air) implements Need {}

  /** One of its kind. */
  @JsonTypeName("OfTool")
  public record OfTool(String name) implements Need {}
}
