package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** A lesson from end to end, in a real browser on the packaged app. */
class LessonTest extends InTheBrowser {

    @Test
    void theThinnestSlice() {
        newTune("title: First steps\nkey: C major\nmeter: 4/4\n| C | F | G7 | C |");
        browser.await(
                "four bars", () -> bars() == 4 && browser.all("[data-chord]").size() == 4 ? true : null);
        assertThat(browser.see("h1").getText()).isEqualTo("First steps");
        assertThat(browser.see("[data-chord='0']").getAccessibleName()).isEqualTo("Bar 1, count 1: C, I");
        assertThat(browser.see("[data-chord='1']").getAccessibleName()).isEqualTo("Bar 2, count 1: F, IV6/4");
        assertThat(browser.see("svg.hand").getDomAttribute("aria-label"))
                .isEqualTo("C: 5 on C, 3 on E, 1 on G. Next: 5 stays, 2 (for 3) and 1 up a step");
    }

    /** Common practice: the F sharp of a D7 in C is signed in each hand, and for the rest of its bar no more. */
    @Test
    void accidentalsAreDrawn() {
        newTune("key: C major\n| D7 | G |\nm: ^f4 f4 | g8");
        awaitBars(2);
        browser.await("two sharps", () -> browser.all(".drawing .accid > *").size() == 2 ? true : null);
    }

    @Test
    void aDemoTuneIsWalkedThroughByKeyboard() {
        openTune("Paper Boats");
        assertThat(bars()).isEqualTo(16);
        browser.press(Keys.ARROW_RIGHT);
        browser.see("[data-chord='1'].chosen");
        assertThat(browser.see(".moves h2").getText()).isEqualTo("F → G7");
        browser.press(Keys.ARROW_LEFT);
        browser.see("[data-chord='0'].chosen");
        browser.press("?");
        browser.seeText("[role=dialog]", "next chord");
        browser.press(Keys.ESCAPE);
        browser.seeNo("[role=dialog]");
        // The chart gives way to the music where nobody writes.
        browser.seeNo(".cm-content");
        browser.press("t");
        browser.see(".cm-content");
        browser.press("t");
        browser.seeNo(".cm-content");
    }

    @Test
    void aMistakeIsNamedInItsPlaceAndMended() {
        newTune("key: G major\nmeter: 3/4\n| G | Emm | D7 | G |");
        browser.seeText(".problems li", "bar 2, beat 1 \"Emm\" is not a chord; did you mean Em or Em6?");
        browser.see(".cm-lintRange-error");
        // What could be read stands engraved meanwhile.
        browser.await("three chords", () -> browser.all("[data-chord]").size() == 3 ? true : null);
        browser.click(".problems button");
        browser.press("Em");
        browser.seeNo(".problems");
        browser.await("four chords", () -> browser.all("[data-chord]").size() == 4 ? true : null);
    }

    @Test
    void anotherFigureAndAnotherHandChangeTheNotes() {
        openCopyOf("Long Way Home");
        String before = browser.engravedNotes();
        browser.choose("figure", "Alberti");
        browser.await("other notes", () -> browser.engravedNotes().equals(before) ? null : true);
        String alberti = browser.engravedNotes();
        assertThat(alberti.split(" ").length).isGreaterThan(before.split(" ").length);
        browser.choose("setting-inversions", "Nearest");
        browser.await("other notes", () -> browser.engravedNotes().equals(alberti) ? null : true);

        browser.choose("figure", "Block");
        browser.choose("span", "an octave");
        browser.await("block chords", () -> browser.all(".drawing .beam").isEmpty() ? true : null);
        String octave = browser.see("svg.hand").getDomAttribute("aria-label");
        browser.choose("span", "a minor sixth");
        browser.await(
                "a narrower chord",
                () -> browser.see("svg.hand").getDomAttribute("aria-label").equals(octave) ? null : true);
    }

    /** Guide tones: two notes to a chord, and the numerals stay those of chords on their roots. */
    @Test
    void anotherStyleIsSeenOnThePageAndKept() {
        openCopyOf("Saturday Kitchen");
        browser.choose("style", "Guide tones");
        browser.await("two keys to a chord", () -> browser.all(".keys .key").size() == 2 ? true : null);
        assertThat(browser.see(".choices .words").getText()).startsWith("Level 3: third and seventh");
        assertThat(browser.see(".left-out").getText()).isEqualTo("Without B♭, F.");
        browser.await("saved", () -> browser.see(".head").getText().contains("saved") ? true : null);
        browser.choose("style", "Bass, then chord");
        browser.choose("figure", "Bass, then chords");
        // A bass, three notes above it, and the fifth that takes turns with the bass.
        browser.await("five keys to a chord", () -> browser.all(".keys .key").size() == 5 ? true : null);
        browser.await("beats", () -> browser.all(".drawing .note").size() > 100 ? true : null);
    }

