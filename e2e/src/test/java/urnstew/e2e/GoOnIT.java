package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Stopped today, gone on with another day: as a cook does it, tubs between. */
class GoOnIT extends Installed {
  /** Off the heat, and not done. */
  private static void stop(Page page) {
    Stove.button(page, "Heat off").first().click();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    sheet.getByLabel("Not done: it goes on another day").check();
    assertThat(sheet.getByText("Its tubs know what is still to come")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe where it is stopped");
    Stove.button(page, "Put it in the logbook").click();
    page.waitForURL(Pattern.compile("/logbook"));
  }

  /** Into tubs in a place, by its name; the identity of the lot. */
  private static String putAway(Page page, String sauce, String mass, String place) {
    page.navigate(installation.address() + "/keep/put-away");
    Locator what = page.getByLabel("What", new Page.GetByLabelOptions().setExact(true));
    Locator batch = what.locator("option").filter(starting(sauce + ", off at")).first();
    what.selectOption(batch.getAttribute("value"));
    page.getByLabel("How much").fill(mass);
    page.getByLabel("Why no cooling is recorded").fill("ice bath, watched by Ida");
    Locator into = page.getByLabel("Into");
    String id = into.locator("option").filter(starting(place)).first().getAttribute("value");
    into.selectOption(new SelectOption().setValue(id));
    String written =
        page.waitForResponse(
                answer ->
                    answer.url().endsWith("/api/lots") && answer.request().method().equals("POST"),
                () -> Stove.button(page, "It is put away").click())
            .request()
            .postData();
    page.waitForURL(Pattern.compile("/keep$"));
    return written.replaceFirst("(?s).*\"id\":\"([0-9a-f-]{36})\".*", "$1");
  }

  private static Locator.FilterOptions starting(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  private static Locator region(Page page, String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  /** The plan of what is still to come of a lot. */
  private static void goOn(Page page, String lot) {
    page.navigate(installation.address() + "/keep/lots/" + lot);
    assertThat(region(page, "Still to come")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at tubs that are not done");
    Stove.link(page, "Go on with it").click();
    page.waitForURL(Pattern.compile("/plan"));
    assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Goes on with")))
        .isVisible();
  }

  @Test
  void aRaguHalfFrozenHalfServed() {
    Page page = plan("Snowline ragù", "24");
    litEarlier(page, 70);
    stop(page);
    String frozen = putAway(page, "Snowline ragù", "1.5 kg", "Chest freezer");
    String chilled = putAway(page, "Snowline ragù", "1.5 kg", "Walk-in");
    page.navigate(installation.address() + "/keep/lots/" + frozen);
    assertThat(page.getByText("Thaw it first")).isVisible();
    goOn(page, chilled);
    Locator toBuy = page.getByLabel("To buy");
    assertThat(toBuy.getByText("Whole milk")).isVisible();
    assertThat(toBuy.getByText("Beef mince")).hasCount(0);
    Stove.button(page, "Light the burner$").click();
    page.waitForURL(Pattern.compile("/pots/"));
    Stove.button(page, "Tomatoes in now").first().click();
    assertThat(Stove.button(page, "Whole milk is in")).isVisible();
    Stove.button(page, "Whole milk is in").click();
    assertThat(Stove.button(page, "Whole milk is in")).hasCount(0);
    page.navigate(installation.address() + "/keep/lots/" + chilled);
    assertThat(page.getByText("nothing is left of it")).isVisible();
  }

  /** T-10: in their shells under the lid today; reduced, bound and together again tomorrow. */
  @Test
  void crustaceansOverTwoDays() {
    String sauce = "Crustaceans in wine and flamed spirit";
    Page page = plan(sauce, "12");
    litEarlier(page, 50);
    stop(page);
    String kept = putAway(page, sauce, "1 kg", "Walk-in");
    goOn(page, kept);
    Stove.button(page, "Light the burner$").click();
    page.waitForURL(Pattern.compile("/pots/"));
    Locator steps = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps"));
    assertThat(steps.getByText("Mind: out of the cold")).isVisible();
    assertThat(steps.getByText("Together again")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe on the second day");
  }
}
