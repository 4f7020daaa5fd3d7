package urnstew.app.service;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.platform.Actor;
import urnstew.app.service.ServiceView.ServiceNameView;
import urnstew.app.service.ServiceWrites.Said;

@RestController
@RequestMapping(path = "/api/services", produces = MediaType.APPLICATION_JSON_VALUE)
class ServiceController {
  private final RunningServices services;

  ServiceController(RunningServices services) {
    this.services = services;
  }

  /** What goes on first, then the last. */
  @GetMapping
  List<ServiceNameView> services() {
    return services.all();
  }

  @GetMapping("/{id}")
  ServiceView service(@PathVariable UUID id) {
    return services.one(id);
  }

  @GetMapping(path = "/{id}/sheets.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] printServiceSheets(@PathVariable UUID id) {
    return services.sheets(id);
  }

  /** Its works with an alarm each: of one cook, or of all. */
  @GetMapping(path = "/{id}/works.ics", produces = "text/calendar")
  byte[] calendarOfService(@PathVariable UUID id, @RequestParam Optional<String> cook) {
    return services.calendar(id, cook);
  }

  /** Why the rest of it cannot be had as it was said, and what each way out costs. */
  @GetMapping("/{id}/conflict")
  BenchConflictView conflictOfService(@PathVariable UUID id) {
    return services.conflict(id);
  }

  /** A meal is cooked from now on, as its bench says. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Said startService(@Valid @RequestBody ServiceWrites.Start write, Actor actor) {
    return services.start(write, actor);
  }

  @PostMapping("/{id}/entries")
  @ResponseStatus(HttpStatus.CREATED)
  Said sayOfService(
      @PathVariable UUID id, @Valid @RequestBody ServiceWrites.Say write, Actor actor) {
    return services.say(id, write, actor);
  }

  /** What was moved in a calendar of it is wanted there. */
  @PostMapping("/{id}/calendars")
  @ResponseStatus(HttpStatus.CREATED)
  Said takeCalendar(
      @PathVariable UUID id, @Valid @RequestBody ServiceWrites.TakeCalendar write, Actor actor) {
    return services.take(id, write, actor);
  }

  @PostMapping("/{id}/ends")
  @ResponseStatus(HttpStatus.CREATED)
  Said endService(@PathVariable UUID id, @Valid @RequestBody ServiceWrites.End write, Actor actor) {
    return services.end(id, write, actor);
  }

  /** It goes on after all. */
  @PostMapping("/{id}/reopenings")
  @ResponseStatus(HttpStatus.CREATED)
  Said reopenService(
      @PathVariable UUID id, @Valid @RequestBody ServiceWrites.Reopen write, Actor actor) {
    return services.reopen(id, write, actor);
  }
}
