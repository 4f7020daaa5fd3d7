package urnstew.app.serving;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping(path = "/api/serving", produces = MediaType.APPLICATION_JSON_VALUE)
class ServingController {

  /** What goes with a sauce: shapes, pieces, trays, sheets, neighbours, machines. */
  @GetMapping("/tables")
  ServingTables tables() {
    return ServingTables.shipped();
  }

  @PostMapping("/parts/balls")
  Parts.BallsAnswer balls(@Valid @RequestBody Parts.BallsAsk ask) {
    return Parts.balls(ask);
  }

  @PostMapping("/parts/stuffed")
  Parts.StuffedAnswer stuffed(@Valid @RequestBody Parts.StuffedAsk ask) {
    return Parts.stuffed(ask);
  }

  @PostMapping("/parts/dough")
  Parts.DoughAnswer dough(@Valid @RequestBody Parts.DoughAsk ask) {
    return Parts.dough(ask);
  }

  @PostMapping("/parts/white-sauce")
  Parts.WhiteSauceAnswer whiteSauce(@Valid @RequestBody Parts.WhiteSauceAsk ask) {
    return Parts.whiteSauce(ask);
  }

  @PostMapping("/parts/polenta")
  Parts.PolentaAnswer polenta(@Valid @RequestBody Parts.PolentaAsk ask) {
    return Parts.polenta(ask);
  }
}
