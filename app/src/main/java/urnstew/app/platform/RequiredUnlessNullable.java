package urnstew.app.platform;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** In the API document a record's component is required unless it is marked nullable. */
@Component
class RequiredUnlessNullable implements ModelConverter {
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
      Schema<?> model = context.getDefinedModels().get(raw.getSimpleName());
      if (model != null && model.getProperties() != null) {
        model.setRequired(
            model.getProperties().keySet().stream()
                .filter(property -> !isNullable(raw, property))
                .toList());
      }
    }
    return resolved;
  }

  private static boolean isNullable(Class<?> raw, String property) {
    return Arrays.stream(raw.getMethods())
        .filter(method -> method.getName().equals(property) && method.getParameterCount() == 0)
        .map(Method::getAnnotatedReturnType)
        .anyMatch(type -> type.isAnnotationPresent(Nullable.class));
  }
}
