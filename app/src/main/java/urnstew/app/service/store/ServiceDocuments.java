package urnstew.app.service.store;

import urnstew.app.platform.store.DocumentForm;
import urnstew.app.service.ServicePlan;
import urnstew.app.service.ServiceSetup;
import urnstew.core.service.ServiceEvent;

/** Forms of what is stored of services. */
public final class ServiceDocuments {
  /** How it was set up. */
  public static final DocumentForm<ServiceSetup> SETUP =
      DocumentForm.of(
          StoredService.class, ServiceMapping.MAPPING::stored, ServiceMapping.MAPPING::setup);

  /** What was said of it. */
  public static final DocumentForm<ServiceEvent> EVENT =
      DocumentForm.of(
          StoredServiceEvent.class, ServiceMapping.MAPPING::stored, ServiceMapping.MAPPING::event);

  /** How it was planned. */
  public static final DocumentForm<ServicePlan> PLAN =
      DocumentForm.of(
          StoredServicePlan.class, ServiceMapping.MAPPING::stored, ServiceMapping.MAPPING::plan);

  private ServiceDocuments() {}
}
