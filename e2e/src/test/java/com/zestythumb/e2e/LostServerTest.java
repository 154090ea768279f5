package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** The server goes away in the middle of a word. */
class LostServerTest {

    private static RunningApp app;

    @BeforeAll
    static void startTheApp() {
        app = RunningApp.withDemo("lost");
    }

    @AfterAll
    static void stopTheApp() {
        app.close();
    }

    @Test
    void nothingTypedIsLost() {
        try (Browser browser = new Browser()) {
            browser.open(app.address());
            browser.clickText(".tune", "Paper Boats");
            browser.see(".drawing .note");
            browser.showChart();
            browser.click(".cm-content");
            new Actions(browser.driver)
                    .keyDown(Keys.CONTROL)
                    .sendKeys(Keys.END)
                    .keyUp(Keys.CONTROL)
                    .perform();

            browser.press("\n\n[Coda]\n| F | G");
            app.kill();
            browser.press("7 | C |\n# kept through a storm");
            browser.see(".save[data-state=away]");
            assertThat(browser.see(".save").getText()).contains("Your text is kept here");

            // Even a closed and reopened page has it, once there is a server to open it from.
            app.start();
            browser.see(".save[data-state=saved]");
            browser.driver.navigate().refresh();
            browser.see(".drawing .note");
            browser.showChart();
            browser.seeText(".cm-content", "# kept through a storm");
            browser.await("the new bars", () -> browser.all(".drawing .measure").size() == 19 ? true : null);
        }
    }

    @Test
    void aDraftLeftBehindByAClosedPageIsSentWhenTheTuneIsOpenedAgain() {
        try (Browser browser = new Browser()) {
            browser.open(app.address());
            browser.clickText(".tune", "Lantern Walk");
            browser.see(".drawing .note");
            String address = browser.driver.getCurrentUrl();
            app.kill();
            browser.type("title: Written in the dark\n| C | G | C |");
            browser.see(".save[data-state=away]");
            // The page is gone before the server is back.
            browser.open("about:blank");
            app.start();
            browser.open(address);
            browser.seeText("h1", "Written in the dark");
            browser.see(".save[data-state=saved]");
            browser.click(".head .shelf");
            browser.seeText(".tune", "Written in the dark");
        }
    }

    @Test
    void whoSavedFirstIsNotOverwrittenUnasked() {
        try (Browser mine = new Browser();
                Browser theirs = new Browser()) {
            for (Browser browser : new Browser[] {mine, theirs}) {
                browser.open(app.address());
                browser.clickText(".tune", "Harbour Lights");
                browser.see(".drawing .note");
            }
            theirs.type("title: Theirs\n| C |");
            theirs.see(".save[data-state=saved]");
            theirs.seeText("h1", "Theirs");
            mine.type("title: Mine\n| G |");
            mine.see(".save[data-state='changed elsewhere']");
            mine.clickText(".save button", "Keep mine");
            mine.see(".save[data-state=saved]");
            theirs.driver.navigate().refresh();
            theirs.seeText("h1", "Mine");
        }
    }
}
