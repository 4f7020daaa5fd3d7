package urnstew.app.service;

import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping(path = "/api/meals/{id}/bench", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchController {
  private final ServiceBench bench;

  BenchController(ServiceBench bench) {
    this.bench = bench;
  }

  /** Who does what when, on which burner and in which oven. */
  @GetMapping
  BenchView bench(@PathVariable UUID id) {
    return bench.of(id);
  }

  /** The same if one of its works takes so much longer. */
  @GetMapping("/late")
  BenchLateView late(@PathVariable UUID id, @RequestParam String key, @RequestParam int minutes) {
    return bench.late(id, key, minutes);
  }

  /** Why not all of it can be had, and what each way out costs; nothing where it can. */
  @GetMapping("/conflict")
  BenchConflictView conflict(@PathVariable UUID id) {
    return bench.conflict(id);
  }
}
