package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** An installation of its own, and browsers, for all tests of a class. */
abstract class Installed {
  static Installation installation;
  static Browsers browsers;

  @BeforeAll
  static void install() throws Exception {
    installation = new Installation();
    browsers = new Browsers();
  }

  @AfterAll
  static void remove() throws Exception {
    browsers.close();
    installation.close();
  }

  /** A plan for a late hour, on the screen. */
  static Page plan(String sauce, String covers) {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/plan");
    assertThat(page.getByText("Canned whole tomatoes").first()).isVisible();
    page.getByLabel("Which sauce").selectOption(new SelectOption().setLabel(sauce));
    page.getByLabel("For whom").fill(covers);
    page.getByLabel("On the table at").fill(Stove.inHours(6));
    assertThat(page.locator("h1")).hasText(sauce);
    return page;
  }

  /** Its burner was lit some minutes ago. */
  static void litEarlier(Page page, int minutes) {
    Stove.button(page, "Lit earlier").click();
    page.getByLabel("The burner was lit at").fill(Stove.minutesAgo(minutes));
    Stove.button(page, "Start as lit").click();
    page.waitForURL(Pattern.compile("/pots/.+"));
  }
}
