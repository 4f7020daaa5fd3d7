package urnstew.app.occupancy;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.platform.ConflictException;
import urnstew.core.kitchen.Occupancy;
import urnstew.units.InvalidInput;

/** Who asks for a pot, a burner or an oven gets it, or is told what stands there. */
@Service
public class OccupancyService {
  private final OccupancyMapper mapper;

  OccupancyService(OccupancyMapper mapper) {
    this.mapper = mapper;
  }

  /** All that stands somewhere, the longest first. */
  @Transactional(readOnly = true)
  public List<Place> all() {
    return mapper.all();
  }

  /**
   * Takes a place, and leaves the one that its holder had. Pot, burner and oven are locked in this
   * order, after what holds them.
   *
   * @param shares whether somebody said that it stands beside others on its burner
   * @param fields by which the caller knows {@code vessel}, {@code heatSource}, {@code oven}
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void take(Place place, boolean shares, Map<String, String> fields) {
    mapper.lockVessel(place.vesselId());
    mapper.lockHeatSource(place.heatSourceId());
    mapper.lockOven(place.ovenId());
    try {
      now().with(place.stand(), shares);
    } catch (InvalidInput fault) {
      throw fault.named(fields.getOrDefault(fault.parameter(), fault.parameter()));
    }
    mapper.put(place);
  }

  /** Refuses a pot that holds something. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void requireEmpty(UUID vesselId) {
    mapper.lockVessel(vesselId);
    now()
        .in(vesselId)
        .ifPresent(
            there -> {
              throw new ConflictException(
                  "'" + there.name() + "' is in that pot.", "End that first.");
            });
  }

  /** Frees the place of a holder. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void leave(UUID holderId) {
    mapper.remove(holderId);
  }

  private Occupancy now() {
    return new Occupancy(mapper.all().stream().map(Place::stand).toList());
  }
}
