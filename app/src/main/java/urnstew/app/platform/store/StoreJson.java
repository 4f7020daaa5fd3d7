package urnstew.app.platform.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.lang.reflect.Constructor;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;

/** Reads what it knows, passes over what it does not, and takes nothing missing for nothing. */
final class StoreJson {
  private StoreJson() {}

  static JsonMapper mapper() {
    return JsonMapper.builder()
        .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        // A price of 1.50 stays one, also on its way through a tree.
        .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
        .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
        .changeDefaultPropertyInclusion(all -> all.withValueInclusion(JsonInclude.Include.NON_NULL))
        .annotationIntrospector(new RequiredUnlessNullable())
        .build();
  }

  /** A component has to be there unless it is marked nullable. */
  private static final class RequiredUnlessNullable extends JacksonAnnotationIntrospector {
    private static final long serialVersionUID = 1;

    @Override
    public @Nullable Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
      if (member instanceof AnnotatedParameter component
          && component.getOwner().getAnnotated() instanceof Constructor<?> constructor) {
        return !constructor.getAnnotatedParameterTypes()[component.getIndex()].isAnnotationPresent(
            Nullable.class);
      }
      return null;
    }
  }
}
