package urnstew.app.batch;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.plan.PlanView;
import urnstew.app.platform.ByKind;
import urnstew.app.platform.Upcast;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Measurement;
import urnstew.core.correction.Target;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.reduction.Heating;

/** What batch and event rows keep as JSON: the core's own records, each kind by its name. */
@Component
class BatchJson {
  private final JsonMapper json;

  BatchJson(JsonMapper json) {
    this.json =
        ByKind.named(
            json,
            BatchEvent.class,
            Measurement.class,
            Target.class,
            VesselShape.class,
            Heating.class);
  }

  /** The plan when the burner was lit: amounts and hours, and the forecast before any reading. */
  record Planned(PlanView plan, ForecastView forecast) {}

  String write(Object value) {
    return json.writeValueAsString(value);
  }

  /** An event, under its kind. */
  String write(BatchEvent event) {
    return json.writerFor(BatchEvent.class).writeValueAsString(event);
  }

  BatchEvent event(String payload) {
    return Upcast.read(json, payload, BatchEvent.class);
  }

  /** The part of a write that stays the same when a device sends it again. */
  Object withoutSending(Writes.Timed write) {
    ObjectNode tree = json.valueToTree(write);
    ((ObjectNode) tree.get("stamp")).remove("sentAt");
    return tree;
  }

  BatchSnapshot snapshot(BatchRow row) {
    return Upcast.read(json, row.snapshot(), BatchSnapshot.class);
  }

  Planned planned(BatchRow row) {
    return Upcast.read(json, row.planned(), Planned.class);
  }

  ForecastView forecast(BatchRow row) {
    return json.readValue(row.forecast(), ForecastView.class);
  }
}
