package urnstew.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.locks.ReentrantLock;
import org.apache.ibatis.cursor.Cursor;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/**
 * Reads a backup of this or an earlier release into an empty kitchen. It is set up in a side room
 * first: a schema of that release, filled, brought up to this release and read through whole. Only
 * then it takes the kitchen's place, in one transaction.
 */
@Service
public class RestoreService {
  private static final String ROOM = "restoring";

  private final BackupMapper mapper;
  private final Flyway flyway;
  private final TransactionTemplate transaction;
  private final List<StoredColumn> documents;
  private final JsonMapper json;
  private final ReentrantLock one = new ReentrantLock();

  RestoreService(
      BackupMapper mapper,
      Flyway flyway,
      TransactionTemplate transaction,
      List<StoredColumns> documents,
      JsonMapper json) {
    this.mapper = mapper;
    this.flyway = flyway;
    this.transaction = transaction;
    this.documents = documents.stream().flatMap(each -> each.all().stream()).toList();
    this.json =
        json.rebuild()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();
  }

  /** What was read back. */
  public record Restored(int tables, long rows) {}

  /** Reads a backup: all of it, or nothing. */
  public Restored restore(Path kept, Actor actor) {
    if (!one.tryLock()) {
      throw new ConflictException(
          "A backup is being read back just now.", "Wait until that is done.");
    }
    try (BackupFile file = BackupFile.open(kept, json)) {
      Manifest manifest = fitting(file.manifest());
      requireEmpty();
      mapper.tearDown(ROOM);
      room(MigrationVersion.fromVersion(manifest.schema())).migrate();
      transaction.executeWithoutResult(done -> fill(file, manifest));
      upToThisRelease();
      transaction.executeWithoutResult(done -> requireWhole());
      return transaction.execute(done -> moveIn(actor));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      mapper.tearDown(ROOM);
      one.unlock();
    }
  }

  private Flyway room(MigrationVersion target) {
    return Flyway.configure()
        .configuration(flyway.getConfiguration())
        .schemas(ROOM)
        .defaultSchema(ROOM)
        .target(target)
        .load();
  }

  private void fill(BackupFile file, Manifest manifest) {
    mapper.unhurried();
    mapper.asAWhole();
    mapper.look(ROOM);
    List<String> tables =
        BackupTables.ALL.stream().filter(table -> !mapper.columns(table).isEmpty()).toList();
    for (String table : tables) {
      mapper.empty(table);
      file.rows(table, mapper.columns(table), manifest.rows().get(table), lot -> fill(table, lot));
    }
  }

  private void fill(String table, String lot) {
    try {
      mapper.fill(table, lot);
    } catch (DataAccessException e) {
      throw BackupFile.fault(
          "broken-rows", "The rows of '" + table + "' do not fit together with the rest.");
    }
  }

  private void upToThisRelease() {
    try {
      room(MigrationVersion.LATEST).migrate();
    } catch (org.flywaydb.core.api.FlywayException e) {
      throw BackupFile.fault("broken-rows", "What is in it cannot be brought up to this release.");
    }
  }

  /** A kitchen without its settings or with a document that cannot be read would not stand. */
  private void requireWhole() {
    mapper.unhurried();
    mapper.look(ROOM);
    if (mapper.count("kitchen") != 1) {
      throw BackupFile.fault("incomplete", "The kitchen's settings are missing.");
    }
    documents.forEach(this::requireReadable);
  }

  private void requireReadable(StoredColumn column) {
    try (Cursor<String> rows = mapper.documents(column.table(), column.column())) {
      rows.forEach(column.form()::read);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (DataAccessException e) {
      throw e;
    } catch (RuntimeException e) {
      throw BackupFile.fault(
          "broken-rows",
          "A row of '%s' has a %s that cannot be read."
              .formatted(column.table(), column.column().replace('_', ' ')));
    }
  }

  private Restored moveIn(Actor actor) {
    mapper.unhurried();
    mapper.asAWhole();
    requireEmpty();
    long rows = 0;
    for (String table : BackupTables.ALL) {
      rows += table.equals(BackupTables.CHANGES) ? mapper.moveInChanges(ROOM) : moveIn(table);
    }
    mapper.noteWhole(actor.name(), actor.device().orElse(null));
    return new Restored(BackupTables.ALL.size(), rows);
  }

  private long moveIn(String table) {
    mapper.empty(table);
    return mapper.moveIn(table, String.join(", ", mapper.columns(table)), ROOM);
  }

  private Manifest fitting(Manifest manifest) {
    if (!manifest.format().equals(Manifest.FORMAT) || manifest.version() != Manifest.VERSION) {
      throw BackupFile.fault(
          "foreign",
          "This file is of another kind or version.",
          "Choose the zip that 'Save a backup' gave.");
    }
    String schema = mapper.schemaVersion();
    boolean known =
        manifest.schema().matches("[1-9][0-9]{0,3}")
            && Integer.parseInt(manifest.schema()) <= Integer.parseInt(schema);
    if (!known) {
      throw BackupFile.fault(
          "later-release",
          "The backup is of release " + manifest.schema() + ", this is release " + schema + ".",
          "Renew this installation first.");
    }
    return manifest;
  }

  private void requireEmpty() {
    for (String table : BackupTables.ALL) {
      if (!BackupTables.FROM_THE_START.contains(table) && mapper.count(table) > 0) {
        throw new ConflictException(
            "This kitchen is not empty: it has " + table.replace('_', ' ') + " entries.",
            "Restore into a new installation that was started without the demo.");
      }
    }
  }
}
