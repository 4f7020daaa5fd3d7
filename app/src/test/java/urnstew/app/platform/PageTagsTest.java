package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.http.ResponseEntity;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.databind.json.JsonMapper;

/** What many screens ask for is written out once, and one page is never taken for another. */
class PageTagsTest {
  private final JsonMapper json = spy(JsonMapper.builder().build());

  @SuppressWarnings("unchecked")
  private final PageTags tags = new PageTags(mock(ObjectProvider.class), json);

  private ResponseEntity<?> asked(String address, List<?> madeFrom, Object page) {
    RequestContextHolder.setRequestAttributes(
        new ServletRequestAttributes(new MockHttpServletRequest("GET", address)));
    return tags.answer(new Tagged<>(madeFrom, page));
  }

  private static String said(ResponseEntity<?> answer) {
    Object body = Objects.requireNonNull(answer.getBody());
    return new String(((ReadyJson) body).bytes(), StandardCharsets.UTF_8);
  }

  @AfterEach
  void over() {
    RequestContextHolder.resetRequestAttributes();
  }

  @Test
  void theSamePageIsWrittenOnceForAllWhoAsk() {
    ResponseEntity<?> first = asked("/api/pots", List.of(1, "a"), List.of("marinara"));
    ResponseEntity<?> second = asked("/api/pots", List.of(1, "a"), List.of("marinara"));
    assertEquals("[\"marinara\"]", said(first));
    assertSame(first.getBody(), second.getBody());
    assertEquals(first.getHeaders().getETag(), second.getHeaders().getETag());
    verify(json, times(1)).writeValueAsBytes(any());
  }

  @Test
  void whatIsMadeFromSomethingElseIsAnotherPage() {
    ResponseEntity<?> before = asked("/api/pots", List.of(1), List.of("marinara"));
    ResponseEntity<?> after = asked("/api/pots", List.of(2), List.of("ragù"));
    assertEquals("[\"ragù\"]", said(after));
    assertNotEquals(before.getHeaders().getETag(), after.getHeaders().getETag());
  }

  /** Two empty lists are made from the same nothing. */
  @Test
  void anotherAddressIsAnotherPage() {
    assertEquals("[]", said(asked("/api/pots", List.of(), List.of())));
    assertEquals("{}", said(asked("/api/pots/1", List.of(), java.util.Map.of())));
  }

  @Test
  void anotherBuildIsAnotherPage() {
    @SuppressWarnings("unchecked")
    ObjectProvider<BuildProperties> build = mock(ObjectProvider.class);
    java.util.Properties made = new java.util.Properties();
    made.setProperty("time", "2026-11-29T12:00:00Z");
    org.mockito.Mockito.when(build.getIfAvailable()).thenReturn(new BuildProperties(made));
    ResponseEntity<?> here = asked("/api/pots", List.of(1), List.of());
    ResponseEntity<?> there = new PageTags(build, json).answer(new Tagged<>(List.of(1), List.of()));
    assertNotEquals(here.getHeaders().getETag(), there.getHeaders().getETag());
  }
}