    @Test
    void aStretchIsFlaggedAndCleared() {
        openCopyOf("Long Way Home");
        stage("Check");
        browser.seeText(".well", "No problems");
        // A voicing that is kept stays when a smaller hand comes to it.
        stage("Left hand");
        browser.click("[data-chord='3']");
        browser.seeText(".this-chord h2", "Bar 4");
        browser.clickText(".this-chord .pin", "Keep this voicing");
        browser.seeText(".pin", "Kept");
        browser.choose("span", "a fifth");
        browser.see("[data-chord='3'] .wedge");
        stage("Check");
        browser.clickText(".finding[data-code=stretch]", "Bar 4");
        browser.see("[data-chord='3'].chosen");
        assertThat(browser.see(".finding.here").getText()).contains("this hand reaches 7");
        stage("Left hand");
        browser.choose("span", "an octave");
        browser.seeNo("[data-chord='3'] .wedge");
        stage("Check");
        browser.seeNo(".finding[data-code=stretch]");
    }

    @Test
    void choosingABarAnywhereChoosesItEverywhere() {
        openTune("Paper Boats");
        browser.click("[data-chord='2']");
        browser.seeText(".this-chord h2", "Bar 3: G7");
        showChart();
        assertThat(browser.see(".chosen-bar").getText()).isEqualTo("G7");
        assertThat(browser.see("svg.hand").getDomAttribute("aria-label")).startsWith("G7:");
        // From the text: the cursor put into a bar chooses it.
        browser.clickText(".cm-line", "C / Am /");
        browser.press(Keys.HOME);
        browser.press("" + Keys.ARROW_RIGHT + Keys.ARROW_RIGHT);
        browser.seeText(".this-chord h2", "Bar 5: C");
        browser.see("[data-chord='4'].chosen");
    }

    @Test
    void thePageFollowsWhatIsTypedAndThenWhatIsChosen() {
        newTune("title: Long" + "\n| C | F | G7 | C |".repeat(8));
        awaitBars(32);
        awaitInView(31);
        browser.press("\n| Am | Dm |");
        awaitInView(33);
        browser.seeText(".this-chord h2", "Bar 1: C");
        // From the text: the cursor put into a bar chooses it.
        browser.clickText(".cm-line", "Long");
        browser.press("" + Keys.ARROW_DOWN + Keys.END);
        browser.seeText(".this-chord h2", "Bar 4: C");
        awaitInView(3);
    }

    private void awaitInView(int chord) {
        browser.await("chord " + chord + " in view", () -> (Boolean) browser.script("""
                const chord = document.querySelector(`[data-chord='${arguments[0]}']`)?.getBoundingClientRect();
                const page = document.querySelector('.score').getBoundingClientRect();
                return Boolean(chord) && chord.bottom <= page.bottom + 1 && chord.top >= page.top - 1;
                """, chord) ? true : null);
    }

    @Test
    void aTuneIsSavedAndStillThereAfterReloading() {
        newTune("title: Kept\n| C | Am | Dm | G7 | C |");
        awaitBars(5);
        stage("Left hand");
        browser.choose("figure", "Broken up");
        // Drawn anew, the chords move: a press that falls into that moment lands on none.
        browser.see(".drawing .beam");
        browser.click("[data-chord='1']");
        browser.see("[data-chord='1'].chosen");
        browser.clickText(".this-chord .pin", "Keep this voicing");
        browser.see("[data-chord='1'] .pin");
        browser.see(".save[data-state=saved]");
        browser.driver.navigate().refresh();
        awaitBars(5);
        browser.see("[data-chord='1'] .pin");
        assertThat(browser.see("h1").getText()).isEqualTo("Kept");
        // No draft is left behind on this device.
        assertThat(browser.script("return Object.keys(localStorage).filter(k => k.startsWith('zesty.draft')).length"))
                .isEqualTo(0L);
        assertThat(browser.see("#figure").getText()).isEqualTo("Broken up");
        browser.click(".head .shelf");
        browser.seeText(".tune", "Kept");
    }

    private void fromStudents(String entry) {
        browser.click(".student .who");
        browser.clickText("[role=menuitem]", entry);
    }

    @Test
    void aStudentMoreHasChoicesOfHisOwn() {
        openCopyOf("Lantern Walk");
        fromStudents("A new student");
        browser.see("input[aria-label='Name of the student']");
        browser.press("Mira, 7" + Keys.ENTER);
        browser.seeText(".student .who", "Mira, 7");
        browser.choose("figure", "Block");
        browser.await("block chords", () -> browser.all(".drawing .beam").isEmpty() ? true : null);
        browser.see(".save[data-state=saved]");
        fromStudents("Otto, 13");
        browser.see(".drawing .beam");
        browser.driver.navigate().refresh();
        browser.see(".drawing .beam");
        fromStudents("Mira, 7");
        browser.await("block chords", () -> browser.all(".drawing .beam").isEmpty() ? true : null);
        browser.assertAccessible("the lesson of Mira");
    }

    /** What was taken from a student is given back with all that was chosen. */
    @Test
    void takingATuneFromAStudentCanBeUndone() {
        openCopyOf("Paper Boats");
        fromStudents("Otto, 13");
        browser.see(".drawing .beam");
        fromStudents("Plays this no longer");
        browser.await("block chords", () -> browser.all(".drawing .beam").isEmpty() ? true : null);
        browser.seeText(".student .who", "Wren, 8");
        browser.clickText(".p-toast button", "Put it back");
        browser.seeText(".student .who", "Otto, 13");
        browser.see(".drawing .beam");
    }

