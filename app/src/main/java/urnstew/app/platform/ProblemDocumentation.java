package urnstew.app.platform;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;

/** Adds the problem answer to every operation, so that typed clients know it. */
@Component
class ProblemDocumentation implements OpenApiCustomizer {
  @Override
  public void customise(OpenAPI document) {
    ModelConverters.getInstance(true)
        .readAll(Problem.class)
        .forEach((name, schema) -> document.getComponents().addSchemas(name, schema));
    Schema<?> reference = new Schema<>().$ref("#/components/schemas/Problem");
    ApiResponse problem =
        new ApiResponse()
            .description("What is wrong, where, and the way out")
            .content(
                new Content()
                    .addMediaType("application/problem+json", new MediaType().schema(reference)));
    document
        .getPaths()
        .values()
        .forEach(
            path ->
                path.readOperations()
                    .forEach(
                        operation -> operation.getResponses().addApiResponse("default", problem)));
  }
}
