package urnstew.app.platform;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.function.Function;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateTimeDeserializer;
import tools.jackson.databind.module.SimpleModule;
import urnstew.app.platform.store.NullMarkedRecords;

/** What no field of a request may hold, whatever it is for: the database could not keep it. */
@Configuration
class JsonRules {
  private static final Instant FIRST = Instant.parse("1900-01-01T00:00:00Z");
  private static final Instant LAST = Instant.parse("2200-01-01T00:00:00Z");

  @Bean
  JsonMapperBuilderCustomizer whatCanBeKept() {
    SimpleModule module =
        new SimpleModule()
            .addDeserializer(
                String.class,
                new Checked<>(
                    String.class, StringDeserializer.instance, JsonRules::hasNoZero, "a sign 0"))
            .addDeserializer(
                Instant.class,
                new Checked<>(
                    Instant.class, InstantDeserializer.INSTANT, JsonRules::isNear, "a far year"))
            .addDeserializer(
                LocalDate.class,
                new Checked<>(
                    LocalDate.class,
                    LocalDateDeserializer.INSTANCE,
                    day -> isNear(day.atStartOfDay()),
                    "a far year"))
            .addDeserializer(
                LocalDateTime.class,
                new Checked<>(
                    LocalDateTime.class,
                    LocalDateTimeDeserializer.INSTANCE,
                    JsonRules::isNear,
                    "a far year"));
    return builder ->
        builder
            .addModule(module)
            // Records of the core stand in bodies too, and know no null.
            .annotationIntrospector(new NullMarkedRecords("urnstew.core."))
            .changeDefaultNullHandling(
                nulls ->
                    JsonSetter.Value.forContentNulls(Nulls.FAIL)
                        .withValueNulls(nulls.getValueNulls()));
  }

  private static boolean hasNoZero(String text) {
    return text.indexOf('\0') < 0;
  }

  private static boolean isNear(Instant at) {
    return at.isAfter(FIRST) && at.isBefore(LAST);
  }

  private static boolean isNear(LocalDateTime at) {
    return isNear(at.toInstant(ZoneOffset.UTC));
  }

  /** Reads as usual, then looks at what was read. */
  private static final class Checked<T> extends StdScalarDeserializer<T> {
    private final ValueDeserializer<? extends T> reader;
    private final Function<T, Boolean> keeps;
    private final String what;

    Checked(
        Class<T> type,
        ValueDeserializer<? extends T> reader,
        Function<T, Boolean> keeps,
        String what) {
      super(type);
      this.reader = reader;
      this.keeps = keeps;
      this.what = what;
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context)
        throws JacksonException {
      T read = reader.deserialize(parser, context);
      if (read != null && !keeps.apply(read)) {
        throw context.weirdStringException(String.valueOf(read), handledType(), what);
      }
      return read;
    }
  }
}
