package urnstew.app.batch;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.batch.BatchView.ForecastView;
import urnstew.app.plan.PlanView;
import urnstew.core.batch.BatchSnapshot;

/** What a batch row keeps as JSON. */
@Component
class BatchJson {
  private final JsonMapper json;

  BatchJson(JsonMapper json) {
    this.json = json;
  }

  /** The plan when the burner was lit: amounts and hours, and the forecast before any reading. */
  record Planned(PlanView plan, ForecastView forecast) {}

  String write(Object value) {
    return json.writeValueAsString(value);
  }

  BatchSnapshot snapshot(BatchRow row) {
    return json.readValue(row.snapshot(), BatchSnapshot.class);
  }

  Planned planned(BatchRow row) {
    return json.readValue(row.planned(), Planned.class);
  }

  ForecastView forecast(BatchRow row) {
    return json.readValue(row.forecast(), ForecastView.class);
  }
}
