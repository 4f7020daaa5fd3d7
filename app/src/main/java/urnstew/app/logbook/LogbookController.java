package urnstew.app.logbook;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.logbook.LogbookEntry.PotRates;
import urnstew.app.logbook.LogbookService.LogbookPage;

@RestController
@RequestMapping(path = "/api/logbook", produces = MediaType.APPLICATION_JSON_VALUE)
class LogbookController {
  private final LogbookService logbook;

  LogbookController(LogbookService logbook) {
    this.logbook = logbook;
  }

  @GetMapping
  LogbookPage logbook(
      @RequestParam(defaultValue = "") String words,
      @RequestParam(required = false) @Nullable UUID vesselId,
      @RequestParam(required = false) @Nullable Instant before,
      @RequestParam(required = false) @Nullable UUID beforeId) {
    return logbook.find(words, vesselId, before, beforeId);
  }

  @GetMapping("/rates")
  List<PotRates> ratesOfPots() {
    return logbook.rates();
  }

  @GetMapping(path = "/export.csv", produces = "text/csv")
  byte[] exportLogbook(@RequestParam(defaultValue = "") String words) {
    return logbook.csv(words).getBytes(StandardCharsets.UTF_8);
  }
}
