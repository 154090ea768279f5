package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** "Finish it as I began": from the teacher to the student's page and back. */
class ExerciseTest extends InTheBrowser {

    private static final String CHART = "title: Four Steps\nkey: C major\n| C | F | G7 | C |";

    /** Makes an exercise of the last three bars and goes to the student's page. */
    private String give() {
        newTune(CHART);
        awaitBars(4);
        awaitSaved();
        stage("Exercise");
        browser.seeText(".exercise-stage", "Let the student finish it");
        browser.choose("exercise-from", "bar 2");
        browser.choose("exercise-to", "bar 4");
        browser.see("[aria-label='Message to the student']").sendKeys("Stay close");
        browser.clickText(".exercise-stage .make", "Make the exercise");
        browser.seeText(".exercise", "bars 2 to 4");
        return browser.see(".exercise .link a").getDomProperty("href");
    }

    private void press(int... keys) {
        for (int key : keys) {
            browser.click("[data-key='" + key + "']");
        }
    }

    /** Whether the server has every key that was pressed. */
    private static final String KEPT = """
            return Object.keys(localStorage).filter(key => key.startsWith('zesty.answered'))
                .every(key => !Object.keys(JSON.parse(localStorage[key]).chords).length);
            """;

    @Test
    void aStudentFinishesWhatTheTeacherBegan() {
        String link = give();
        String lesson = browser.driver.getCurrentUrl();
        browser.open(link);
        browser.seeText("h1", "Four Steps");
        browser.seeText(".answer header", "Stay close");
        browser.seeText(".ask", "Bar 2: F");
        assertThat(browser.see(".answer").getText()).doesNotContain("Any hand plays");
        browser.assertAccessible("a student's page");
        // A wrong note is told at once, and what the chord has.
        press(48, 53, 59);
        browser.seeText(".word", "B is not in F: lower it");
        press(59, 57);
        browser.seeText(".ask", "Right");
        // By letters: B, F and G, the last an octave down and up again.
        browser.press(Keys.ENTER);
        browser.seeText(".ask", "Bar 3: G7");
        browser.press("b");
        browser.press("f");
        browser.press("g");
        browser.press(Keys.ARROW_DOWN);
        browser.press(Keys.ARROW_UP);
        browser.seeText(".ask", "Right");
        browser.await("all of it to be kept", () -> browser.script(KEPT).equals(true) ? true : null);
        // A reload in the middle: everything is there, and the next chord waits.
        browser.driver.navigate().refresh();
        browser.seeText(".ask", "Bar 4: C");
        // On a keyboard that is none: C, E and G by numbers.
        browser.choose("Play it on a MIDI keyboard", "Number keys 1 to 8");
        browser.press("1");
        browser.await("C", () -> pressed() == 1 ? true : null);
        browser.press("3");
        browser.await("E", () -> pressed() == 1 ? true : null);
        browser.clickText(".do button", "Clear");
        press(48, 52, 55);
        browser.seeText(".ask", "Right");
        browser.clickText(".do button", "Finish");
        browser.seeText(".praise", "All right");
        browser.open(lesson);
        browser.seeText(".exercise", "12 of 12 points");
    }

    private long pressed() {
        return browser.all("[data-key][aria-pressed=true]").size();
    }

    /** What was not right is tried again; the teacher says a word and accepts an answer. */
    @Test
    void theTeacherHasTheLastWord() {
        String link = give();
        String lesson = browser.driver.getCurrentUrl();
        browser.open(link);
        browser.seeText(".ask", "Bar 2: F");
        press(48, 53);
        browser.seeText(".word", "A is missing");
        browser.clickText(".places button", "C");
        browser.clickText(".do button", "Finish");
        browser.seeText(".praise", "0 of 3 chords are right");
        browser.open(lesson);
        browser.seeText(".exercise", "3 of 12 points");
        browser.seeText(".exercise", "third missing (1)");
        browser.assertAccessible("the stage of exercises");
        browser.clickText(".wrong button", "Accept");
        browser.seeText(".exercise", "4 of 12 points");
        browser.see("[aria-label='Comment']").sendKeys("Good ears");
        browser.clickText(".say button", "Send");
        browser.seeText(".exercise", "Your comment: Good ears");
        browser.open(link);
        browser.seeText(".from-teacher", "Good ears");
        browser.clickText(".do button", "Try again");
        // What the teacher accepted is right in this try too.
        browser.seeText(".do button", "Clear");
        browser.seeText(".ask", "Bar 3: G7");
        assertThat(browser.all(".place.answered")).hasSize(1);
        browser.open(lesson);
        browser.clickText(".exercise .link button", "Close");
        browser.seeText(".exercise", "Closed");
        browser.open(link);
        browser.seeText(".trouble", "closed this exercise");
    }

