package com.zestythumb.e2e;

import java.nio.file.Path;

/** Takes the pictures of the main views, from the demo tunes. */
final class Screenshots {

    private static final Path FOLDER = RunningApp.ROOT.resolve("docs/screenshots");

    private Screenshots() {}

    public static void main(String[] args) {
        Path folder = args.length > 0 ? Path.of(args[0]) : FOLDER;
        try (RunningApp app = RunningApp.withDemo("shots");
                Browser browser = new Browser()) {
            browser.open(app.address());
            browser.see(".tune");
            browser.picture(folder.resolve("shelf.png"));

            openTune(browser, app, "Paper Boats");
            browser.picture(folder.resolve("lesson.png"));

            browser.choose("Whose hand", "Otto, 13");
            browser.await("eighths", () -> browser.all(".drawing .beam").isEmpty() ? null : true);
            browser.click("[data-chord='2']");
            browser.picture(folder.resolve("lesson-alberti.png"));

            openTune(browser, app, "Long Way Home");
            browser.clickText(".finding", "Too wide");
            browser.picture(folder.resolve("mind-this.png"));

            browser.click("[aria-label='Evening paper']");
            openTune(browser, app, "Rain on the Greenhouse");
            browser.picture(folder.resolve("lesson-evening.png"));
            browser.click("[aria-label='Day paper']");

            browser.size(820, 1180);
            openTune(browser, app, "Harbour Lights");
            browser.picture(folder.resolve("lesson-tablet.png"));

            browser.size(1024, 768);
            openTune(browser, app, "The Tin Rooster");
            browser.picture(folder.resolve("lesson-small.png"));

            browser.size(1280, 800);
            openTune(browser, app, "Lantern Walk");
            browser.type("title: Lantern Walk\nkey: G major\nmeter: 3/4\n\n| G | D/F# | Emm | C |\n| G | Am D7 | G |");
            browser.see(".problems li");
            browser.await(
                    "its seven bars", () -> browser.all(".drawing .measure").size() == 7 ? true : null);
            browser.picture(folder.resolve("mistakes.png"));
        }
    }

    private static void openTune(Browser browser, RunningApp app, String title) {
        browser.open(app.address());
        browser.clickText(".tune", title);
        browser.see("[data-chord='0'].chosen");
        browser.await(
                "fonts", () -> browser.script("return document.fonts.status").equals("loaded") ? true : null);
    }
}
