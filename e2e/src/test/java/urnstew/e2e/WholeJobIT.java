package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From the first plan to the end of the hold: by keyboard alone, and by a thumb on a phone. */
class WholeJobIT extends Installed {
  private static final Pattern A_POT = Pattern.compile("/pots/.+");

  private static void isAt(Page page, Pattern path) {
    page.waitForURL(path);
    assertThat(page.locator("h1")).isVisible();
  }

  private static void isAtThePot(Page page) {
    isAt(page, A_POT);
    assertThat(Stove.button(page, "Heat off")).isVisible();
  }

  private static Locator sheet(Page page) {
    return page.getByRole(AriaRole.DIALOG);
  }

  private static Locator held(Page page) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Plain marinara").setExact(true));
  }

  /** A pot and a burner of its own, as a new kitchen tells them. */
  private static void equip(Page page, Keyboard keys) {
    keys.act("Change: Which pots are there");
    keys.act("Add another pot");
    assertThat(sheet(page)).isVisible();
    keys.type("What the cooks call it", "Kettle of the keys");
    keys.type("Wide inside, at the bottom", "36 cm");
    keys.type("Deep inside", "20 cm");
    keys.type("Weighs empty", "4 kg");
    keys.press("Enter");
    assertThat(sheet(page)).hasCount(0);
    keys.act("Those are all");
    keys.act("Add another burner");
    assertThat(sheet(page)).isVisible();
    keys.type("What the cooks call it", "Ring of the keys");
    keys.type("Power on the label", "3.5 kW");
    keys.press("Enter");
    assertThat(sheet(page)).hasCount(0);
    keys.act("Those are all");
    keys.act("Plan the first batch");
    isAt(page, Pattern.compile("/plan$"));
  }

  @Test
  void isDoneByKeyboardAlone() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/begin");
    assertThat(page.locator("h1")).isVisible();
    Keyboard keys = new Keyboard(page);
    equip(page, keys);
    keys.type("For whom", "24");
    keys.type("On the table at", Stove.inHours(5));
    keys.choose("Kettle of the keys");
    keys.choose("Ring of the keys");
    assertThat(page.getByText("Canned whole tomatoes").first()).isVisible();
    keys.act("Light the burner$");
    isAtThePot(page);
    keys.act("Tomatoes in now");
    assertThat(Stove.button(page, "Tomatoes in now")).hasCount(0);
    keys.press("w");
    assertThat(sheet(page)).isVisible();
    keys.type("The scale shows", "8.6 kg");
    keys.press("Enter");
    assertThat(sheet(page)).hasCount(0);
    assertThat(page.getByLabel("Readings").getByText("4.60 kg in the pot")).isVisible();
    keys.press("b");
    isAt(page, Pattern.compile("/balance"));
    page.goBack();
    isAtThePot(page);
    keys.act("Heat off");
    keys.type("Sauce that came out", "3.5 kg");
    keys.press("Enter");
    isAt(page, Pattern.compile("/logbook"));
    assertThat(sheet(page)).hasCount(0);
    keys.press("5");
    isAt(page, Pattern.compile("/keep$"));
    keys.act("Hold something hot");
    keys.to("What$");
    page.keyboard().type("Plain mari");
    keys.type("How much", "3.4 kg");
    keys.type("Held at", "75");
    keys.press("Enter");
    assertThat(sheet(page)).hasCount(0);
    assertThat(held(page)).isVisible();
    keys.into("Plain marinara");
    keys.act("End this record");
    assertThat(sheet(page)).isVisible();
    // The note has several lines: Enter is one of them.
    ended(page, () -> keys.act("Save"));
    assertThat(sheet(page)).hasCount(0);
    assertThat(held(page)).hasCount(0);
  }

  /** Behind a sheet nothing is seen: it is over when the kitchen says so. */
  private static void ended(Page page, Runnable act) {
    page.waitForResponse(answer -> answer.url().endsWith("/closings") && answer.ok(), act);
  }

  private static void tap(Page page, String button) {
    Stove.button(page, button).first().tap();
  }

  @Test
  void isDoneByAThumbOnAPhone() {
    Page page = browsers.page(390, 844, true, ColorScheme.LIGHT);
    openPlan(page);
    page.getByLabel("For whom").fill("24");
    page.getByLabel("On the table at").fill(Stove.inHours(5));
    tap(page, "Light the burner$");
    isAtThePot(page);
    tap(page, "Tomatoes in now");
    assertThat(Stove.button(page, "Tomatoes in now")).hasCount(0);
    tap(page, "Read$");
    assertThat(sheet(page)).isVisible();
    Stove.choose(page, "weigh");
    page.getByLabel("The scale shows").fill("8.6 kg");
    tap(page, "Save");
    assertThat(sheet(page)).hasCount(0);
    assertThat(page.getByLabel("Readings").getByText("4.50 kg in the pot")).isVisible();
    tap(page, "Take it back");
    assertThat(page.getByText("struck out")).isVisible();
    tap(page, "Put back");
    assertThat(page.getByText("struck out")).hasCount(0);
    tap(page, "Heat off");
    page.getByLabel("Sauce that came out").fill("3.5 kg");
    tap(page, "Put it in the logbook");
    isAt(page, Pattern.compile("/logbook"));
    page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Keep"))
        .tap();
    isAt(page, Pattern.compile("/keep$"));
    tap(page, "Hold something hot");
    page.getByLabel("What", new Page.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setLabel("Plain marinara"));
    page.getByLabel("How much").fill("3.4 kg");
    page.getByLabel("Held at").fill("75");
    tap(page, "It is on hold");
    assertThat(sheet(page)).hasCount(0);
    assertThat(held(page)).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe where it is held");
    held(page)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("End this record"))
        .tap();
    ended(
        page,
        () ->
            sheet(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save"))
                .tap());
    assertThat(sheet(page)).hasCount(0);
    assertThat(held(page)).hasCount(0);
  }
}
