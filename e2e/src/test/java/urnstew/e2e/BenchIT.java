package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
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

  @Test
  void sauceAndPastaToOneMinuteByOneCook() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/meals");
    Stove.button(page, "Write a meal").click();
    page.getByLabel("Add a dish").selectOption(new SelectOption().setLabel("Plain marinara"));
    page.getByLabel("Covers").fill("8");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("At the stove, to the plate"))
        .click();
    page.getByLabel("Goes with").selectOption(new SelectOption().setLabel("Spaghetti"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The meal")).click();
    Stove.button(page, "The bench").click();
    page.waitForURL(Pattern.compile("/meals/[0-9a-f-]+/bench"));
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("when the plates go out");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the meal")).click();
    page.getByLabel("Plates go out at").fill("18:30");
    page.getByLabel("Cooks").fill("Ada");
    Stove.button(page, "The bench").click();

    assertThat(page.getByText(Pattern.compile("^Fits, "))).isVisible(SOLVED);
    assertThat(page.getByText("8 plates at 18:30 · 1 cook")).isVisible();
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
}
