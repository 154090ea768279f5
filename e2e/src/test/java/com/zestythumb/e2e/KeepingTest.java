package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** What is kept, with an app of its own: the server goes away in the middle of a word, and a backup holds every tune. */
class KeepingTest {

    @TempDir
    Path files;

    private static RunningApp app;
    private static Browser mine;
    private static Browser theirs;

    @BeforeAll
    static void startTheApp() {
        app = RunningApp.withDemo("lost");
        mine = new Browser();
        theirs = new Browser();
    }

    @AfterAll
    static void stopTheApp() {
        mine.close();
        theirs.close();
        app.close();
    }

    /** In an open page, in one that was closed meanwhile, and on a student's page. */
    @Test
    void nothingTypedIsLost() {
        Browser browser = mine;
        Browser closed = theirs;
        browser.open(app.address() + "exercises");
        String exercise =
                browser.seeText("section[aria-label='Wren, 8'] a", "Open").getDomProperty("href");
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
        closed.open(app.address());
        closed.clickText(".tune", "Lantern Walk");
        closed.see(".drawing .note");
        String lesson = closed.driver.getCurrentUrl();
        closed.script("window.open(arguments[0])", exercise);
        String first = closed.driver.getWindowHandle();
        String student = closed.driver.getWindowHandles().stream()
                .filter(handle -> !handle.equals(first))
                .findFirst()
                .orElseThrow();
        closed.driver.switchTo().window(student);
        closed.seeText(".ask", "Bar 5: Am");

        browser.press("\n\n[Coda]\n| F | G");
        app.kill();
        browser.press("7 | C |\n# kept through a storm");
        browser.see(".save[data-state=away]");
        assertThat(browser.see(".save").getText()).contains("Your text is kept here");
        closed.click("[data-key='48']");
        closed.click("[data-key='52']");
        closed.seeText(".line", "answers saved here");
        closed.driver.switchTo().window(first);
        closed.type("title: Written in the dark\n| C | G | C |");
        closed.see(".save[data-state=away]");
        // Both pages are gone before the server is back.
        closed.open("about:blank");
        closed.driver.switchTo().window(student);
        closed.open("about:blank");

        app.start();
        browser.see(".save[data-state=saved]");
        browser.driver.navigate().refresh();
        browser.see(".drawing .note");
        browser.showChart();
        browser.seeText(".cm-content", "# kept through a storm");
        browser.await("the new bars", () -> browser.all(".drawing .measure").size() == 19 ? true : null);
        closed.open(exercise);
        closed.await(
                "both keys", () -> closed.all("[data-key][aria-pressed=true]").size() == 2 ? true : null);
        closed.seeText(".word", "A is missing, the root");
        closed.open(lesson);
        closed.seeText("h1", "Written in the dark");
        closed.see(".save[data-state=saved]");
        closed.click(".head .shelf");
        closed.seeText(".tune", "Written in the dark");
    }

    @Test
    void whoSavedFirstIsNotOverwrittenUnasked() {
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

    @Test
    void aBackupIsSavedAndRestored() throws IOException {
        mine.open(app.address());
        mine.clickText("footer button", "Backup");
        Path backup = mine.downloaded("zesty-thumb-backup.json");
        assertThat(Files.readString(backup)).contains("title: Paper Boats");
        restore(backup);
        mine.seeText(".said", "0 put back");
        restore(Files.writeString(files.resolve("wrong.json"), "{not json"));
        mine.seeText(".trouble", "this file is no backup");
    }

    private static void restore(Path file) {
        mine.driver
                .findElement(By.cssSelector("[aria-label='Backup to restore']"))
                .sendKeys(file.toString());
    }
}
