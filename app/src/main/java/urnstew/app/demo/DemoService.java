package urnstew.app.demo;

import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import urnstew.app.platform.Actor;
import urnstew.app.service.RunningServices;

/** The evening of the made-up kitchen, going on from its first start. */
@Component
class DemoService {
  private static final Logger LOG = LoggerFactory.getLogger(DemoService.class);
  private static final UUID SERVICE = UUID.fromString("0d3f1c52-0003-4000-8000-000000000001");

  private final RunningServices services;
  private final boolean wanted;

  DemoService(RunningServices services, @Value("${urnstew.demo-service}") boolean wanted) {
    this.services = services;
    this.wanted = wanted;
  }

  /** Beside the start: nobody waits for the solver before a page opens. */
  void start(UUID meal, Actor actor) {
    if (wanted) {
      Thread beside = new Thread(() -> started(meal, actor), "demo-service");
      beside.setDaemon(true);
      beside.start();
    }
  }

  private void started(UUID meal, Actor actor) {
    try {
      services.start(SERVICE, meal, actor);
    } catch (RuntimeException fault) {
      LOG.warn("The demo's service could not be started", fault);
    }
  }
}
