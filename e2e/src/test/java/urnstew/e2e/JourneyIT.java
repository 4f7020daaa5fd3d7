package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Need, plan, pot, logbook, at a laptop, a tablet and a phone; and what a kill cannot take. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class JourneyIT extends Installed {
  private static void go(Page page, String path) {
    page.navigate(installation.address() + path);
    assertThat(page.locator("h1")).isVisible();
  }

  private static void weigh(Page page, String kilograms, int minutesAgo) {
    Stove.read(page, "weigh");
    page.getByLabel("The scale shows").fill(kilograms);
    page.getByLabel("When, if not just now").fill(Stove.minutesAgo(minutesAgo));
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("The scale shows")).isHidden();
  }

  private static Page startedAnHourAgo(int width, int height) {
    Page page = browsers.page(width, height);
    openPlan(page);
    page.getByLabel("For whom").fill("30");
    page.getByLabel("Each gets").fill("4 oz");
    page.getByLabel("On the table at").fill(Stove.inHours(4));
    Stove.button(page, "Lit earlier").click();
    page.getByLabel("The burner was lit at").fill(Stove.minutesAgo(60));
    Stove.button(page, "Start as lit").click();
    page.waitForURL(Pattern.compile("/pots/.+"));
    return page;
  }

  @ParameterizedTest
  @CsvSource({"1280,800", "1024,768", "390,844"})
  @Order(1)
  void aWholeBatch(int width, int height) {
    Page page = startedAnHourAgo(width, height);
    Locator hour = Stove.button(page, "Thick enough at");
    assertThat(hour).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the pot");
    String planned = hour.textContent();
    weigh(page, "9.9 kg", 20);
    assertThat(hour).not().hasText(planned);
    Stove.button(page, "Strike out").first().click();
    assertThat(page.getByText("struck out")).isVisible();
    assertThat(hour).hasText(planned);
    Stove.button(page, "Put back").first().click();
    assertThat(hour).not().hasText(planned);
    Stove.button(page, "Strike out").first().click();
    assertThat(hour).hasText(planned);

    Stove.read(page, "dip");
    page.getByLabel("Wet length of the stick").fill("45 mm");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Readings").getByText("45 mm deep")).isVisible();

    Stove.button(page, "Heat off").click();
    page.getByLabel("Sauce that came out").fill("3.5 kg");
    page.getByLabel("To remember").fill("Bright, a little loose at " + width);
    Stove.button(page, "Put it in the logbook").click();
    page.waitForURL(Pattern.compile("/logbook"));
    assertThat(page.getByLabel("Finished batches").getByText("Bright, a little loose at " + width))
        .isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe in the logbook");
  }

  @ParameterizedTest
  @CsvSource({"/plan,1280", "/plan,390", "/kitchen,1280", "/kitchen,390"})
  @Order(2)
  void axeFindsNothing(String path, int width) {
    Page page = browsers.page(width, 844);
    go(page, path);
    assertThat(page.getByText("Rondeau").first()).isVisible();
    assertThat(Stove.button(page, path.equals("/plan") ? "Light the burner" : "Add a pot").first())
        .isVisible();
    assertEquals(List.of(), Browsers.axe(page));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "For whom|0|at least 1",
        "For whom|-3|at least 1",
        "Each gets|1,500|without the comma",
        "Each gets|NaN|not understood",
        "On the table at|2020-05-01 18:30|has passed",
        "Thickness|4 %|thinner than the sauce at the start",
        "For whom|900|Choose a pot of"
      })
  @Order(2)
  void whatCannotBeMeantIsSaidAtTheFieldAndKept(String field, String typed, String said) {
    Page page = browsers.page(1280, 800);
    go(page, "/plan");
    assertThat(page.getByText("Canned whole tomatoes").first()).isVisible();
    page.getByLabel(field).fill(typed);
    assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText(said)))
        .isVisible();
    assertThat(page.getByLabel(field)).hasValue(typed);
    page.reload();
    assertThat(page.getByLabel(field)).hasValue(typed);
  }

  @Test
  @Order(2)
  void aDipDeeperThanThePotIsRefusedAndKept() {
    Page page = startedAnHourAgo(1024, 768);
    Stove.read(page, "dip");
    page.getByLabel("Wet length of the stick").fill("35 cm");
    Stove.button(page, "Save").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("more than the vessel's 200 mm");
    assertThat(page.getByLabel("Wet length of the stick")).hasValue("35 cm");
    page.getByLabel("Wet length of the stick").fill("45 mm");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Readings").getByText("45 mm deep")).isVisible();
  }

  @Test
  @Order(3)
  void everyFigureShowsItsWorkingAndKeysWork() {
    Page page = browsers.page(1280, 800);
    go(page, "/plan");
    Stove.button(page, "Thick enough").click();
    assertThat(page.getByText("Wagner and Pruss 1993").first()).isVisible();
    Stove.button(page, "What moves it most").click();
    assertThat(page.getByText("how fast this pot loses water")).isVisible();
    Stove.button(page, "Close").click();
    page.keyboard().press("?");
    assertThat(page.getByText("Light the burner now")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("8");
    page.waitForURL(Pattern.compile("/kitchen"));
  }

  @Test
  @Order(4)
  void aPotIsAddedAndAnImpossibleOneRefused() {
    Page page = browsers.page(1280, 800);
    go(page, "/kitchen");
    Stove.button(page, "Add a pot").click();
    page.getByLabel("What the cooks call it").fill("Copper pan of the cook who was here before");
    page.getByLabel("Wide inside, at the bottom").fill("10 m");
    page.getByLabel("Deep inside").fill("6 in");
    Stove.button(page, "Save").last().click();
    assertThat(page.getByRole(AriaRole.ALERT).first())
        .containsText("10 m is too much. Choose 0.05 to 1.5 m.");
    page.getByLabel("Wide inside, at the bottom").fill("12 in");
    Stove.button(page, "Save").last().click();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                    .setName("Change Copper pan of the cook who was here before")))
        .isVisible();
  }

  @Test
  @Order(5)
  void killingApplicationAndDatabaseLosesNothing() throws Exception {
    Page page = startedAnHourAgo(1024, 768);
    weigh(page, "9.7 kg", 25);
    assertThat(page.getByLabel("Readings").getByText("5.60 kg in the pot")).isVisible();
    installation.killApplication();
    installation.database("kill");

    // Typed while nothing answers: it waits on the device and arrives once.
    weigh(page, "9.3 kg", 5);
    assertThat(page.getByText("1 entry waits on this device")).isVisible();

    installation.database("start");
    installation.startApplication();
    assertThat(page.getByText("1 entry waits on this device")).isHidden();
    page.reload();
    assertThat(page.getByLabel("Readings").getByText("5.60 kg in the pot")).hasCount(1);
    assertThat(page.getByLabel("Readings").getByText("5.20 kg in the pot")).hasCount(1);
  }

  @Test
  @Order(6)
  void healthTellsTheTruthAboutTheDatabase() throws Exception {
    installation.database("kill");
    assertEquals(503, installation.health());
    installation.database("start");
    installation.awaitReady();
    assertEquals(200, installation.health());
  }

  @Test
  @Order(7)
  void staysSmall() throws Exception {
    long megabytes = installation.residentMegabytes();
    assertTrue(megabytes <= 450, "resident " + megabytes + " MB");
    Page page = browsers.page(1280, 800);
    // What is fetched ahead, once nobody needs the line, is not what a cook waits for.
    page.addInitScript("window.requestIdleCallback = () => 0");
    go(page, "/plan");
    assertThat(page.getByText("Canned whole tomatoes").first()).isVisible();
    List<?> bytes = (List<?>) page.evaluate(Scripts.of("scripts"));
    int first = ((Number) bytes.get(0)).intValue();
    int own = ((Number) bytes.get(1)).intValue();
    assertTrue(first > 0 && first <= 250_000, first + " bytes of first script");
    assertTrue(own > 0 && own <= 60_000, own + " bytes of the page's own script");
  }

  /** A tablet in the kitchen: plain HTTP under a name, where browsers withhold much. */
  @Test
  @Order(8)
  void worksUnderANameThatIsNotLocalhost() throws Exception {
    installation.openToNetworkAs(Browsers.NAME);
    Page page = startedAnHourAgo(1024, 768);
    assertEquals(false, page.evaluate("isSecureContext"));
    weigh(page, "9.9 kg", 20);
    assertThat(page.getByLabel("Readings").getByText("5.80 kg in the pot")).isVisible();
  }
}
