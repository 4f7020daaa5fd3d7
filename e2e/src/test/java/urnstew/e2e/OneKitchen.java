package urnstew.e2e;

import java.nio.file.Path;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** One installation and one browser for all classes; each class begins on the demo's first day. */
final class OneKitchen implements BeforeAllCallback, ParameterResolver {

  /** Closed with the whole run. */
  private record Shared(Installation installation, Browsers browsers, Path firstDay)
      implements AutoCloseable {
    static Shared started() {
      try {
        Installation installation = new Installation();
        try {
          return new Shared(installation, new Browsers(), installation.backup());
        } catch (Exception failed) {
          // Half of it would go on running.
          installation.close();
          throw failed;
        }
      } catch (Exception e) {
        throw new IllegalStateException(e);
      }
    }

    @Override
    public void close() throws Exception {
      browsers.close();
      installation.close();
    }
  }

  private static Shared shared(ExtensionContext context) {
    return context
        .getRoot()
        .getStore(Namespace.create(OneKitchen.class))
        .computeIfAbsent(Shared.class, first -> Shared.started(), Shared.class);
  }

  @Override
  public void beforeAll(ExtensionContext context) throws Exception {
    Shared shared = shared(context);
    shared.installation.backTo(shared.firstDay);
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    Class<?> type = parameter.getParameter().getType();
    return type == Installation.class || type == Browsers.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    Shared shared = shared(context);
    return parameter.getParameter().getType() == Installation.class
        ? shared.installation
        : shared.browsers;
  }
}
