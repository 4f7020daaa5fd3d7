package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.regex.Pattern;

/** What a cook's hands do, for the browser tests. */
final class Stove {
  private static final ZoneId KITCHEN = ZoneId.of("Europe/Zurich");
  private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");

  private Stove() {}

  static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }

  /** What a live region says, of however many: a way back may stand beside it. */
  static Locator said(Page page, String pattern) {
    return page.getByRole(AriaRole.STATUS)
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + pattern)));
  }

  static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  static void choose(Page page, String word) {
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(word).setExact(true))
        .check(new Locator.CheckOptions().setForce(true));
  }

  /** The same for what says more than its name, wherever on the page it is. */
  static void chooseLike(Page page, String pattern) {
    Locator radio =
        page.getByRole(
            AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile(pattern)));
    radio.dispatchEvent("click");
    assertThat(radio).isChecked();
  }

  /** Opens the sheet for a kind of reading. */
  static void read(Page page, String kind) {
    button(page, "Read").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    choose(page, kind);
  }

  /**
   * Until the sheet is gone, what lies below it is hidden from roles and looks as if it were not.
   */
  static void save(Page page) {
    button(page, "Save").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
  }

  static String minutesAgo(int minutes) {
    return LocalTime.now(KITCHEN).minusMinutes(minutes).format(HOUR);
  }

  static String inHours(int hours) {
    return inMinutes(60 * hours);
  }

  static String inMinutes(int minutes) {
    return LocalTime.now(KITCHEN).plusMinutes(minutes).format(HOUR);
  }

  /** Minutes from one hour on the clock to the next such hour. */
  static int minutesBetween(String from, String to) {
    int minutes = LocalTime.parse(to).toSecondOfDay() - LocalTime.parse(from).toSecondOfDay();
    return Math.floorMod(minutes / 60, 24 * 60);
  }
}