    /** The stages are addresses: they can be gone back to, and are said when they are shown. */
    @Test
    void everyStageHasItsOwnAddress() {
        openTune("Paper Boats");
        stage("Check");
        browser.seeText(".findings", "Watch out");
        assertThat(browser.driver.getCurrentUrl()).endsWith("/check");
        browser.seeText("[aria-live=polite].only-heard", "Paper Boats, Check");
        browser.assertAccessible("checking");
        browser.driver.navigate().refresh();
        browser.seeText(".findings", "Watch out");
        browser.click("[role=tab][aria-selected=true]");
        browser.press(Keys.ARROW_RIGHT);
        browser.press(Keys.ENTER);
        browser.see(".exercise-stage");
        browser.click("[role=tab][aria-selected=true]");
        browser.press(Keys.ARROW_RIGHT);
        browser.press(Keys.ENTER);
        browser.see(".now .do");
        browser.click("[role=tab][aria-selected=true]");
        browser.press(Keys.ARROW_RIGHT);
        browser.press(Keys.ENTER);
        browser.see(".take");
        browser.assertAccessible("taking away");
    }

    @Test
    void itIsHeardAndTheSoundingNotesAreShown() {
        openTune("Paper Boats");
        browser.click("[aria-label=Play]");
        browser.see(".drawing .note.sounds");
        browser.see(".key.heard");
        browser.see("[data-chord='1'].chosen");
        browser.click("[aria-label=Stop]");
        browser.seeNo(".drawing .note.sounds");
        // Engraver, samples and player ship with the app; nothing else is asked for.
        assertThat(browser.refusals()).isEmpty();
        assertThat(browser.see(".play").getDomAttribute("data-state")).isEqualTo("still");
    }

    @Test
    void aRangeIsLooped() {
        openTune("Saturday Kitchen");
        browser.clickText(".toggle", "Loop");
        browser.see("[data-chord='0'].looped");
        browser.script("document.querySelector('[type=range]').value = 200;"
                + "document.querySelector('[type=range]').dispatchEvent(new Event('input', {bubbles: true}))");
        browser.click("[aria-label=Play]");
        browser.see("[data-chord='1'].chosen");
        // Round again: the first chord of the looped bar returns.
        browser.see("[data-chord='0'].chosen");
        browser.see("[data-chord='1'].chosen");
        browser.click("[aria-label=Stop]");
        browser.see(".play[data-state=still]");
    }

    @Test
    void aTuneTakenOffTheShelfCanBePutBack() {
        browser.click("[aria-label='Take Harbour Lights off the shelf']");
        browser.await(
                "one less",
                () -> browser.all(".tune").stream().noneMatch(t -> t.getText().contains("Harbour Lights"))
                        ? true
                        : null);
        browser.clickText(".p-toast button", "Put it back");
        browser.seeText(".tune", "Harbour Lights");
    }

    /** No finding of serious or critical impact on any main view, in both looks (axe-core, WCAG 2 AA). */
    @Test
    void theViewsAreAccessible() {
        browser.assertAccessible("the shelf");
        openTune("Long Way Home");
        browser.assertAccessible("the lesson");
        browser.press("t");
        browser.click("[aria-label='Dark']");
        browser.see("html.evening");
        browser.assertAccessible("the lesson in the evening");
        browser.press("?");
        browser.seeText("[role=dialog]", "next chord");
        browser.assertAccessible("the list of keys");
    }

    @Test
    void nothingIsFetchedFromElsewhere() {
        openTune("Paper Boats");
        browser.click("[aria-label=Play]");
        browser.see(".key.heard");
        Object foreign = browser.script(
                "return performance.getEntriesByType('resource').map(e => e.name).filter(n => !n.startsWith(arguments[0]) && !n.startsWith('data:') && !n.startsWith('blob:'))",
                app.address());
        assertThat((List<?>) foreign).isEmpty();
    }

    /** The address of a tune that was taken off the shelf says so, and puts it back. */
    @Test
    void theAddressOfATuneOffTheShelfPutsItBack() {
        openCopyOf("Paper Boats");
        String address = browser.driver.getCurrentUrl();
        browser.script("return fetch('/api' + location.pathname.replace(/\\/[a-z]+$/, ''), {method: 'DELETE'})");
        browser.open(address);
        browser.seeText(".missing", "This tune was taken off the shelf.");
        browser.assertAccessible("a tune off the shelf");
        browser.clickText(".missing button", "Put it back");
        browser.see("[data-chord='0'].chosen");
        browser.seeNo(".missing");
    }

    /** On an upright tablet too a new tune opens where one writes. */
    @Test
    void aNewTuneIsWrittenOnASmallScreen() {
        browser.size(820, 1180);
        browser.driver.navigate().refresh();
        newTune("key: C major\n| C | F |");
        awaitBars(2);
        browser.see(".cm-content");
    }
}
