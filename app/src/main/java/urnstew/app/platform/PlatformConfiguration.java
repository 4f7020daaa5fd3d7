package urnstew.app.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.UUIDSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.servers.Server;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Beans that every capability shares. */
@Configuration
@EnableResilientMethods
@EnableScheduling
class PlatformConfiguration {
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  /** Operations that write may be told from which device. */
  @Bean
  OperationCustomizer device() {
    SpringDocUtils.getConfig().addRequestWrapperToIgnore(Actor.class);
    Parameter header =
        new HeaderParameter()
            .name(Actor.DEVICE)
            .description("Identity that the device made for itself")
            .required(false)
            .schema(new UUIDSchema());
    return (operation, method) -> {
      boolean writes =
          Arrays.stream(method.getMethodParameters())
              .anyMatch(each -> each.getParameterType().equals(Actor.class));
      return writes ? operation.addParametersItem(header) : operation;
    };
  }

  @Bean
  OpenAPI openApi() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Urn Stew")
                .version("1")
                .description("SI units and fractions; names carry their unit."))
        .servers(List.of(new Server().url("/")));
  }
}
