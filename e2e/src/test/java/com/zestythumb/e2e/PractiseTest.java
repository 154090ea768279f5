package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Practising a tune in small steps. */
class PractiseTest extends InTheBrowser {

    @Test
    void oneStepAtATimeAndTheNextTimeItGoesOn() {
        openCopyOf("Lantern Walk");
        stage("Practise");
        browser.see(".now h2");
        browser.assertAccessible("practising");
        browser.clickText(".steps button", "Left hand");
        browser.seeText(".now h2", "Left hand");
        browser.clickText(".steps button", "Bass alone");
        browser.seeText(".now h2", "Bass alone");
        String percent = browser.see(".tempo b").getText();
        browser.clickText(".now button", "Begin");
        browser.see(".drawing .note.sounds");
        // The tune is silent in this step.
        assertThat(browser.all(".drawing .note.sounds").stream().map(note -> note.getDomAttribute("id")))
                .noneMatch(id -> id.startsWith("m"));
        browser.clickText(".now button", "A slip");
        browser.clickText(".now button", "A slip");
        browser.seeText(".tempo b", percent);
        browser.clickText(".now button", "Stop");
        String now = browser.see(".now h2").getText();
        browser.clickText(".now button", "Done");
        String next = browser.await("the next step", () -> {
            String shown = browser.see(".now h2").getText();
            return shown.equals(now) ? null : shown;
        });
        assertThat(browser.all(".steps input:checked")).hasSize(1);
        awaitSaved();
        browser.driver.navigate().refresh();
        browser.seeText(".now h2", next);
        assertThat(browser.all(".steps input:checked")).hasSize(1);
        browser.clickText("a", "A card for the week");
        browser.seeText("tbody th", "Left hand");
        assertThat(browser.all("tbody th").stream().map(WebElement::getText))
                .noneMatch(row -> row.contains("Bass alone"));
        browser.assertAccessible("the week's card");
        browser.driver.navigate().back();
        browser.see(".now h2");
        // What is heard is as it was once the stage is left.
        stage("Look");
        assertThat(browser.all("[aria-label='Loop from bar']").stream().filter(WebElement::isDisplayed))
                .isEmpty();
    }

    @Test
    void whatIsHeardAndSeenIsAsItIsWished() {
        openCopyOf("Ferry at Six");
        stage("Practise");
        browser.clickText(".steps button", "Left hand");
        browser.seeText(".now h2", "Left hand");
        browser.see(".drawing .note.grey");
        assertThat(ids(".drawing .note.grey")).allMatch(id -> id.startsWith("m"));
        browser.click(".more summary");
        browser.choose("how-memory", "Less and less");
        browser.await("notes to go", () -> ids(".drawing .note.gone").isEmpty() ? null : true);
        assertThat(ids(".drawing .note.gone")).allMatch(id -> id.startsWith("n"));
        browser.choose("how-ahead", "A bar ahead");
        browser.clickText(".now button", "Begin");
        assertThat(browser.see(".next b").getText()).isNotBlank();
        browser.clickText(".now button", "A slip");
        // A slip brings back what had gone.
        browser.await("all of it", () -> ids(".drawing .note.gone").isEmpty() ? true : null);
        browser.clickText(".now button", "Stop");
        browser.choose("how-span", "One bar");
        browser.await("one bar", () -> browser.see(".now h2").getText().equals("Left hand, pickup") ? true : null);
        browser.assertAccessible("practising otherwise");
    }

    @Test
    void aTeacherChangesTheWay() {
        openCopyOf("Lantern Walk");
        stage("Practise");
        browser.see(".now h2");
        String first = browser.see(".steps .step").getText();
        int steps = browser.all(".steps .step").size();
        browser.clickText("button", "Change the way");
        browser.click(".steps li:nth-child(1) [aria-label$='later']");
        browser.await(
                "another first step",
                () -> browser.see(".steps .step").getText().equals(first) ? null : true);
        browser.see(".steps li:nth-child(2) .change > input").sendKeys("As soft as snow", Keys.TAB);
        browser.click(".steps li:nth-child(1) [aria-label$='leave out']");
        browser.await("one step less", () -> browser.all(".steps .step").size() == steps - 1 ? true : null);
        awaitSaved();
        browser.assertAccessible("changing the way");
        browser.clickText("a", "A card for the week");
        browser.seeText("tbody th", "As soft as snow");
        browser.driver.navigate().back();
        browser.see(".steps .step");
        browser.clickText("button", "Change the way");
        browser.clickText("button", "Back to the app’s own way");
        browser.await("the way as it was", () -> browser.all(".steps .step").size() == steps ? true : null);
    }

