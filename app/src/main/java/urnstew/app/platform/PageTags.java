package urnstew.app.platform;

import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.util.DigestUtils;

/**
 * Tags pages that many screens ask for by the versions that they are made from: whoever has that
 * page already is told so, and nothing is written out. A page of another build is another page.
 */
@Component
public class PageTags {
  private final String build;

  PageTags(ObjectProvider<BuildProperties> build) {
    BuildProperties known = build.getIfAvailable();
    this.build = known == null ? "unbuilt" : String.valueOf(known.getTime());
  }

  /** The page, or that it is the same as before. Weak, see {@link FreshAnswers}. */
  public <T> ResponseEntity<T> answer(Tagged<T> page) {
    String made = page.madeFrom().stream().map(String::valueOf).collect(Collectors.joining("\n"));
    byte[] bytes = (build + '\n' + made).getBytes(StandardCharsets.UTF_8);
    return ResponseEntity.ok()
        .eTag("W/\"v-" + DigestUtils.md5DigestAsHex(bytes) + '"')
        .body(page.value());
  }
}
