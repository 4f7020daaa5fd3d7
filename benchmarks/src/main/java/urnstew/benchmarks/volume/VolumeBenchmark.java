package urnstew.benchmarks.volume;

import java.io.IOException;
import java.net.URI;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;

/** Fills a kitchen, then times what it answers. Arguments: address, database, user, batches. */
public final class VolumeBenchmark {
  private static final int WITH_MANY_READINGS = 100;
  private static final int READINGS_EACH = 15_000;
  private static final double LIMIT_MILLIS = 100;

  private VolumeBenchmark() {}

  /** Runs it; ends with status 1 if a page takes longer than it may. */
  public static void main(String[] arguments)
      throws IOException, SQLException, InterruptedException {
    Pages pages = new Pages(URI.create(arguments[0]));
    int batches = Integer.parseInt(arguments[3]);
    String password = System.getenv("URNSTEW_DB_PASSWORD");
    List<String> watched;
    try (Connection database = DriverManager.getConnection(arguments[1], arguments[2], password)) {
      Kitchen kitchen = new Kitchen(database);
      kitchen.fill(batches - WITH_MANY_READINGS);
      watched = kitchen.withReadings(WITH_MANY_READINGS, READINGS_EACH);
      pages.finish(watched.subList(2, watched.size()));
      kitchen.settle();
    }
    if (!pages.timed(watched.get(0), watched.get(watched.size() - 1), LIMIT_MILLIS)) {
      System.exit(1);
    }
  }
}