    @Test
    void exercisesAreMadeFromNothing() {
        browser.clickText(".shelf header button", "Exercises");
        browser.seeText(".exercises", "Ready-made exercises");
        browser.seeText(".exercise", "Lantern Walk");
        browser.choose("For whom", "Juno, 11");
        browser.clickText(".ready button", "Primary chords");
        browser.seeText("section h2", "Juno, 11");
        browser.seeText(".overview", "Otto, 13");
        browser.assertAccessible("all exercises");
        browser.clickText(".ready button", "Name the chord");
        browser.seeText(".exercise h3", "Name the chord");
        browser.open(browser.see(".exercise .link a").getDomProperty("href"));
        browser.seeText(".ask", "What is this chord called?");
        browser.see(".drawing .note");
        assertThat(browser.all(".drawing .harm")).isEmpty();
        browser.see("form.word input").sendKeys("Zz", Keys.ENTER);
        browser.clickText(".places button", "Zz");
        browser.seeText(".word", "is no chord symbol");
        browser.assertAccessible("an answer in words");
    }

    /** Four parts over a bass: two parts on one key, parallels named by their parts, help, the page for home, the class. */
    @Test
    void fourPartsAreMarkedAndTakenHome() {
        browser.driver.manage().timeouts().scriptTimeout(Duration.ofSeconds(30));
        String code = (String) browser.driver.executeAsyncScript("""
                const done = arguments[0];
                fetch('/api/ready-made', {
                  method: 'POST',
                  headers: {'Content-Type': 'application/json'},
                  body: JSON.stringify({set: 'four-parts-bass', seed: 1, student: null, school: 'strict'}),
                }).then((made) => made.json()).then(({code}) => done(code));
                """);
        browser.open(app.address() + "answer/" + code);
        browser.seeText(".ask", "Bar 2: F♯ 6");
        browser.seeText(".counts", "any four parts will do");
        browser.see("[data-chord='1'] .figures");
        browser.assertAccessible("four parts over a bass");
        // D, A and D over F sharp; the D is pressed again for a unison, and once more to let both go.
        press(57, 62, 62);
        browser.see("[data-key='62'][aria-label$='two parts']");
        press(62, 62, 69);
        browser.seeText(".ask", "Bar 2");
        browser.clickText(".do button", "Clear");
        browser.await("no key", () -> pressed() == 0 ? true : null);
        press(57, 62, 74);
        for (int bar = 3; bar <= 6; bar++) {
            browser.press(Keys.ENTER);
            browser.seeText(".ask", "Bar " + bar);
        }
        browser.clickText(".do button", "Finish");
        browser.seeText(".praise", "of 5 chords");
        long attempt = (Long) browser.driver.executeAsyncScript("""
                const [code, done] = arguments;
                fetch('/api/exercises').then((all) => all.json())
                  .then((all) => done(all.find((one) => one.code === code).attempts.at(-1).id));
                """, code);
        browser.open(app.address() + "exercises/home/" + attempt);
        browser.seeText("h3", "A better way");
        browser.await("both pages", () -> browser.all(".drawing .note").size() > 8 ? true : null);
        browser.assertAccessible("the page for home");
        browser.open(app.address() + "exercises/report");
        browser.seeText("thead th", "Anybody");
        browser.assertAccessible("the class");
        browser.clickText("nav button", "Save as a table");
        browser.downloaded("class.csv");
    }

    /** From what is to be watched out for to the rule's own page, and from there to others. */
    @Test
    void aRuleIsSeenAndHeard() {
        newTune("title: Side by Side\nkey: C major\n| C | Dm |\nl: [C,E,G,]8 | [D,F,A,]8 |");
        awaitBars(2);
        stage("Check");
        browser.clickText(".school button", "Strict");
        browser.seeText(".findings", "Parallel fifths");
        String lesson = browser.driver.getCurrentUrl();
        browser.clickText(".findings .finding", "Parallel fifths");
        browser.await("both voices", () -> browser.all(".motions line").size() == 2 ? true : null);
        browser.clickText(".findings header button", "Fix all");
        browser.seeText(".beside header", "Fixed");
        browser.clickText(".beside button", "Close");
        browser.clickText(".findings button", "Ignore this");
        browser.see("[aria-label='Reason (optional)']").sendKeys("as a drone");
        browser.clickText(".leave button", "in the whole tune");
        browser.seeText(".findings", "No problems");
        browser.seeText(".left", "Parallel fifths, in the whole tune: “as a drone”");
        browser.clickText(".left button", "Check again");
        browser.clickText(".findings a", "See and hear");
        browser.seeText("h1", "Parallel fifths");
        browser.await("both", () -> browser.all(".rules .drawing .note").size() == 16 ? true : null);
        browser.assertAccessible("a rule");
        browser.clickText(".rules .example button", "Hear it");
        browser.see(".drawing .note.sounds");
        browser.clickText(".rules nav a", "Clash");
        browser.seeText(".student", "rubs against the tune");
        browser.clickText(".rules nav a", "One rhythm");
        browser.seeText(".student", "makes the ear sleepy");
        browser.choose("minded", "Warning");
        browser.driver.navigate().refresh();
        browser.seeText(".own", "Warning");
        browser.choose("minded", "Use the standard rule");
        browser.seeText(".own", "Use the standard rule");
        browser.open(lesson.replace("/check", "/report"));
        browser.seeText(".report li", "Parallel fifths");
        browser.assertAccessible("a report");
    }
}
