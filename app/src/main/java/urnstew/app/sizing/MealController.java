package urnstew.app.sizing;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api/meals", produces = MediaType.APPLICATION_JSON_VALUE)
class MealController {
  private final MealService meals;

  MealController(MealService meals) {
    this.meals = meals;
  }

  @GetMapping
  List<MealView.MealName> all() {
    return meals.all();
  }

  @GetMapping("/{id}")
  MealView one(@PathVariable UUID id) {
    return meals.one(id);
  }

  /** What it would take, while it is written. */
  @PostMapping("/{id}/preview")
  MealView preview(@PathVariable UUID id, @Valid @RequestBody MealSheet sheet) {
    return meals.preview(id, sheet);
  }

  /** Writes; {@code If-Match} names the version that was seen, 0 for a new meal. */
  @PutMapping("/{id}")
  MealView put(
      @PathVariable UUID id,
      @Valid @RequestBody MealSheet sheet,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return meals.put(id, sheet, version, actor);
  }

  /** Off the shelf what was used, and on it what opened packs left. */
  @PostMapping("/{id}/cooked/{writeId}")
  MealService.Leftovers cooked(@PathVariable UUID id, @PathVariable UUID writeId, Actor actor) {
    return meals.cooked(id, writeId, actor);
  }

  @PutMapping("/{id}/retired")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void retire(@PathVariable UUID id, @RequestParam boolean retired, Actor actor) {
    meals.retire(id, retired, actor);
  }

  @GetMapping(path = "/{id}/print.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pdf(@PathVariable UUID id) {
    return meals.pdf(id);
  }

  @GetMapping(path = "/{id}/shopping.csv", produces = "text/csv")
  ResponseEntity<String> shopping(@PathVariable UUID id) {
    return table("shopping.csv", meals.shopping(id));
  }

  @GetMapping(path = "/{id}/dishes.csv", produces = "text/csv")
  ResponseEntity<String> dishes(@PathVariable UUID id) {
    return table("dishes.csv", meals.dishes(id));
  }

  private static ResponseEntity<String> table(String name, String rows) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .body(rows);
  }
}
