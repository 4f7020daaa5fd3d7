package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** What a kitchen learns and keeps: how 'done' looked, rests, tubs in meals, its backup. */
class LearnIT extends Installed {
  private static final String LIVE = "/pots/0d3f1c52-0000-4000-8000-000000000041";
  private static final String FINISHED = "/logbook/0d3f1c52-0000-4000-8000-000000000031";

  private static Page at(String path) {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + path);
    return page;
  }

  private static FilePayload photo() throws IOException {
    BufferedImage image = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
    image.createGraphics().fillRect(0, 0, 800, 1200);
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    return new FilePayload("pot.png", "image/png", png.toByteArray());
  }

  /** The photo of the last batch stands beside the cue; this pot gets one of its own. */
  @Test
  void howDoneLookedStandsBesideTheCue() throws IOException {
    Page page = at(LIVE);
    Locator before =
        page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions()
                .setName(Pattern.compile("Look closer: The trail of the spoon")));
    before.click();
    Locator large = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.IMG);
    assertThat(large).isVisible();
    page.waitForCondition(() -> (Boolean) large.evaluate("image => image.naturalWidth > 100"));
    assertEquals(List.of(), Browsers.axe(page), "axe at a photo");
    Stove.button(page, "Close").click();
    Stove.button(page, "Note how it looks").click();
    assertThat(page.getByLabel("Done with")).hasValue("Simmer");
    page.getByLabel("Photo").setInputFiles(photo());
    assertThat(page.getByAltText("The photo as it will be kept")).isVisible();
    page.getByLabel("What to see, smell or hear").fill("it plops slowly");
    assertEquals(List.of(), Browsers.axe(page), "axe at the sheet");
    Stove.button(page, "Keep it").click();
    Locator own = page.getByLabel("Noted of this batch");
    assertThat(own.getByRole(AriaRole.BUTTON)).hasCount(1);
    page.reload();
    assertThat(own.getByRole(AriaRole.BUTTON)).hasCount(1);
    Stove.button(page, "Take back the note of Simmer").click();
    assertThat(own.getByRole(AriaRole.BUTTON)).hasCount(0);
  }

  /** A batch that is over is made again, in the pot and as thick as it turned out. */
  @Test
  void aFinishedBatchShowsHowItLookedAndIsMadeAgain() {
    Page page = at(FINISHED);
    assertThat(page.getByLabel("How it looked").getByRole(AriaRole.BUTTON)).hasCount(1);
    assertEquals(List.of(), Browsers.axe(page), "axe at a record");
    Stove.button(page, "Make it again").click();
    page.waitForURL(Pattern.compile("/plan$"));
    assertThat(page.getByLabel("Which sauce")).hasValue("plain-marinara");
  }

  /** By time alone: lukewarm it does not start, hot it does, and it ends served. */
  @Test
  void aRestOfABakeStandsOut() {
    Page page = at("/keep");
    Stove.button(page, "Leave something out").click();
    Locator what = page.getByLabel("What", new Page.GetByLabelOptions().setExact(true));
    what.fill("Baked gnocchi, the corner");
    page.getByLabel("The thermometer shows").fill("48 °C");
    Stove.button(page, "It is left out").click();
    assertThat(page.getByText(Pattern.compile("not hot enough to start"))).isVisible();
    assertThat(what).hasValue("Baked gnocchi, the corner");
    page.getByLabel("The thermometer shows").fill("70 °C");
    page.getByLabel("When, if not just now").fill(Stove.minutesAgo(60));
    Stove.button(page, "It is left out").click();
    Locator food =
        page.getByRole(
            AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Baked gnocchi, the corner"));
    assertThat(food).containsText(Pattern.compile("(2 h 59|3 h)"));
    assertEquals(List.of(), Browsers.axe(page), "axe with something set out");
    food.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("End this record"))
        .click();
    assertThat(page.getByRole(AriaRole.RADIO)).hasCount(2);
    Stove.save(page);
    assertThat(food).hasCount(0);
  }

  /** What is due becomes a meal whose base comes out of its tubs. */
  @Test
  void whatIsDueBecomesAMeal() {
    Page page = at("/keep");
    Locator ideas = page.getByLabel("What to cook from it");
    ideas
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("from its tubs, as the base"))
        .first()
        .getByRole(AriaRole.BUTTON)
        .click();
    page.waitForURL(Pattern.compile("/meals/"));
    Locator base = page.getByLabel(Pattern.compile("^Base "));
    assertThat(base).containsText("comes from tubs");
    assertEquals(List.of(), Browsers.axe(page), "axe at a meal from tubs");
    Stove.button(page, "Leave the tubs, make it all").click();
    assertThat(base).containsText("made once");
    Stove.button(page, "Count tubs in").click();
    assertThat(base).containsText("comes from tubs");
  }

  /** Saved whole; a kitchen that is in use is not overwritten, and a strange file is named. */
  @Test
  void aBackupIsSavedAndNotPutOverAKitchenInUse() throws IOException {
    Page page = at("/kitchen");
    Download saved =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save a backup"))
                    .click());
    assertTrue(Files.size(saved.path()) > 10_000);
    page.getByLabel("Backup to restore").setInputFiles(saved.path());
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("This kitchen is not empty");
    page.getByLabel("Backup to restore")
        .setInputFiles(new FilePayload("x.zip", "application/zip", new byte[] {1, 2, 3}));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("no backup of Urn Stew");
  }
}
