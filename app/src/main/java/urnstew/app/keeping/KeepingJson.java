package urnstew.app.keeping;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.platform.ByKind;
import urnstew.core.kitchen.VesselShape;

/** What is stored of something kept: records under their kinds. */
@Component
class KeepingJson {
  private final JsonMapper json;

  KeepingJson(JsonMapper json) {
    this.json = ByKind.named(json, KeepingStart.class, KeepingEvent.class, VesselShape.class);
  }

  String write(KeepingStart start) {
    return json.writerFor(KeepingStart.class).writeValueAsString(start);
  }

  String write(KeepingEvent event) {
    return json.writerFor(KeepingEvent.class).writeValueAsString(event);
  }

  KeepingStart start(String stored) {
    return json.readValue(stored, KeepingStart.class);
  }

  KeepingEvent event(String stored) {
    return json.readValue(stored, KeepingEvent.class);
  }

  /** The part of a write that stays the same when a device sends it again. */
  Object withoutSending(KeepingWrites.Timed write) {
    ObjectNode tree = json.valueToTree(write);
    ((ObjectNode) tree.get("stamp")).remove("sentAt");
    return tree;
  }
}
