package urnstew.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;

/** Debian's Chromium, driven by Playwright. It knows this machine as {@value #NAME} too. */
final class Browsers implements AutoCloseable {
  static final String NAME = "kitchen.test";

  private final Playwright playwright = Playwright.create();
  private final Browser browser =
      playwright
          .chromium()
          .launch(
              new BrowserType.LaunchOptions()
                  .setExecutablePath(Path.of("/usr/bin/chromium"))
                  .setArgs(
                      List.of(
                          "--no-sandbox",
                          "--disable-gpu",
                          "--disable-quic",
                          "--no-first-run",
                          "--disable-background-networking",
                          "--disable-component-update",
                          "--disable-sync",
                          "--host-resolver-rules=MAP " + NAME + " 127.0.0.1")));

  Page page(int width, int height) {
    return browser
        .newContext(new Browser.NewContextOptions().setViewportSize(width, height))
        .newPage();
  }

  /** What axe finds wrong on the page, in words. */
  static List<String> axe(Page page) {
    return new AxeBuilder(page)
        .analyze().getViolations().stream()
            .map(
                (Rule rule) ->
                    rule.getId() + ": " + rule.getNodes().stream().map(n -> n.getHtml()).toList())
            .toList();
  }

  @Override
  public void close() {
    playwright.close();
  }
}
