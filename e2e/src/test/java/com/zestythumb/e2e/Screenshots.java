package com.zestythumb.e2e;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.midi.MidiFileWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;

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

            bringIn(browser, app);
            browser.picture(folder.resolve("bring.png"));

            browser.open(app.address());
            browser.clickText(".tune", "Moth at the Window");
            browser.clickText(".harmonies .way", "Rich");
            browser.see("[data-chord='4'].guess");
            browser.click("[data-chord='4']");
            browser.picture(folder.resolve("harmonies.png"));

            openTune(browser, app, "Ferry at Six");
            browser.clickText("[role=tab]", "Practise");
            browser.see(".steps li");
            browser.see(".now h2");
            browser.picture(folder.resolve("practise.png"));
            browser.clickText("button", "to practise at home");
            String home = browser.see(".link a").getDomProperty("href");
            browser.size(820, 1180);
            browser.open(home);
            browser.see(".drawing .note.grey");
            browser.see(".now h2");
            browser.picture(folder.resolve("practise-at-home.png"));
            browser.size(1280, 800);

            openTune(browser, app, "Rain on the Greenhouse");
            browser.click("[data-chord='1']");
            browser.clickText("[role=tab]", "Look");
            browser.see(".look .row");
            browser.picture(folder.resolve("look-first.png"));

            openTune(browser, app, "Ferry at Six");
            browser.clickText("[role=tab]", "Write");
            browser.clickText("button", "Write the tune");
            browser.clickText(".entry button", "show the count");
            browser.await(
                    "counts",
                    () -> browser.all(".drawing .syl").stream()
                                    .anyMatch(syllable -> syllable.getText().equals("2"))
                            ? true
                            : null);
            browser.picture(folder.resolve("melody.png"));

            openTune(browser, app, "Stairs and Landing");
            browser.clickText("[role=tab]", "Left hand");
            browser.click("[data-chord='1']");
            browser.seeText(".written-bars", "written note by note");
            browser.picture(folder.resolve("written-hand.png"));

            openTune(browser, app, "Lantern Walk");
            browser.clickText(".more button", "Voicings");
            browser.await("pictures", () -> browser.all(".styles .picture").size() > 12 ? true : null);
            browser.picture(folder.resolve("styles.png"));

            openTune(browser, app, "Paper Boats");
            browser.clickText(".more button", "More");
            browser.clickText(".more button", "Your own pattern");
            for (String cell : new String[] {"0-1", "1-3", "2-2", "3-3", "4-1", "6-2", "6-3"}) {
                browser.click("[data-cell='" + cell + "']");
            }
            browser.await(
                    "the figure on the page",
                    () -> browser.all(".drawing .note").size() > 110 ? true : null);
            browser.picture(folder.resolve("figure.png"));

            openTune(browser, app, "Harbour Lights");
            browser.clickText(".more button", "Suggestions");
            browser.clickText("button", "Suggest");
            browser.seeText("[aria-label='Suggestions'] li", "Rich");
            browser.clickText("[aria-label='Suggestions'] .do button", "Compare");
            browser.see(".beside .drawing .note");
            browser.picture(folder.resolve("compare.png"));

            openTune(browser, app, "Lantern Walk");
            browser.clickText("[role=tab]", "Print and share");
            browser.clickText("a.positions", "Positions");
            browser.await("keyboards", () -> browser.all("ol svg").size() > 12 ? true : null);
            browser.picture(folder.resolve("positions.png"));

            openTune(browser, app, "Paper Boats");
            browser.clickText("[role=tab]", "Check");
            browser.clickText(".school button", "Strict");
            browser.clickText(".finding", "Parallel fifths");
            browser.see(".motions line");
            browser.see("[aria-label='Ways to fix it'] li");
            browser.picture(folder.resolve("mind-this.png"));

            openTune(browser, app, "Harbour Lights");
            browser.clickText("[role=tab]", "Print and share");
            browser.clickText("a.positions", "Warm-up");
            browser.await("nine bars", () -> browser.all(".drawing .measure").size() == 9 ? true : null);
            browser.picture(folder.resolve("warm-up.png"));

            browser.open(app.address());
            browser.clickText(".shelf header button", "Exercises");
            browser.seeText(".exercise", "Lantern Walk");
            browser.picture(folder.resolve("exercises.png"));

            browser.open(
                    browser.seeText("section[aria-label='Wren, 8'] a", "Open").getDomProperty("href"));
            browser.see(".drawing .note");
            browser.click("[data-key='48']");
            browser.click("[data-key='52']");
            browser.click("[data-key='59']");
            browser.seeText(".word", "B is not in Am");
            browser.await(
                    "all three on the page",
                    () -> browser.all(".drawing .note[id^=n5-]").size() == 3 ? true : null);
            browser.picture(folder.resolve("answer.png"));

            browser.open(app.address() + "rules/parallel-fifths");
            browser.await("both", () -> browser.all(".drawing .note").size() > 9 ? true : null);
            browser.picture(folder.resolve("rule.png"));

            openTune(browser, app, "Paper Boats");
            browser.clickText("[role=tab]", "Print and share");
            browser.clickText("a.positions", "Report");
            browser.seeText(".report li", "Parallel fifths");
            browser.see(".drawing .note");
            browser.picture(folder.resolve("report.png"));
        }
    }

    /** A song in words and chords, and a piece of piano music that has no symbols. */
    private static void bringIn(Browser browser, RunningApp app) {
        LeadSheet sheet = Chart.parse("title: Kite String\nkey: F major\nmeter: 3/4\ntempo: 92\n"
                + "| F | C7 | Bb | F |\nm: c2 A2 F2 | G3 A B2 | d4 c2 | A6 |\n"
                + "| Dm | Gm | C7 | F |\nm: f2 d2 A2 | B3 A G2 | c3 B AG | F6 |");
        Choices broken = Choices.USUAL.with(AccompanimentPatterns.BROKEN_UP);
        try {
            Path kite = Files.createTempDirectory("bring").resolve("kite.mid");
            Files.write(kite, new MidiFileWriter().write(Arrangement.of(sheet, broken)));
            Path song = kite.resolveSibling("lamp.cho");
            Files.writeString(
                    song,
                    "{title: Lamp on the Quay}\n{key: G}\n{capo: 2}\n"
                            + "[G]Lamp on the [D7]quay, burning [Em]low\n[C]Waits for the [D7]boats to come [G]home\n");
            browser.open(app.address());
            browser.clickText(".shelf button", "Bring tunes in");
            browser.see("#pasted");
            browser.driver.findElement(By.cssSelector("input[type=file]")).sendKeys(kite + "\n" + song);
            browser.await("two tunes", () -> browser.all(".report").size() == 2 ? true : null);
            browser.see(".report .drawing .note");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
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
