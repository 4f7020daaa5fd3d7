package urnstew.app.platform.store;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.Constructor;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;

/** In records of some packages a component has to be there, unless it is marked nullable. */
public final class NullMarkedRecords extends JacksonAnnotationIntrospector {
  private static final long serialVersionUID = 1;

  private final String packages;

  /**
   * For records under a package.
   *
   * @param packages how its name begins
   */
  public NullMarkedRecords(String packages) {
    this.packages = packages;
  }

  @Override
  public @Nullable Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
    return mustBeThere(member) ? Boolean.TRUE : super.hasRequiredMarker(config, member);
  }

  @Override
  public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated of) {
    return mustBeThere(of)
        ? JsonSetter.Value.forValueNulls(Nulls.FAIL, Nulls.FAIL)
        : super.findSetterInfo(config, of);
  }

  private boolean mustBeThere(Annotated of) {
    return of instanceof AnnotatedParameter component
        && component.getOwner().getAnnotated() instanceof Constructor<?> constructor
        && constructor.getDeclaringClass().isRecord()
        && constructor.getDeclaringClass().getName().startsWith(packages)
        && !constructor.getAnnotatedParameterTypes()[component.getIndex()].isAnnotationPresent(
            Nullable.class);
  }
}
