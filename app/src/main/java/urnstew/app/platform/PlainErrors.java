package urnstew.app.platform;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the container itself refuses, and whoever asks for this page: told as all faults are. */
@RestController
class PlainErrors implements ErrorController {
  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus resolved = code instanceof Integer known ? HttpStatus.resolve(known) : null;
    HttpStatus status = resolved == null ? HttpStatus.NOT_FOUND : resolved;
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, status.getReasonPhrase() + ".");
    problem.setProperty("errors", List.of());
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }
}
