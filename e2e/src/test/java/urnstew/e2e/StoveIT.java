package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Planning to an hour, a ragù with all that happens to it, what was really poured, two pots. */
class StoveIT extends Installed {
  private static final double PRESSED_MILLISECONDS = 500;

  private static final Pattern HOUR = Pattern.compile("\\d\\d:\\d\\d");

  private static final Locator.GetByTextOptions EXACTLY =
      new Locator.GetByTextOptions().setExact(true);

  private static String hour(Locator figure) {
    assertThat(figure).isVisible();
    Matcher found = HOUR.matcher(figure.textContent().replaceAll(".*(?=..:..$)", ""));
    assertTrue(found.find(), figure.textContent());
    return found.group();
  }

  private static Locator thickAt(Page page) {
    return Stove.button(page, "Thick enough at");
  }

  /** From the wanted hour back to the match, and from the match forward to the same hour. */
  @Test
  void aPlanToAFixedHourAndBack() {
    Page page = plan("Plain marinara", "30");
    Locator light = Stove.button(page, "Light the burner \\d");
    String lit = hour(light);
    Stove.button(page, "rolling, thick enough").click();
    assertThat(light).not().hasText(Pattern.compile(lit));
    assertEquals(List.of(), Browsers.axe(page), "axe at the plan");
    int planned = Stove.minutesBetween(hour(light), hour(Stove.button(page, "Thick enough,")));
    assertTrue(planned > 20 && planned < Stove.minutesBetween(lit, Stove.inHours(6)), planned + "");
    litEarlier(page, 10);
    int forward = Stove.minutesBetween(Stove.minutesAgo(10), hour(thickAt(page)));
    assertEquals(planned, forward, 2, "the same simmer forwards and backwards");
  }

  @Test
  void aRaguWithAnAdditionAStruckOutReadingAndAPlateTest() {
    Page page = plan("Ridge ragù", "34");
    Stove.choose(page, "gentle");
    litEarlier(page, 90);
    Locator hour = thickAt(page);
    String before = hour.textContent();
    Stove.button(page, "Add as poured").click();
    Stove.choose(page, "something else");
    page.getByLabel("Went in, all of it").fill("400 g");
    Stove.button(page, "Save").click();
    Locator events = page.getByLabel("Readings");
    assertThat(events.getByText("400 g Water added")).isVisible();
    assertThat(hour).not().hasText(before);
    String thinned = hour.textContent();

    Stove.read(page, "weigh");
    Stove.choose(page, "sauce alone");
    page.getByLabel("The scale shows").fill("6 kg");
    Stove.button(page, "Save").click();
    assertThat(hour).not().hasText(thinned);
    Stove.button(page, "Strike out 6.00 kg").click();
    assertThat(hour).hasText(thinned);

    Stove.read(page, "plate");
    page.getByLabel("A level tablespoon on a cold plate").fill("95 mm");
    Stove.button(page, "Save").click();
    assertThat(events.getByText("95 mm wide on the plate")).isVisible();
    Stove.button(page, "boils off, from 1 reading").click();
    assertThat(page.getByText("body of this product")).isVisible();
    Stove.button(page, "Close").click();
    String asPlanned = hour.textContent();
    Stove.button(page, "How thick").click();
    Stove.choose(page, "by its solids");
    page.getByLabel("Non-fat solids").fill("14.5 %");
    Stove.button(page, "Save").click();
    assertThat(hour).not().hasText(asPlanned);
    Stove.button(page, "Add as poured").click();
    Stove.choose(page, "pieces taken out");
    Stove.button(page, "Beef mince").click();
    Stove.button(page, "Save").click();
    assertThat(events.getByText("Beef mince, 15 % fat taken out", EXACTLY)).isVisible();
    handedOverOnOnePage(page);
  }

