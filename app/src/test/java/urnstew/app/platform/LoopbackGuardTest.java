package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class LoopbackGuardTest {
  @ParameterizedTest
  @CsvSource({
    "false, GET, 127.0.0.1, localhost, , 200",
    "false, GET, 127.0.0.1, 127.0.0.2, , 200",
    "false, GET, 10.1.2.3, localhost, , 403",
    "false, GET, 127.0.0.1, rebound.example, , 403",
    "false, POST, 127.0.0.1, localhost, http://localhost, 200",
    "false, POST, 127.0.0.1, localhost, http://elsewhere.example, 403",
    "false, POST, 127.0.0.1, localhost, null, 403",
    "true, POST, 10.1.2.3, kitchen.example, http://kitchen.example, 200",
    "true, POST, 10.1.2.3, kitchen.example, http://elsewhere.example, 403"
  })
  void letsInWhoMayComeIn(
      boolean open, String method, String from, String host, String origin, int status)
      throws ServletException, IOException {
    MockHttpServletRequest request = new MockHttpServletRequest(method, "/api/batches");
    request.setRemoteAddr(from);
    request.setServerName(host);
    request.addHeader("Host", host);
    if (origin != null) {
      request.addHeader("Origin", origin);
    }
    MockHttpServletResponse response = new MockHttpServletResponse();
    new LoopbackGuard(open).doFilter(request, response, new MockFilterChain());
    assertEquals(status, response.getStatus());
  }
}
