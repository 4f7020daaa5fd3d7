package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Two devices in one kitchen: each sees what the other does, and nothing typed is lost. */
class TogetherIT extends Installed {
  /** Far below the quarter of a minute after which a screen would ask by itself. */
  private static final IsVisibleOptions SOON = new IsVisibleOptions().setTimeout(12_000);

  private static Page onTheOther(String path) {
    Page page = browsers.page(390, 844);
    page.navigate(installation.address() + path);
    return page;
  }

  private static String path(Page page) {
    return page.url().substring(installation.address().length());
  }

  private static Locator potsOn(Page page) {
    return page.getByRole(
        AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Caper sauce")));
  }

  private static Locator takeItBack(Page page) {
    return Stove.button(page, "Take it back");
  }

  @Test
  void whatOneLightsTheOtherSeesAndWhatIsTakenBackIsGone() {
    Page other = onTheOther("/pots");
    assertThat(other.locator("h1")).isVisible();
    Page page = plan("Caper sauce for thin beef", "12");
    Stove.button(page, "Light the burner$").click();
    page.waitForURL(Pattern.compile("/pots/.+"));
    assertThat(potsOn(other).first()).isVisible(SOON);
    assertThat(Stove.said(page, ".*is lit\\.")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe with the offer");
    takeItBack(page).click();
    page.waitForURL(Pattern.compile("/plan"));
    assertThat(page.getByLabel("For whom")).hasValue("12");
    assertThat(potsOn(other)).hasCount(0);
  }

  @Test
  void anEntryThatCameTooLateIsParkedAndGoesInOnceHeatOffIsTakenBack() {
    Page page = plan("Plain marinara", "24");
    litEarlier(page, 40);
    Page other = onTheOther(path(page));
    Locator ladling = Stove.button(other, "Add( as poured)?$");
    assertThat(ladling).isVisible();
    other.context().setOffline(true);
    ladling.click();
    Stove.choose(other, "ladled out");
    other.getByLabel("Came out").fill("300 g");
    Stove.button(other, "Save").click();
    assertThat(other.getByText("1 entry waits on this device")).isVisible();
    Stove.button(page, "Heat off").click();
    Stove.button(page, "Put it in the logbook").click();
    assertThat(takeItBack(page)).isVisible();
    other.context().setOffline(false);
    Locator parked = other.getByRole(AriaRole.ALERT).filter(saying("Sauce ladled out ‘300 g’"));
    assertThat(parked).containsText("This batch is off the heat already.");
    assertEquals(List.of(), Browsers.axe(other), "axe with what is parked");
    takeItBack(page).click();
    page.waitForURL(Pattern.compile("/pots/.+"));
    Stove.button(other, "Send it again").click();
    assertThat(parked).hasCount(0);
    assertThat(page.getByLabel("Readings").getByText("300 g")).isVisible(SOON);
  }

  private static Locator.FilterOptions saying(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }
}
