package urnstew.naming;

import javax.lang.model.element.ExecutableElement;
import org.mapstruct.ap.spi.DefaultAccessorNamingStrategy;

/**
 * Our records are filled by their constructor alone: a method such as {@code with} or {@code times}
 * that gives another of them is no setter.
 */
public final class RecordNaming extends DefaultAccessorNamingStrategy {
  @Override
  protected boolean isFluentSetter(ExecutableElement method) {
    return false;
  }
}
