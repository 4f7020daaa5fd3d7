package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;

/** On the one installation of all classes, in browsers whose pages close after each test. */
@ExtendWith(OneKitchen.class)
abstract class Installed {
  static Installation installation;
  static Browsers browsers;
  private static int places;

  /** From an answer until it stands on the screen. */
  private static final double DRAWN_MILLISECONDS = 300;

  @BeforeAll
  static void on(Installation shared, Browsers all) {
    installation = shared;
    browsers = all;
  }

  /** A page left open would go on listening and asking. */
  @AfterEach
  void closePages() {
    browsers.closePages();
  }

  /** The plan, in a rondeau and on a burner of its own: a pot holds one thing. */
  static void openPlan(Page page) {
    int number = ++places;
    page.navigate(installation.address() + "/plan");
    post(
        page,
        "/api/vessels",
        """
        {"id":"%s","name":"Pot %d","shape":"ROUND","firstWidthMeters":0.36,"firstWidthText":"36 cm","secondWidthMeters":0.36,"secondWidthText":"36 cm","depthMeters":0.2,"depthText":"20 cm","emptyMassKilograms":4.1,"emptyMassText":"4.1 kg","metal":"STAINLESS_STEEL","lid":true,"ovenLimitCelsius":250}"""
            .formatted(UUID.randomUUID(), number));
    post(
        page,
        "/api/heat-sources",
        """
        {"id":"%s","name":"Ring %d","kind":"INDUCTION","labelPowerWatts":3500,"labelPowerText":"3500 W"}"""
            .formatted(UUID.randomUUID(), number));
    page.reload();
    Stove.chooseLike(page, "^Pot " + number + ",");
    Stove.chooseLike(page, "^Ring " + number + "$");
    assertThat(page.getByText("Canned whole tomatoes").first()).isVisible();
  }

  /** From within the page, whatever name the installation goes by. */
  private static void post(Page page, String path, String body) {
    write(page, "POST", path, body);
  }

  /** Writes something new from within the page. */
  static void write(Page page, String method, String path, String body) {
    Object status =
        page.evaluate(
            "([method, path, body]) => fetch(path, { method, body, headers:"
                + " { 'content-type': 'application/json', 'if-match': '0' } })"
                + ".then((r) => r.status)",
            List.of(method, path, body));
    assertTrue(List.of(200, 201).contains(status), path + ": " + status);
  }

  /** A plan for a late hour, on the screen. */
  static Page plan(String sauce, String covers) {
    Page page = browsers.page(1280, 800);
    openPlan(page);
    page.getByLabel("Which sauce").selectOption(new SelectOption().setLabel(sauce));
    page.getByLabel("For whom").fill(covers);
    String wanted = Stove.inHours(6);
    // What is read from the page next is of this plan, not of the one before.
    page.waitForResponse(
        answer ->
            answer.url().endsWith("/api/plans/preview")
                && answer.request().postData().contains('"' + wanted)
                && answer.request().postData().contains("\"covers\":" + covers + ","),
        () -> page.getByLabel("On the table at").fill(wanted));
    assertThat(page.locator("h1")).hasText(sauce);
    page.waitForTimeout(DRAWN_MILLISECONDS);
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
