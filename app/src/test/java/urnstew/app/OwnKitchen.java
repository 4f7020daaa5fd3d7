package urnstew.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** An application with a database of its own beside the others', dropped when it closes. */
final class OwnKitchen implements AutoCloseable {
  private final JdbcTemplate server;
  private final String name;
  private final ConfigurableApplicationContext context;

  private OwnKitchen(JdbcTemplate server, String name, ConfigurableApplicationContext context) {
    this.server = server;
    this.name = name;
    this.context = context;
  }

  /** The demo's kitchen on its first day. */
  static OwnKitchen fresh(DataSourceProperties shared, JdbcTemplate server, String... settings) {
    return started(shared, server, "", settings);
  }

  /** One that a dump among the test resources holds. */
  static OwnKitchen of(DataSourceProperties shared, JdbcTemplate server, String dump) {
    return started(shared, server, sql(dump));
  }

  private static OwnKitchen started(
      DataSourceProperties shared, JdbcTemplate server, String sql, String... settings) {
    String name = "kitchen_" + UUID.randomUUID().toString().replace("-", "");
    server.execute("create database " + name);
    String url = Objects.requireNonNull(shared.getUrl()).replaceFirst("/[^/]+$", "/" + name);
    if (!sql.isEmpty()) {
      new JdbcTemplate(
              new DriverManagerDataSource(
                  url,
                  Objects.requireNonNull(shared.getUsername()),
                  Objects.requireNonNull(shared.getPassword())))
          .execute(sql);
    }
    return new OwnKitchen(
        server,
        name,
        new SpringApplicationBuilder(UrnStewApplication.class)
            .run(
                Stream.concat(
                        Stream.of("--spring.datasource.url=" + url, "--server.port=0"),
                        Stream.of(settings))
                    .toArray(String[]::new)));
  }

  /** Orders to the client that made the dump begin with a backslash. */
  private static String sql(String dump) {
    try (InputStream file = OwnKitchen.class.getResourceAsStream(dump)) {
      byte[] text = new GZIPInputStream(Objects.requireNonNull(file)).readAllBytes();
      return new String(text, StandardCharsets.UTF_8).replaceAll("(?m)^\\\\.*$", "");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  RunningApplication app() {
    return new RunningApplication(
        context.getEnvironment().getRequiredProperty("local.server.port", Integer.class));
  }

  JdbcTemplate database() {
    return context.getBean(JdbcTemplate.class);
  }

  @Override
  public void close() {
    context.close();
    server.execute("drop database " + name + " with (force)");
  }
}
