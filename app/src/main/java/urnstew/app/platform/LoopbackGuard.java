package urnstew.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps strangers out while there is no sign-in: only this machine unless told otherwise, and no
 * write that another site's page sends.
 */
final class LoopbackGuard extends OncePerRequestFilter {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
  private static final Pattern LOOPBACK_NAME =
      Pattern.compile("localhost|127(?:\\.\\d{1,3}){3}|\\[::1]");

  private final boolean openToNetwork;

  LoopbackGuard(boolean openToNetwork) {
    this.openToNetwork = openToNetwork;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!openToNetwork && !fromHere(request)) {
      refuse(response, "This kitchen answers only to its own machine.");
    } else if (!READING.contains(request.getMethod()) && fromAnotherSite(request)) {
      refuse(response, "Another site's page may not write here.");
    } else {
      chain.doFilter(request, response);
    }
  }

  /** A foreign host name would be another site's page pointed at this machine. */
  private static boolean fromHere(HttpServletRequest request) throws IOException {
    return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
        && LOOPBACK_NAME.matcher(request.getServerName()).matches();
  }

  private static boolean fromAnotherSite(HttpServletRequest request) {
    if ("cross-site".equals(request.getHeader("Sec-Fetch-Site"))) {
      return true;
    }
    String origin = request.getHeader("Origin");
    return origin != null && !sameAuthority(origin, request.getHeader("Host"));
  }

  private static boolean sameAuthority(String origin, @Nullable String host) {
    try {
      return host != null && host.equalsIgnoreCase(URI.create(origin).getRawAuthority());
    } catch (IllegalArgumentException notAnOrigin) {
      return false;
    }
  }

  private static void refuse(HttpServletResponse response, String why) throws IOException {
    response.setStatus(HttpServletResponse.SC_FORBIDDEN);
    response.setContentType("application/problem+json;charset=UTF-8");
    response
        .getWriter()
        .write("{\"title\":\"Forbidden\",\"status\":403,\"detail\":\"" + why + "\",\"errors\":[]}");
  }
}
