package com.zestythumb.e2e;

import java.time.Duration;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.By;

/**
 * A lesson in a real browser. All these tests share one app with the demo tunes; a test that changes a tune
 * takes a copy, so that the others find the demo as it was. Those of a class share a browser, which remembers nothing from
 * one to the next.
 */
@TestInstance(Lifecycle.PER_CLASS)
abstract class InTheBrowser {

    /** A tune with words, of our own. */
    static final String TUNE = """
            title: Kite String
            key: F major
            meter: 3/4
            |: F | C7 / F | Bb | F :|
            m: c2 A2 F2 | G3 A B2 | d4 c2 | A6 |
            w: high the kite | on its string | to-day | up
            """;

    /** Started for the first of these classes, closed after the last. */
    @RegisterExtension
    static final BeforeAllCallback SHARED = context -> {
        var store = context.getRoot().getStore(ExtensionContext.Namespace.create(InTheBrowser.class));
        app = store.computeIfAbsent("app", key -> RunningApp.withDemo("lessons"), RunningApp.class);
        browsers = store.computeIfAbsent("browsers", key -> new Browsers(), Browsers.class);
    };

    static RunningApp app;
    private static Browsers browsers;

    Browser browser;

    @BeforeAll
    void openTheBrowser() {
        browser = browsers.take();
    }

    @BeforeEach
    void openTheShelf() {
        if (!browser.leavesTheLesson(app.address())) {
            browser.forget(app.address());
            browser.open(app.address());
            browser.see(".tune");
        }
    }

    @AfterAll
    void closeTheBrowser() {
        browsers.giveBack(browser);
    }

    /** A demo tune, only to be looked at. */
    void openTune(String title) {
        browser.await(title + " on the shelf", () -> browser.driver.findElement(titled(title)))
                .click();
        awaitMusic();
    }

    private static By titled(String title) {
        return By.xpath("//a[contains(@class, 'tune')][h2 = '" + title + "']");
    }

    /** A copy of a demo tune with all that is played of it, for this test alone. */
    void openCopyOf(String title) {
        openBareCopyOf(title);
        browser.see("[data-chord='0'].chosen");
    }

    /** The same of a tune that has no chords yet. */
    void openBareCopyOf(String title) {
        String lesson = browser.await(title, () -> browser.driver.findElement(titled(title)))
                .getDomAttribute("href");
        browser.driver.manage().timeouts().scriptTimeout(Duration.ofSeconds(30));
        Object id = browser.driver.executeAsyncScript("""
                const [tune, done] = arguments;
                (async () => {
                  const {chart, assignments} = await (await fetch('/api/tunes/' + tune)).json();
                  const copy = await fetch('/api/tunes', {
                    method: 'POST',
                    headers: {'Content-Type': 'application/json'},
                    body: JSON.stringify({
                      chart: chart.replace(/^title: .*/m, 'title: A copy'),
                      assignments: assignments.map(({student, choices}) => ({student: student.id, choices})),
                    }),
                  });
                  done((await copy.json()).id);
                })();
                """, lesson.replaceAll(".*/", ""));
        // Within the page that is there: loading it anew would cost more than all the rest of most tests.
        browser.script(
                "history.pushState({}, '', '/tunes/' + arguments[0]); dispatchEvent(new PopStateEvent('popstate'))",
                id);
        browser.see(".drawing .note");
    }

    private void awaitMusic() {
        browser.see("[data-chord='0'].chosen");
        browser.see(".drawing .note");
    }

    /** Goes on to a stage of the lesson. */
    void stage(String name) {
        browser.clickText("[role=tab]", name);
    }

    /** A new tune with this text. */
    void newTune(String chart) {
        browser.clickText(".shelf button", "New tune");
        browser.see(".cm-content");
        browser.type(chart);
    }

    int bars() {
        return browser.all(".drawing .measure").size();
    }

    void awaitBars(int count) {
        browser.await(count + " bars", () -> bars() == count ? true : null);
    }

    void showChart() {
        browser.showChart();
    }

    /** The chart's text as it stands in the editor. */
    String chart() {
        showChart();
        return (String)
                browser.script("return [...document.querySelectorAll('.cm-line')].map(l => l.textContent).join('\\n')");
    }

    void awaitChart(String part) {
        browser.await("\"" + part + "\" in the chart", () -> chart().contains(part) ? true : null);
    }

    void awaitSaved() {
        browser.see(".save[data-state=saved]");
    }
}
