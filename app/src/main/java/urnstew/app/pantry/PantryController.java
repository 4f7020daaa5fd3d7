package urnstew.app.pantry;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
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
import urnstew.app.pantry.IngredientView.Content;
import urnstew.app.pantry.PantryFiles.TakenRows;
import urnstew.app.platform.Actor;
import urnstew.core.pantry.Avoid;

@RestController
@RequestMapping(path = "/api/pantry", produces = MediaType.APPLICATION_JSON_VALUE)
class PantryController {
  private final PantryService pantry;
  private final StockService stock;
  private final PantryFiles files;

  PantryController(PantryService pantry, StockService stock, PantryFiles files) {
    this.pantry = pantry;
    this.stock = stock;
    this.files = files;
  }

  @GetMapping("/ingredients")
  List<IngredientView> ingredients() {
    return pantry.all();
  }

  /** Adds or changes; {@code If-Match: 0} for what the kitchen has not touched yet. */
  @PutMapping("/ingredients/{id}")
  IngredientView put(
      @PathVariable String id,
      @Valid @RequestBody Content content,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return pantry.put(id, content, version, actor);
  }

  @PutMapping("/ingredients/{id}/retired")
  IngredientView retire(
      @PathVariable String id,
      @RequestParam boolean retired,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return pantry.retire(id, retired, version, actor);
  }

  /** What stands in for an ingredient, and what that changes in 100 g of it. */
  @GetMapping("/ingredients/{id}/substitutes")
  List<SwapView> substitutes(@PathVariable String id) {
    return pantry.substitutes(id);
  }

  @GetMapping(path = "/table", produces = "text/csv")
  ResponseEntity<String> table() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"pantry.csv\"")
        .body(files.out());
  }

  /** A table as text. */
  record TableIn(@NotNull String text) {}

  @PostMapping("/table")
  TakenRows takeIn(@Valid @RequestBody TableIn table, Actor actor) {
    return files.in(table.text(), actor);
  }

  @GetMapping("/avoided")
  AvoidList avoided() {
    return pantry.avoidList();
  }

  @PutMapping("/avoided")
  AvoidList avoid(
      @RequestBody List<@Valid Avoid> wanted, @RequestHeader("If-Match") int version, Actor actor) {
    return pantry.avoid(wanted, version, actor);
  }

  @GetMapping("/stock")
  List<StockItem> stock() {
    return stock.all();
  }

  @PostMapping("/stock")
  @ResponseStatus(HttpStatus.CREATED)
  StockItem store(@Valid @RequestBody StockItem item, Actor actor) {
    return stock.store(item, actor);
  }

  @PutMapping("/stock")
  StockItem change(
      @Valid @RequestBody StockItem item, @RequestHeader("If-Match") int version, Actor actor) {
    return stock.change(item, version, actor);
  }

  @PutMapping("/stock/{id}/gone")
  StockItem take(
      @PathVariable UUID id,
      @RequestParam boolean gone,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return stock.take(id, version, gone, actor);
  }
}
