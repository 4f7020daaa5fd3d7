package urnstew.app.occupancy;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping(path = "/api/occupancy", produces = MediaType.APPLICATION_JSON_VALUE)
class OccupancyController {
  private final Places places;

  OccupancyController(Places places) {
    this.places = places;
  }

  @GetMapping
  List<PlaceView> occupancy() {
    return places.all();
  }
}
