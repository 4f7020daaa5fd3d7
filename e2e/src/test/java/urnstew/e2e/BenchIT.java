package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From who eats to who does what when, as a cook types it. */
class BenchIT extends Installed {
  /** The solver may need some seconds, and is loaded with the first service. */
  private static final IsVisibleOptions SOLVED = new IsVisibleOptions().setTimeout(30_000);

  private static final Page.WaitForURLOptions SLOWLY =
      new Page.WaitForURLOptions().setTimeout(30_000);
  private static final ContainsTextOptions SOON = new ContainsTextOptions().setTimeout(20_000);
  private static final int AHEAD_HOURS = 6;

  @Test
  void sauceAndPastaToOneMinuteByOneCook() {
    Page page = browsers.page(1280, 800);
    written(page);
    Stove.button(page, "The bench").click();
    page.waitForURL(Pattern.compile("/meals/[0-9a-f-]+/bench"));
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("when the plates go out");
    link(page, "To the meal").click();
    String hour = served(page, "Ada");
    Stove.button(page, "The bench").click();

    assertThat(page.getByText(Pattern.compile("^Fits, "))).isVisible(SOLVED);
    assertThat(page.getByText("8 plates at " + hour + " · 1 cook")).isVisible();
    assertThat(page.locator("svg[role=img][aria-label^='Bench from']")).isVisible();
    assertThat(page.getByText("Every hour holds.")).isVisible(SOLVED);
    assertEquals(List.of(), Browsers.axe(page), "axe of the bench");

    page.getByLabel("Ada’s run sheet").check();
    Locator rows =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Run sheet of Ada"))
            .getByRole(AriaRole.LISTITEM);
    for (String what : List.of("water to the boil", "pasta in", "into the pan", "put up")) {
      assertThat(rows.filter(new Locator.FilterOptions().setHasText(what)).first()).isVisible();
    }
    assertThat(rows.last()).containsText("8 plates");
    assertEquals(List.of(), Browsers.axe(page), "axe of the run sheet");
  }

  /** Eight plates of sauce and pasta. */
  private static void written(Page page) {
    page.navigate(installation.address() + "/meals");
    Stove.button(page, "Write a meal").click();
    page.getByLabel("Add a dish").selectOption(new SelectOption().setLabel("Plain marinara"));
    page.getByLabel("Covers").fill("8");
    link(page, "At the stove, to the plate").click();
    page.getByLabel("Goes with").selectOption(new SelectOption().setLabel("Spaghetti"));
    link(page, "The meal").click();
  }

  /** In some hours: whatever stands on the stove is gone by then. */
  private static String served(Page page, String cooks) {
    String text = Stove.inHours(AHEAD_HOURS);
    page.getByLabel("Plates go out at").fill(text);
    page.getByLabel("Cooks").fill(cooks);
    return text;
  }

  private static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  /**
   * An evening that does not go as it was planned, on a desk and a phone: a work begun early, a
   * cook who leaves, a ring that fails, the network away, and a tick that was wrong.
   */
  @Test
  void aServiceThatGoesWrongIsPlannedAnew() {
    Page desk = browsers.page(1280, 800);
    written(desk);
    served(desk, "Ada, Bo");
    Stove.button(desk, "The bench").click();
    assertThat(desk.getByText(Pattern.compile("^Fits, "))).isVisible(SOLVED);
    Stove.button(desk, "Start the service").click();
    desk.waitForURL(Pattern.compile("/services/[0-9a-f-]+"), SLOWLY);
    assertThat(desk.getByText(Pattern.compile("going on since"))).isVisible();
    assertEquals(List.of(), Browsers.axe(desk), "axe of the service");

    Page phone = browsers.page(390, 844);
    phone.navigate(desk.url());
    phone.getByLabel("Ada’s run sheet").check();
    phone.context().setOffline(true);
    Locator first = sheet(phone).getByRole(AriaRole.LISTITEM).first();
    String work = first.locator("p").nth(1).innerText();
    first.getByRole(AriaRole.BUTTON).first().click();
    assertThat(phone.getByText("1 entry waits on this device")).isVisible();
    phone.context().setOffline(false);
    Locator said = desk.getByRole(AriaRole.LIST, named("What was said"));
    assertThat(said.getByRole(AriaRole.LISTITEM).first()).containsText(work.split(",")[0], SOON);
    assertEquals(List.of(), Browsers.axe(phone), "axe of the run sheet");

    item(desk, "Bo").getByRole(AriaRole.BUTTON).click();
    assertThat(item(desk, "Bo")).containsText("not here");
    phone.getByLabel("Bo’s run sheet").check();
    assertThat(phone.getByText("Nothing is left for Bo.")).isVisible(SOLVED);

    Locator ring = item(desk, "Back ring");
    ring.getByRole(AriaRole.BUTTON).click();
    assertThat(ring).containsText("does not work");
    Stove.button(desk, "Take back: does not work").click();
    assertThat(ring).not().containsText("does not work");

    phone.getByLabel("the pass").check();
    assertThat(phone.getByText("wheat")).isVisible();
    Stove.button(phone, "Done: .* out: about 8 plates").click();
    assertThat(phone.getByText("done").first()).isVisible(SOLVED);
    Stove.button(desk, "All of it is out").click();
    Locator done = desk.getByRole(AriaRole.LIST, named("Planned and done"));
    assertThat(done).containsText("simmer");
    assertEquals(List.of(), Browsers.axe(desk), "axe of what was planned and done");
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator sheet(Page page) {
    return page.getByRole(
        AriaRole.LIST, new Page.GetByRoleOptions().setName(Pattern.compile("^Run sheet")));
  }

  private static Locator item(Page page, String name) {
    return page.getByRole(
        AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