  private static void handedOverOnOnePage(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hand over")).click();
    assertThat(page.getByLabel("What was read and done").getByText("95 mm wide on the plate"))
        .isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the hand-over");
    Locator sheet =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("One page to print"));
    APIResponse pdf = page.request().get(installation.address() + sheet.getAttribute("href"));
    assertEquals("application/pdf", pdf.headers().get("content-type"));
    assertTrue(new String(pdf.body(), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
  }

  /** A timed burner changes the plan; a weighed scoop is a unit; last time's plate is a target. */
  @Test
  void theKitchenLearnsABurnerAScoopAndAThickness() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/kitchen");
    Stove.button(page, "Time Gas ring to the boil").click();
    page.getByLabel("It took").fill("1 min");
    Stove.button(page, "Save").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("could not boil");
    page.getByLabel("It took").fill("7 min 30 s");
    Stove.button(page, "Save").click();
    assertThat(page.getByText("kW into the pot, as timed")).isVisible();
    Stove.button(page, "Add a measure").click();
    page.getByLabel("One word").fill("Scoop");
    page.getByLabel("One holds").fill("200 g");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Measures").getByText("holds 200 g")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe in the kitchen");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan")).first().click();
    Stove.choose(page, "as last time");
    assertThat(page.getByLabel("Thickness")).hasValue("91 mm");
    page.getByLabel("Each gets").fill("1 scoop");
    assertThat(page.getByText("7 oz of sauce")).isVisible();
    assertThat(Stove.button(page, "At the end, 34 portions")).containsText("7.00");
    Stove.choose(page, "oven");
    Locator air = page.getByLabel("Oven at");
    air.fill("290");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("rondeau' bears");
    air.fill("150");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
  }

  @Test
  void whatWasReallyPouredRescalesWhatFollows() {
    Page page = plan("Ridge ragù", "12");
    litEarlier(page, 50);
    Locator milk = page.getByText(Pattern.compile("^Add \\d+ g whole milk"));
    String planned = milk.textContent();
    Locator end = Stove.button(page, "at the end, ");
    String portions = end.textContent();
    Stove.button(page, "Add as poured").click();
    page.getByLabel("Line of the formula").click();
    page.getByRole(
            AriaRole.OPTION,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Canned whole tomatoes")))
        .click();
    page.getByLabel("Went in, all of it").fill("2.2 kg");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Readings").getByText("went in, as poured")).isVisible();
    assertThat(milk).not().hasText(planned);
    assertThat(end).not().hasText(portions);
    Stove.button(page, "Heat ").first().click();
    Stove.choose(page, "lively");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Readings").getByText("lively, lid ajar")).isVisible();
  }

  /** The one pot of that name on that burner, wherever it moves to as others need somebody. */
  private static Locator thePot(Locator pots, String name, String burner) {
    return pots.getByRole(AriaRole.LINK)
        .filter(new Locator.FilterOptions().setHasText(name))
        .filter(new Locator.FilterOptions().setHasText(burner));
  }

  /**
   * Opens that pot and waits for its own page: another pot may bear the same name. As a cook would,
   * it presses again where the pots changed places under the finger.
   */
  private static void open(Page page, Locator pot, String name) {
    String address = pot.getAttribute("href");
    page.waitForCondition(
        () -> {
          if (!page.url().endsWith(address)) {
            pot.click();
            page.waitForTimeout(PRESSED_MILLISECONDS);
          }
          return page.url().endsWith(address);
        });
    assertThat(page.locator("h1")).hasText(name);
  }

  @Test
  void twoPotsAtOnce() {
    Page page = browsers.page(1024, 768);
    page.navigate(installation.address() + "/pots");
    Locator pots = page.getByLabel("Pots on the stove");
    Locator marinara = thePot(pots, "Plain marinara", "Induction");
    Locator ragu = thePot(pots, "Ridge ragù", "Gas ring");
    open(page, marinara, "Plain marinara");
    open(page, ragu, "Ridge ragù");
    String untouched = thickAt(page).textContent();
    open(page, marinara, "Plain marinara");
    Stove.read(page, "dip");
    page.getByLabel("Wet length of the stick").fill("52 mm");
    Stove.button(page, "Save").click();
    assertThat(Stove.button(page, "boils off, from 2 readings")).isVisible();
    open(page, ragu, "Ridge ragù");
    assertThat(thickAt(page)).hasText(untouched);
    assertThat(Stove.button(page, "boils off, from 1 reading")).isVisible();
  }
}
