package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a sauce to the plate, as a cook types it. */
class ServingIT extends Installed {
  private static final Pattern HOUR = Pattern.compile("\\d\\d:\\d\\d");

  /** A new meal of one dish for so many, at its own page. */
  private Page dish(String formula, String covers) {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/meals");
    Stove.button(page, "Write a meal").click();
    page.getByLabel("Add a dish").selectOption(new SelectOption().setLabel(formula));
    page.getByLabel("Covers").fill(covers);
    page.getByLabel("Plates go out at").fill("18:30");
    toTheStove(page);
    return page;
  }

  private static void toTheStove(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("At the stove, to the plate"))
        .click();
    page.waitForURL(Pattern.compile("/meals/[0-9a-f-]+/dishes/1"));
    assertThat(page.getByText("On the plate").first()).isVisible();
  }

  private static Locator goesWith(Page page, String what) {
    return goesWith(page, what, what);
  }

  private static Locator goesWith(Page page, String what, String name) {
    page.getByLabel("Goes with").selectOption(new SelectOption().setLabel(what));
    Locator panel = panel(page, name);
    assertThat(panel.locator("svg").first()).isVisible();
    return panel;
  }

  private static Locator panel(Page page, String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator step(Locator panel, String list, String what) {
    return panel
        .getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName(list))
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(what))
        .first();
  }

  @Test
  void spaghettiForThirtyFourAtItsHeight() {
    Page page = dish("Plain marinara", "34");
    Locator pasta = goesWith(page, "Spaghetti");
    assertThat(pasta.getByText("Where water boils at 92 °C it takes 1.26 times as long"))
        .isVisible();
    for (String what : List.of("Light", "In", "Taste from", "Out")) {
      assertThat(step(pasta, "At the stove", what)).containsText(HOUR);
    }
    Locator salt = step(pasta, "At the stove", "Salt the water");
    String before = salt.innerText();
    pasta.getByLabel("Salt, g a litre").fill("5");
    assertThat(salt).not().hasText(before);
    assertThat(step(pasta, "At the stove", "Into the pan with")).containsText("of its water");
    assertThat(page.getByText("wheat").first()).isVisible();
    pasta.getByLabel("Water, l a kg").fill("80");
    assertThat(pasta.getByRole(AriaRole.ALERT).first()).containsText("15");
    pasta.getByLabel("Water, l a kg").fill("7");
    assertThat(pasta.getByRole(AriaRole.ALERT)).hasCount(0);
    page.getByLabel("Goes with")
        .selectOption(new SelectOption().setLabel("Cheese, bread or other goods"));
    Locator cheese = panel(page, "Hard grating cheese");
    assertThat(cheese.getByText("340 g for 34, eaten with the sauce")).isVisible();
    assertThat(page.getByText("milk").first()).isVisible();
    Locator eaten = panel(page, "The sauce as it is eaten");
    Locator salted = eaten.getByLabel(Pattern.compile("^Salt: .* on the table"));
    String strewn = salted.getAttribute("aria-label");
    cheese.getByLabel("A head").fill("25 g");
    assertThat(salted).not().hasAttribute("aria-label", strewn);
    assertEquals(List.of(), Browsers.axe(page), "axe with pasta");
    page.reload();
    assertThat(page.getByLabel("Water, l a kg")).hasValue("7");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The meal")).click();
    assertThat(page.getByLabel("Shopping list").getByText("Dry pasta").first()).isVisible();
  }

  @Test
  void fourFishSteaksOfWhichOneIsAnotherProtein() {
    Page page = dish("Plain marinara", "4");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The meal")).click();
    page.getByLabel("Some eat without").selectOption(new SelectOption().setLabel("fish"));
    toTheStove(page);
    Locator fish = goesWith(page, "White fish steak");
    assertThat(fish.getByRole(AriaRole.ALERT).first()).containsText("count it for 3");
    fish.getByLabel("How many get it").fill("3");
    assertThat(fish.getByText("count it for 3")).hasCount(0);
    fish.getByLabel("Thick, by ruler").fill("400 mm");
    assertThat(fish.getByRole(AriaRole.ALERT).first()).containsText("10 to 60 mm");
    fish.getByLabel("Thick, by ruler").fill("22 mm");
    Stove.button(page, "An act before").first().click();
    assertThat(fish.getByText("By the code, 63 °C")).isVisible();
    Locator chicken = goesWith(page, "Chicken thigh, boneless");
    chicken.getByLabel("How many get it").fill("1");
    Locator plates = page.getByRole(AriaRole.REGION, region("On the plate"));
    assertThat(plates.getByText("3 get")).isVisible();
    assertThat(plates.getByText("1 get")).isVisible();
    assertThat(page.getByText(Pattern.compile("make it tighter"))).isVisible();
    Stove.button(page, "Make it so").click();
    assertThat(Stove.button(page, "Make it so")).hasCount(0);
    assertEquals(List.of(), Browsers.axe(page), "axe with pieces");
  }

  @Test
  void fiveSeafoodsIntoOnePan() {
    Page page = dish("Saffron sea braise", "4");
    for (String kind :
        List.of(
            "Fish in chunks", "Prawns, shelled", "Mussels", "Squid in rings", "Oysters, shelled")) {
      goesWith(page, kind);
    }
    Locator list = page.getByRole(AriaRole.REGION, region("Into the sauce"));
    assertThat(list.getByRole(AriaRole.LISTITEM)).hasCount(5);
    assertThat(list.getByRole(AriaRole.LISTITEM).first()).containsText("Fish in chunks");
    assertThat(list.getByRole(AriaRole.LISTITEM).last()).containsText("Squid in rings");
    assertThat(list.getByText("the edges curl")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe with a drop list");
  }

  @Test
  void aDozenBallsInOvenAndSauce() {
    Page page = dish("Plain marinara", "4");
    Locator balls = goesWith(page, "Meatballs, golf-ball size");
    assertThat(balls.getByText(Pattern.compile("^12 of "))).isVisible();
    balls.getByLabel("Finished").selectOption("OVEN");
    balls.getByLabel("That is").fill("220 °C");
    balls.getByLabel("Core wanted").fill("71");
    Locator taste = step(balls, "From the first heat on", "By taste");
    assertThat(taste).containsText("in the heat");
    Stove.button(page, "An act before").click();
    balls.getByLabel("First, act 1").selectOption("OVEN");
    balls.getByLabel("Act 1 is").fill("220 °C");
    balls.getByLabel("Act 1 for").fill("8 min");
    balls.getByLabel("Finished").selectOption("POACH");
    balls.getByLabel("That is").fill("88 °C");
    balls.getByLabel("Core wanted").fill("90");
    assertThat(balls.getByText(Pattern.compile("88 °C sauce, 90 wanted"))).isVisible();
    balls.getByLabel("Core wanted").fill("71");
    assertThat(balls.getByText(Pattern.compile("88 °C sauce, 90 wanted"))).hasCount(0);
    Stove.button(page, "A probe shows").click();
    balls.getByLabel("Probe 1, after").fill("9 min");
    balls.getByLabel("Probe 1 shows").fill("20 °C");
    assertThat(balls.getByText(Pattern.compile("By the probe it takes"))).isVisible();
    assertThat(page.getByText("egg", new Page.GetByTextOptions().setExact(true)).first())
        .isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe with balls");
  }

  @Test
  void aDryTrayThatLacksWaterIsMended() {
    Page page = dish("Plain marinara", "12");
    Locator tray = goesWith(page, "In a tray, with sheets", "Dry sheets, not boiled");
    tray.getByLabel("Tray", new Locator.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setLabel("Gastronorm 1/2, 65 deep"));
    tray.getByLabel("Of these, a tray").fill("450 g");
    Stove.button(page, "Take out filling 1").click();
    assertThat(step(tray, "Water of a tray", "Sheets drink")).containsText("450 g");
    assertThat(page.getByText("milk", new Page.GetByTextOptions().setExact(true))).hasCount(0);
    assertThat(step(tray, "Water of a tray", "Water lacks")).isVisible();
    assertThat(tray.getByText(Pattern.compile("Let the sauce of each tray down"))).isVisible();
    Stove.button(page, "Make it so").click();
    assertThat(step(tray, "Water of a tray", "Water over")).containsText("right");
    assertTrue(tray.getByText(Pattern.compile("Sheets from below")).isVisible());
    assertEquals(List.of(), Browsers.axe(page), "axe with a tray");
  }

  private static Page.GetByRoleOptions region(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