    /** By the link, at home: the steps and nothing else, and the teacher sees what came of them. */
    @Test
    void aStudentPractisesAtHome() {
        openCopyOf("Lantern Walk");
        String lesson = browser.driver.getCurrentUrl();
        stage("Practise");
        browser.see(".now h2");
        browser.clickText("button", "to practise at home");
        String link = browser.see(".link a").getDomProperty("href");
        browser.open(link);
        browser.seeText(".now h2", "Bass alone");
        browser.see(".drawing .note");
        browser.assertAccessible("practising at home");
        assertThat(browser.all("[role=tab]")).isEmpty();
        browser.clickText(".now button", "Done");
        browser.await("the next step", () -> browser.see(".now h2").getText().startsWith("Bass") ? null : true);
        awaitSaved();
        browser.open(lesson.replaceAll("/[a-z]+$", "") + "/practise");
        browser.see(".now h2");
        assertThat(browser.all(".steps input:checked")).hasSize(1);
        browser.clickText(".link button", "Close");
        browser.seeText("button", "to practise at home");
        browser.open(link);
        browser.seeText("[role=alert]", "ask your teacher");
    }

    private static final String HEARD = """
            window.heard = [];
            const start = AudioBufferSourceNode.prototype.start;
            AudioBufferSourceNode.prototype.start = function (when, ...more) {
              if (when > 0) window.heard.push(when);
              return start.call(this, when, ...more);
            };
            """;

    /** Four quarters at 144 of 240 a minute, and a bar counted in before each round: to the audio clock, within 2 ms. */
    @Test
    void everyNoteSoundsInItsTimeRoundAfterRound() {
        newTune("title: In Time\ntempo: 240\nmeter: 4/4\n| C |\nm: c2 e2 g2 e2 |\n");
        stage("Practise");
        browser.seeText(".now h2", "Right hand");
        browser.script(HEARD);
        browser.clickText(".now button", "Begin");
        List<?> heard = browser.await("three rounds", () -> {
            List<?> so = (List<?>) browser.script("return window.heard");
            return so.size() < 12 ? null : so;
        });
        browser.clickText(".now button", "Stop");
        double beat = 60 / 144.0;
        double begin = ((Number) heard.get(0)).doubleValue();
        for (int note = 0; note < 12; note++) {
            double expected = begin + (note / 4 * 8 + note % 4) * beat;
            assertThat(((Number) heard.get(note)).doubleValue()).isCloseTo(expected, within(0.002));
        }
    }

    /** The sound itself, rendered and read by the JDK: what counts in and what is played, three rounds, within 2 ms. */
    @Test
    void aStepIsTakenAlongAsSoundAndIsInTime() throws Exception {
        newTune("title: Far Apart\ntempo: 240\nmeter: 4/4\n| C | G |\nm: c z7 | g z7 |\n");
        stage("Practise");
        browser.seeText(".now h2", "Right hand");
        browser.clickText("button", "This step as sound, to take along");
        Onsets sound = Onsets.in(browser.downloaded("Far Apart, Right hand bars 1 to 2.wav"));
        double beat = 60 / 144.0;
        for (int round = 0; round < 3; round++) {
            for (int at : List.of(0, 1, 2, 3, 4, 8)) {
                double expected = (12 * round + at) * beat;
                assertThat(sound.firstFrom(expected - 0.02)).isCloseTo(expected, within(0.002));
            }
        }
        assertThat(sound.seconds()).isCloseTo(36 * beat + 1, within(0.01));
    }

    private List<String> ids(String css) {
        return browser.all(css).stream().map(note -> note.getDomAttribute("id")).toList();
    }
}
