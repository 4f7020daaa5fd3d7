package urnstew.e2e;

import static org.junit.jupiter.api.Assertions.fail;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** A cook without a mouse: everything is reached by Tab, arrows, Enter and the keys of the page. */
final class Keyboard {
  /** More presses than any page has controls. */
  private static final int MOST_PRESSES = 250;

  private final Page page;

  Keyboard(Page page) {
    this.page = page;
  }

  private record Focus(String name, List<String> choices) {}

  @SuppressWarnings("unchecked")
  private Focus focus() {
    Map<String, Object> found = (Map<String, Object>) page.evaluate(Scripts.of("named"));
    return new Focus((String) found.get("name"), (List<String>) found.get("choices"));
  }

  private void until(String key, Predicate<Focus> there, String wanted) {
    for (int i = 0; i < MOST_PRESSES; i++) {
      if (there.test(focus())) return;
      press(key);
    }
    fail("No key leads to " + wanted + " on " + page.url());
  }

  private static Predicate<String> begins(String pattern) {
    return name -> Pattern.compile("^" + pattern).matcher(name).find();
  }

  void press(String key) {
    page.keyboard().press(key);
  }

  void to(String pattern) {
    until("Tab", at -> begins(pattern).test(at.name()), pattern);
  }

  /** To the first thing that can be pressed in a card of that name. */
  void into(String card) {
    String label = "document.activeElement.closest('article')?.getAttribute('aria-label')";
    until("Tab", at -> card.equals(page.evaluate(label)), card);
  }

  void act(String pattern) {
    to(pattern);
    press("Enter");
  }

  /** Over whatever stands in the field. */
  void type(String field, String text) {
    to(field);
    press("ControlOrMeta+A");
    page.keyboard().type(text);
  }

  /** One of a few: Tab to the group, arrows within it. */
  void choose(String pattern) {
    until("Tab", at -> at.choices().stream().anyMatch(begins(pattern)), pattern);
    until("ArrowDown", at -> begins(pattern).test(at.name()), pattern);
    press("Space");
  }
}
