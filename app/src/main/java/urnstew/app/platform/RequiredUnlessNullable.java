package urnstew.app.platform;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** In the API document a record's component is required unless it is marked nullable. */
@Component
class RequiredUnlessNullable implements ModelConverter {
  private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

  @Override
  @SuppressWarnings("rawtypes")
  public @Nullable Schema resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    if (!chain.hasNext()) {
      return null;
    }
    Schema<?> resolved = chain.next().resolve(type, context, chain);
    Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
    if (raw.isRecord()) {
      requireOfItsOwn(raw);
      Schema<?> model = context.getDefinedModels().get(name(raw));
      if (model != null && model.getProperties() != null) {
        model.setRequired(
            model.getProperties().keySet().stream()
                .filter(property -> !isNullable(raw, property))
                .toList());
      }
    }
    return resolved;
  }

  /** Two types of one name would become one, with the wrong parts required. */
  private void requireOfItsOwn(Class<?> raw) {
    Class<?> other = named.putIfAbsent(name(raw), raw);
    if (other != null && !other.equals(raw)) {
      throw new IllegalStateException(
          "Two types are called " + name(raw) + " in the API: " + raw + ", " + other);
    }
  }

  private static String name(Class<?> raw) {
    var given = raw.getAnnotation(io.swagger.v3.oas.annotations.media.Schema.class);
    return given == null || given.name().isEmpty() ? raw.getSimpleName() : given.name();
  }

  private static boolean isNullable(Class<?> raw, String property) {
    return Arrays.stream(raw.getMethods())
        .filter(method -> method.getName().equals(property) && method.getParameterCount() == 0)
        .map(Method::getAnnotatedReturnType)
        .anyMatch(type -> type.isAnnotationPresent(Nullable.class));
  }
}
