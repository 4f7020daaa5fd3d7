package urnstew.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.backup.RestoreService.Restored;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping("/api/backup")
class BackupController {
  private static final String ZIP = "application/zip";

  private final BackupService backups;
  private final RestoreService restores;

  BackupController(BackupService backups, RestoreService restores) {
    this.backups = backups;
    this.restores = restores;
  }

  /** Written to a file first: what goes wrong is told, and no half of a backup is sent. */
  @GetMapping(produces = ZIP)
  ResponseEntity<InputStreamResource> saveBackup() throws IOException {
    Path file = Files.createTempFile("urn-stew-backup", ".zip");
    try (OutputStream into = Files.newOutputStream(file)) {
      backups.backup(into);
      long bytes = Files.size(file);
      InputStream whole = Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE);
      return ResponseEntity.ok().contentLength(bytes).body(new InputStreamResource(whole));
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(file);
      throw e;
    }
  }

  /** Spooled first: no connection waits for a slow line. */
  @PostMapping(consumes = ZIP, produces = MediaType.APPLICATION_JSON_VALUE)
  Restored restoreBackup(@RequestBody InputStreamResource file, Actor actor) throws IOException {
    Path kept = Files.createTempFile("urn-stew-restore", ".zip");
    try (InputStream sent = file.getInputStream()) {
      Files.copy(sent, kept, StandardCopyOption.REPLACE_EXISTING);
      return restores.restore(kept, actor);
    } finally {
      Files.delete(kept);
    }
  }
}
