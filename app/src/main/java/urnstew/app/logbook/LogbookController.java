package urnstew.app.logbook;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping(path = "/api/logbook", produces = MediaType.APPLICATION_JSON_VALUE)
class LogbookController {
  private final LogbookService logbook;

  LogbookController(LogbookService logbook) {
    this.logbook = logbook;
  }

  @GetMapping
  List<LogbookEntry> logbook() {
    return logbook.finished();
  }
}
