package urnstew.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.ShallowEtagHeaderFilter;

/**
 * Pages that are asked for again and again have a tag of what they say: where that is the same, a
 * screen is told so and no more. So that the same stays the same, the hour is said beside it, in a
 * header. The tags are weak, as the server compresses nothing that has a strong one.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class FreshAnswers extends ShallowEtagHeaderFilter {
  /** The kitchen's clock, by which screens set theirs. */
  static final String NOW = "Urnstew-Now";

  private final Clock clock;

  FreshAnswers(Clock clock) {
    this.clock = clock;
    setWriteWeakETag(true);
  }

  /** Streams, files and the document of the interface are not held back to be tagged. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !path.startsWith("/api/")
        || path.equals("/api/changes")
        || path.equals("/api/backup")
        || path.equals("/api/openapi")
        || path.matches(".*(\\.\\w+|/photo)");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(NOW, clock.instant().toString());
    if (request.getMethod().equals("GET")) {
      response.setHeader(HttpHeaders.CACHE_CONTROL, "private, no-cache");
    }
    super.doFilterInternal(request, response, chain);
  }
}
