package urnstew.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/** A request says what it is, and is no larger than its page has use for, announced or not. */
final class RequestLimits extends OncePerRequestFilter {
  private static final long MEGABYTE = 1 << 20;

  /** By the beginning of the path; of a photo, four thirds are Base64. */
  private static final Map<String, Long> MOST =
      Map.of(
          "/api/backup", 1024 * MEGABYTE,
          "/api/stage-notes", 20 * MEGABYTE,
          "/api/pantry/table", 5 * MEGABYTE);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long most = MOST.getOrDefault(request.getRequestURI(), MEGABYTE);
    if (!isOfAKind(request.getContentType())) {
      refuse(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "unknown-kind",
          "It is not said what this is.",
          "Send it as application/json.");
    } else if (request.getContentLengthLong() > most) {
      refuse(
          response,
          HttpStatus.CONTENT_TOO_LARGE,
          "too-large",
          "That is more than " + most / MEGABYTE + " MB.",
          "Send less at once.");
    } else {
      chain.doFilter(new Counted(request, most), response);
    }
  }

  private static boolean isOfAKind(@Nullable String type) {
    try {
      return type == null || MediaType.parseMediaType(type).isConcrete();
    } catch (InvalidMediaTypeException strange) {
      return false;
    }
  }

  private static void refuse(
      HttpServletResponse response, HttpStatus status, String code, String why, String remedy)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType("application/problem+json;charset=UTF-8");
    response
        .getWriter()
        .write(
            """
            {"title":"%s","status":%d,"detail":"%s","errors":[\
            {"pointer":"","code":"%s","message":"%s","limit":"","remedy":"%s"}]}"""
                .formatted(status.getReasonPhrase(), status.value(), why, code, why, remedy));
  }

  /** Too much came without being announced. */
  static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1;

    TooLarge() {
      super("The request is larger than its page takes.");
    }
  }

  private static final class Counted extends HttpServletRequestWrapper {
    private final long most;

    Counted(HttpServletRequest request, long most) {
      super(request);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new CountedStream(super.getInputStream(), most);
    }
  }

  private static final class CountedStream extends ServletInputStream {
    private final ServletInputStream in;
    private final AtomicLong left;

    CountedStream(ServletInputStream in, long most) {
      this.in = in;
      this.left = new AtomicLong(most);
    }

    @Override
    public int read() throws IOException {
      int one = in.read();
      count(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int most) throws IOException {
      int read = in.read(into, from, most);
      count(Math.max(0, read));
      return read;
    }

    private void count(int read) throws TooLarge {
      if (left.addAndGet(-read) < 0) {
        throw new TooLarge();
      }
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
