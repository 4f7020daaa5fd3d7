package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every page at every size is measured, not looked at: room, letters, targets, focus, access. */
class EveryPageIT extends Installed {
  private static final String DEMO = "/0d3f1c52-0000-4000-8000-0000000000";
  private static final List<String> PAGES =
      List.of(
          "/today",
          "/formulas",
          "/formulas/new",
          "/meals",
          "/pantry",
          "/plan",
          "/pots" + DEMO + "41",
          "/pots" + DEMO + "41/hand-over",
          "/balance",
          "/logbook",
          "/logbook" + DEMO + "31",
          "/logbook/compare",
          "/keep",
          "/keep/cool",
          "/keep/put-away",
          "/keep/lots" + DEMO + "d3",
          "/keep/trace",
          "/kitchen",
          "/kitchen/rules",
          "/nowhere");

  /** From the heading until what it stands for is asked for and drawn. */
  private static final double DRAWN_MILLISECONDS = 700;

  private static List<?> measured(Page page, String by) {
    return (List<?>) page.evaluate(Scripts.of("measured"), by);
  }

  /** Where the focus went by key and nothing showed it. */
  private static List<?> unseenFocus(Page page) {
    List<Object> unseen = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      page.keyboard().press("Tab");
      Object of = page.evaluate(Scripts.of("focused"));
      if (of != null) unseen.add(of);
    }
    return unseen;
  }

  @ParameterizedTest
  @CsvSource({
    "1280, 800, mouse, LIGHT",
    "1280, 800, mouse, DARK",
    "1024, 768, touch, LIGHT",
    "390, 844, touch, DARK"
  })
  void isRoomyLegibleAndReached(int width, int height, String by, ColorScheme scheme) {
    Page page = browsers.page(width, height, "touch".equals(by), scheme);
    List<String> faults = new ArrayList<>();
    for (String path : PAGES) {
      page.navigate(installation.address() + path);
      assertThat(page.locator("h1")).isVisible();
      page.waitForTimeout(DRAWN_MILLISECONDS);
      assertThat(page.getByLabel("Being fetched")).hasCount(0);
      measured(page, by).forEach(fault -> faults.add(path + ": " + fault));
      Browsers.axe(page).forEach(fault -> faults.add(path + ": axe " + fault));
      unseenFocus(page).forEach(of -> faults.add(path + ": no focus seen on " + of));
    }
    assertEquals("", String.join("\n", faults));
  }
}
