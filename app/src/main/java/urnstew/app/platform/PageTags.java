package urnstew.app.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.util.DigestUtils;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.filter.ShallowEtagHeaderFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tags pages that many screens ask for by the versions that they are made from: whoever has that
 * page already is told so, and nothing is written out. A page of another build is another page.
 */
@Component
public class PageTags {
  private static final long MOST_BYTES = 8L << 20;

  private final String build;

  private final JsonMapper json;

  /** Pages as they are sent, by address and tag: what a hundred screens ask for is written once. */
  private final Cache<Sent, ReadyJson> written =
      Caffeine.newBuilder()
          .maximumWeight(MOST_BYTES)
          .weigher((Sent sent, ReadyJson page) -> page.bytes().length)
          .build();

  PageTags(ObjectProvider<BuildProperties> build, JsonMapper json) {
    BuildProperties known = build.getIfAvailable();
    this.build = known == null ? "unbuilt" : String.valueOf(known.getTime());
    this.json = json;
  }

  private record Sent(String address, String tag) {}

  /**
   * The page, or that it is the same as before. Weak, see {@link FreshAnswers}.
   *
   * @return an answer that says what its type says, written out already
   */
  @SuppressWarnings("unchecked")
  public <T> ResponseEntity<T> answer(Tagged<T> page) {
    String made = page.madeFrom().stream().map(String::valueOf).collect(Collectors.joining("\n"));
    byte[] bytes = (build + '\n' + made).getBytes(StandardCharsets.UTF_8);
    String tag = "W/\"v-" + DigestUtils.md5DigestAsHex(bytes) + '"';
    HttpServletRequest request =
        ((ServletRequestAttributes) RequestContextHolder.currentRequestAttributes()).getRequest();
    ShallowEtagHeaderFilter.disableContentCaching(request);
    ReadyJson ready =
        written.get(
            new Sent(request.getRequestURI(), tag),
            missing -> new ReadyJson(json.writeValueAsBytes(page.value())));
    return (ResponseEntity<T>) ResponseEntity.ok().eTag(tag).body(ready);
  }
}
