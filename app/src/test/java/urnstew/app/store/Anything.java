package urnstew.app.store;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.core.sauce.Pieces;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** Makes up values of any record, as far as its constructor takes them. */
final class Anything {
  private static final int TRIES = 2_000;

  private final Random random;
  private final Set<Type> within = new HashSet<>();

  Anything(long seed) {
    this.random = new Random(seed);
  }

  /** One of each kind of a sealed type, or one of a record. */
  static Stream<Class<?>> kinds(Class<?> type) {
    return type.isSealed() ? Arrays.stream(type.getPermittedSubclasses()) : Stream.of(type);
  }

  <T> T of(Class<T> type) {
    return type.cast(any(type));
  }

  /** What holds its own kind ends somewhere. */
  private Optional<Object> optional(Type inner) {
    if (random.nextBoolean() || !within.add(inner)) {
      return Optional.empty();
    }
    Object value = any(inner);
    within.remove(inner);
    return Optional.of(value);
  }

  private Object any(Type type) {
    if (type instanceof ParameterizedType holder) {
      Type inner = holder.getActualTypeArguments()[0];
      Class<?> raw = (Class<?>) holder.getRawType();
      if (raw == Optional.class) {
        return optional(inner);
      }
      List<Object> few = Stream.generate(() -> any(inner)).limit(1 + random.nextInt(3)).toList();
      return raw == List.class ? few : new HashSet<>(few);
    }
    Class<?> plain = (Class<?>) type;
    if (plain.isEnum()) {
      return plain.getEnumConstants()[random.nextInt(plain.getEnumConstants().length)];
    }
    if (plain.isSealed()) {
      Class<?>[] kinds = plain.getPermittedSubclasses();
      return any(kinds[random.nextInt(kinds.length)]);
    }
    if (plain == Temperature.class) {
      return Temperature.ofCelsius(
          random.nextBoolean() ? random.nextInt(40) : random.nextInt(60, 260));
    }
    if (plain == Power.class) {
      return new Power(1000 + random.nextInt(2000));
    }
    if (plain == Pieces.class) {
      return new Pieces(of(Composition.class), 1e-4, 1e-5, random.nextInt(400, 9000));
    }
    return plain.isRecord() ? record(plain) : scalar(plain);
  }

  private Object scalar(Class<?> type) {
    if (type == double.class || type == Double.class) {
      return Math.pow(10, -3 * random.nextDouble());
    }
    return switch (type.getSimpleName()) {
      case "int", "Integer" -> random.nextInt(1, 20);
      case "long" -> random.nextLong(1, 90_000);
      case "boolean", "Boolean" -> random.nextBoolean();
      case "String" -> "so „wörtlich“ \n" + random.nextInt(1000);
      case "UUID" -> new UUID(random.nextLong(), random.nextLong());
      case "Instant" -> Instant.ofEpochMilli(1_790_000_000_000L + random.nextLong(500_000_000L));
      case "LocalDate" -> LocalDate.of(2026, 11, 1 + random.nextInt(30));
      case "LocalTime" -> LocalTime.of(random.nextInt(24), random.nextInt(60));
      case "Duration" -> Duration.ofSeconds(random.nextInt(1, 5_000));
      case "BigDecimal" -> BigDecimal.valueOf(random.nextInt(1, 9_999), 2);
      default -> throw new IllegalStateException("Nobody says how to make a " + type);
    };
  }

  private Object record(Class<?> type) {
    Type[] parts =
        Arrays.stream(type.getRecordComponents())
            .map(RecordComponent::getGenericType)
            .toArray(Type[]::new);
    @Nullable Throwable why = null;
    for (int i = 0; i < TRIES; i++) {
      try {
        Constructor<?> constructor = type.getDeclaredConstructors()[0];
        constructor.setAccessible(true);
        return constructor.newInstance(Arrays.stream(parts).map(this::any).toArray());
      } catch (InvocationTargetException e) {
        if (!(e.getCause() instanceof InvalidInput)) {
          throw new IllegalStateException(type + " does not take these", e);
        }
        why = e.getCause();
      } catch (ReflectiveOperationException e) {
        throw new IllegalStateException(e);
      }
    }
    throw new IllegalStateException("No " + type + " was possible", why);
  }
}
