package urnstew.app.change;

/**
 * A hint that something is other than it was.
 *
 * @param topic the kind of thing; 'everything' after a restore, or where hints were missed
 * @param version higher for each change, in about the order in which they were made
 * @param id which one; empty where the topic is one whole
 */
record Change(String topic, long version, String id) {
  /** Hints may have been missed. */
  static final Change EVERYTHING = new Change("everything", 0, "");

  /** As the database tells it: topic, version and identity. */
  static Change told(String payload) {
    String[] parts = payload.split(" ", 3);
    return new Change(parts[0], Long.parseLong(parts[1]), parts[2]);
  }

  /** Whether this one says all that the other says. */
  boolean covers(Change other) {
    return topic.equals(EVERYTHING.topic) || topic.equals(other.topic) && id.equals(other.id);
  }
}
