package com.zestythumb.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.openqa.selenium.OutputType;

/** Takes the pictures of docs/left-hands.md: the left hands that it tells of, over demo tunes. */
final class LeftHands {

    private static final Path FOLDER = RunningApp.ROOT.resolve("docs/left-hands");

    /** A tune and how it is played. */
    private record Shown(String name, String tune, int span, boolean rolls, String choices) {}

    private static final List<Shown> ALL = List.of(
            new Shown("01", "Paper Boats", 8, false, "{\"style\": \"held-thumb\", \"figure\": \"ON_EACH_BEAT\"}"),
            new Shown("02", "The Tin Rooster", 8, false, "{\"style\": \"close\", \"figure\": \"BLOCK\"}"),
            new Shown("03", "The Tin Rooster", 9, false, "{\"style\": \"close\", \"figure\": \"BASS_AND_CHORDS\"}"),
            new Shown("04", "The Tin Rooster", 12, false, "{\"style\": \"close\", \"figure\": \"ALBERTI\"}"),
            new Shown("05", "Lantern Walk", 9, false, "{\"style\": \"close\", \"figure\": \"HELD_BASS\"}"),
            new Shown(
                    "06",
                    "Lantern Walk",
                    12,
                    false,
                    "{\"style\": \"bass-then-chord\", \"figure\": \"BASS_AND_CHORDS\", \"pedal\": \"JOINED\"}"),
            new Shown("07", "Lantern Walk", 15, true, "{\"style\": \"root-fifth-tenth\", \"figure\": \"BROKEN_UP\"}"),
            new Shown(
                    "08",
                    "Saturday Kitchen",
                    10,
                    false,
                    "{\"style\": \"guide-tones\", \"figure\": \"BLOCK\", \"stretches\": [{\"from\": 0, \"to\": 4, \"style\": \"shells\"}]}"),
            new Shown("09", "Saturday Kitchen", 12, false, "{\"style\": \"shells\", \"figure\": \"ANTICIPATED\"}"),
            new Shown("10", "Saturday Kitchen", 12, false, "{\"style\": \"rootless\", \"figure\": \"DETACHED\"}"),
            new Shown("11", "Saturday Kitchen", 12, false, "{\"figure\": \"WALKING_BASS\"}"),
            new Shown("12", "Saturday Kitchen", 12, false, "{\"figure\": \"BOSSA\", \"pedal\": \"JOINED\"}"),
            new Shown(
                    "13",
                    "Harbour Lights",
                    9,
                    false,
                    "{\"style\": \"passed\", \"figure\": \"WAVE\", \"school\": \"classical\"}"),
            new Shown(
                    "14",
                    "Harbour Lights",
                    12,
                    false,
                    "{\"style\": \"close\", \"figure\": \"UP_AND_BACK\", \"varied\": true}"),
            new Shown("15", "Harbour Lights", 12, false, "{\"figure\": \"OPEN_ARPEGGIO\", \"pedal\": \"JOINED\"}"),
            new Shown(
                    "16",
                    "Harbour Lights",
                    12,
                    false,
                    "{\"style\": \"octave-then-chord\", \"figure\": \"BASS_AND_CHORDS\", \"pedal\": \"SEPARATED\"}"),
            new Shown("17", "Late Bus", 12, false, "{\"figure\": \"OCTAVE_UNDER\"}"),
            new Shown("18", "Late Bus", 12, false, "{\"style\": \"hymn\", \"figure\": \"BLOCK\"}"),
            new Shown("19", "Late Bus", 12, false, "{\"figure\": \"SHUFFLE\"}"),
            new Shown("20", "Late Bus", 12, false, "{\"figure\": \"OCTAVE_RIFF\"}"),
            new Shown("21", "Late Bus", 12, false, "{\"figure\": \"BOOGIE\"}"));

    private LeftHands() {}

    public static void main(String[] args) {
        Path folder = args.length > 0 ? Path.of(args[0]) : FOLDER;
        try (RunningApp app = RunningApp.withDemo("hands");
                Browser browser = new Browser()) {
            Files.createDirectories(folder);
            browser.size(1180, 1100);
            browser.open(app.address());
            browser.see(".tune");
            for (Shown shown : ALL) {
                browser.open(app.address() + "tunes/" + play(browser, shown) + "/hand");
                browser.see(".drawing .note");
                if (!browser.all(".cm-content").isEmpty()) {
                    browser.press("t");
                    browser.seeNo(".cm-content");
                }
                browser.await(
                        "fonts",
                        () -> browser.script("return document.fonts.status").equals("loaded") ? true : null);
                browser.await("a page that stands still", () -> isStill(browser) ? true : null);
                Files.write(
                        folder.resolve(shown.name() + ".png"),
                        browser.see(".score").getScreenshotAs(OutputType.BYTES));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String last = "";

    private static boolean isStill(Browser browser) {
        String now = browser.engravedNotes();
        boolean still = now.equals(last) && browser.all(".drawing svg").size() > 1;
        last = now;
        return still;
    }

    /** A copy of the tune, given to a student with this hand. */
    private static Object play(Browser browser, Shown shown) {
        browser.driver.manage().timeouts().scriptTimeout(Duration.ofSeconds(30));
        return browser.driver.executeAsyncScript(
                """
                const [title, name, span, rolls, choices, done] = arguments;
                const post = (path, body) => fetch(path, {
                  method: 'POST',
                  headers: {'Content-Type': 'application/json'},
                  body: JSON.stringify(body),
                }).then((answer) => answer.json());
                (async () => {
                  const tunes = await (await fetch('/api/tunes')).json();
                  const {id} = tunes.find((tune) => tune.title === title);
                  const {chart} = await (await fetch('/api/tunes/' + id)).json();
                  const hand = {span, lowest: 'C2', highest: 'A4', rolls};
                  const student = await post('/api/students', {name, hand, level: 2});
                  const assignments = [{student: student.id, choices: JSON.parse(choices)}];
                  done((await post('/api/tunes', {chart, assignments})).id);
                })();
                """, shown.tune(), "Hand " + shown.name(), shown.span(), shown.rolls(), shown.choices());
    }
}
