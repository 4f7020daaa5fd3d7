package urnstew.app.change;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
class ChangeController {
  private final ChangeStreams streams;

  ChangeController(ChangeStreams streams) {
    this.streams = streams;
  }

  /** An endless stream of hints: whoever shows such a thing loads it again. */
  @GetMapping(path = "/api/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
              schema = @Schema(implementation = Change.class)))
  SseEmitter changes() {
    return streams.open();
  }
}
