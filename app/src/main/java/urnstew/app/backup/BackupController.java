package urnstew.app.backup;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.backup.BackupService.Restored;

@RestController
@RequestMapping("/api/backup")
class BackupController {
  private static final String ZIP = "application/zip";

  private final BackupService backups;

  BackupController(BackupService backups) {
    this.backups = backups;
  }

  @GetMapping(produces = ZIP)
  byte[] saveBackup() {
    return backups.backup();
  }

  @PostMapping(consumes = ZIP, produces = MediaType.APPLICATION_JSON_VALUE)
  Restored restoreBackup(@RequestBody byte[] file) {
    return backups.restore(file);
  }
}
