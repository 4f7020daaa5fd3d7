package urnstew.app.platform;

import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import io.prometheus.metrics.exporter.httpserver.HTTPServer;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** What the application does and how long it takes, for whoever keeps it running. */
@Component
public class Figures {
  private final Timer forecasts;
  private final Timer waited;

  Figures(MeterRegistry registry) {
    this.forecasts =
        Timer.builder("urnstew.forecast")
            .description("Fitting a pot to its readings")
            .publishPercentiles(0.5, 0.95)
            .register(registry);
    this.waited =
        Timer.builder("urnstew.entry.waited")
            .description("From typing an entry on a device until it arrived")
            .publishPercentiles(0.5, 0.95)
            .register(registry);
  }

  /** Times a forecast. */
  public <T> T forecast(Supplier<T> made) {
    return forecasts.record(made);
  }

  /** An entry arrived. */
  public void arrived(Instant typed, Instant received) {
    Duration since = Duration.between(typed, received);
    waited.record(since.isNegative() ? Duration.ZERO : since);
  }

  /** A port of its own, on this machine only, where one is wanted. */
  @Configuration
  @ConditionalOnExpression("${urnstew.metrics-port} > 0")
  static class Served {
    @Bean(destroyMethod = "close")
    HTTPServer metrics(PrometheusMeterRegistry registry, @Value("${urnstew.metrics-port}") int port)
        throws IOException {
      return HTTPServer.builder()
          .hostname("127.0.0.1")
          .port(port)
          .registry(registry.getPrometheusRegistry())
          .buildAndStart();
    }
  }
}
