package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** What a teacher does to a left hand, each panel in a real browser. */
class LeftHandTest extends InTheBrowser {

    private void panel(String name) {
        boolean seldom = browser.all(".more button").stream()
                .noneMatch(button -> button.getText().equals(name));
        if (seldom) {
            browser.clickText(".more button", "More");
        }
        browser.clickText(".more button", name);
        browser.seeText("section header button", "Back");
    }

    private void back() {
        browser.clickText("section header button", "Back");
        browser.see(".more");
    }

    private int notes() {
        return browser.all(".drawing .note").size();
    }

    /** Every style is seen with its picture and what it does before it is taken. */
    @Test
    void aStyleIsSeenBeforeItIsTaken() {
        openCopyOf("Paper Boats");
        panel("Voicings");
        browser.await("pictures", () -> browser.all(".styles .picture").size() > 12 ? true : null);
        assertThat(browser.seeText(".styles button", "Two-note shells").getText())
                .contains("half steps", "to learn");
        browser.assertAccessible("styles");
        browser.clickText(".styles button", "Two-note shells");
        browser.await("two keys to a chord", () -> browser.all(".keys .key").size() == 2 ? true : null);
    }

    /** A bar is written out to change its notes, typed anew, and left to the app again. */
    @Test
    void aBarIsWrittenOutChangedAndLeftAgain() {
        newTune("title: By hand\n| C | F | G7 | C |");
        awaitBars(4);
        stage("Left hand");
        browser.clickText(".written-bars button", "Write this bar out");
        browser.seeText(".written-bars", "Bar 1 is written note by note");
        assertThat(chart()).contains("l: [C,E,G,]8 |");
        browser.type("title: By hand\n| C | F | G7 | C |\nl: C,2 G,2 E,2 G,2 | | | |");
        browser.await("four notes and three chords", () -> notes() == 4 + 3 * 3 ? true : null);
        browser.assertAccessible("a written left hand");
        browser.clickText(".written-bars button", "Let the app find this bar");
        browser.await("four chords", () -> notes() == 4 * 3 ? true : null);
        assertThat(chart()).doesNotContain("l:");
    }

    /** A figure of her own: laid by keys, heard of by its name in another tune. */
    @Test
    void anOwnFigureIsMadeAndPlayedInAnotherTune() {
        openCopyOf("Paper Boats");
        panel("Your own pattern");
        browser.click("[data-cell='0-1']");
        for (String cell : new String[] {"2-2", "4-3", "6-2"}) {
            browser.click("[data-cell='" + cell + "']");
        }
        // One more by keyboard: right of the last cell, and up to the third place.
        browser.press(Keys.ARROW_RIGHT);
        browser.press(Keys.ARROW_UP);
        browser.press(Keys.SPACE);
        browser.await("five strokes", () -> browser.all(".cell.on").size() == 5 ? true : null);
        browser.await("the figure on the page", () -> notes() > 60 ? true : null);
        browser.assertAccessible("figure maker");
        browser.click("#figure-name");
        browser.press("Rocking boat");
        browser.clickText("button", "Keep it for every tune");
        browser.seeText("[aria-label='Your figures'] li", "Rocking boat");
        back();

        browser.open(app.address());
        openCopyOf("The Tin Rooster");
        browser.choose("figure", "Rocking boat");
        browser.await("saved", () -> browser.see(".head").getText().contains("saved") ? true : null);
        assertThat(browser.see("#figure").getText()).isEqualTo("Rocking boat");
    }

    /** By playing it once: the number keys stand in for a MIDI keyboard. */
    @Test
    void aFigureIsPlayedOnce() {
        openCopyOf("Paper Boats");
        panel("Your own pattern");
        browser.clickText(".do button", "Play it once");
        browser.clickText(".do button", "That is all");
        browser.clickText(".do button", "Play it once");
        browser.script("document.activeElement.blur()");
        for (String key : new String[] {"1", "5", "3", "5"}) {
            long strokes = browser.all(".cell.on").size();
            browser.press(key);
            browser.await("a stroke more", () -> browser.all(".cell.on").size() > strokes ? true : null);
        }
        browser.see("[data-cell='0-1'].on");
        browser.see("[data-cell='1-3'].on");
        browser.see("[data-cell='2-2'].on");
        browser.see("[data-cell='3-3'].on");
    }

    /** Two keys struck are a pair measured; the next pair is asked for. */
    @Test
    void aHandIsMeasured() {
        openCopyOf("Saturday Kitchen");
        panel("Hand size");
        browser.seeText(".ask", "little finger and thumb");
        browser.click("[data-key='48']");
        browser.click("[data-key='57']");
        browser.seeText(".ask", "little finger and second finger");
        browser.seeText("[aria-label='What was measured'] button", "5–1 sixth");
        browser.click("[data-key='48']");
        browser.click("[data-key='55']");
        browser.seeText("[aria-label='What was measured'] button", "5–2 fifth");
        browser.assertAccessible("measuring");
        back();
        browser.await("a sixth", () -> browser.see("#span").getText().equals("a sixth") ? true : null);
    }

    /** The two schools of the pedal are drawn differently. */
    @Test
    void thePedalIsDrawnBySchool() {
        newTune("| C G | F C |");
        awaitBars(2);
        stage("Left hand");
        assertThat(browser.all(".drawing .pedal")).isEmpty();
        panel("Touch and pedal");
        browser.assertAccessible("pedal and touch");
        browser.choose("pedal", "Joined");
        browser.await(
                "a foot for each chord", () -> browser.all(".drawing .pedal").size() >= 4 ? true : null);
        int joined = browser.all(".drawing .pedal").size();
        browser.choose("pedal", "Separated");
        browser.await("one for each bar", () -> {
            int now = browser.all(".drawing .pedal").size();
            return now > 0 && now < joined ? true : null;
        });
        browser.choose("pedal", "None");
        browser.seeNo(".drawing .pedal");
    }

    /** Fingers over the tune where they are wished: five keys under five fingers need one number. */
    @Test
    void theTuneHasItsFingers() {
        newTune("key: C major\n| C |\nm: c2 d2 e2 f2 |");
        awaitBars(1);
        stage("Left hand");
        browser.see(".drawing .fing");
        int before = browser.all(".drawing .fing").size();
        panel("Touch and pedal");
        browser.click(".tick input");
        browser.await("one finger more", () -> browser.all(".drawing .fing").size() == before + 1 ? true : null);
    }

    /** Three left hands from one wish, one of them beside the one that is played, and then taken. */
    @Test
    void twoWaysAreCompared() {
        openCopyOf("Lantern Walk");
        panel("Suggestions");
        browser.clickText("button", "Suggest");
        browser.await(
                "three", () -> browser.all("[aria-label='Suggestions'] li").size() == 3 ? true : null);
        assertThat(browser.seeText("[aria-label='Suggestions'] li", "Rich").getText())
                .contains("leap", "stretch", "speed", "bars to learn", "reading", "of practice");
        browser.clickText("[aria-label='Suggestions'] .do button", "Compare");
        browser.see(".beside .drawing .note");
        browser.assertAccessible("comparing");
        String name = browser.see(".beside header b").getText();
        browser.clickText(".beside header button", "Take it");
        browser.seeNo(".beside");
        back();
        assertThat(name.toLowerCase())
                .startsWith(browser.see("#style").getText().toLowerCase());
    }

    /** The way to a left hand, a thing more at a time. */
    @Test
    void aLeftHandIsComeToInSteps() {
        openCopyOf("Paper Boats");
        panel("Suggestions");
        browser.clickText(".go", "Your left hand in steps");
        browser.seeText("[aria-label^='Steps to'] li", "The bass alone");
        browser.assertAccessible("steps");
        browser.clickText("[aria-label^='Steps to'] li:nth-of-type(1) button", "Take it");
        browser.await("one key to a chord", () -> browser.all(".keys .key").size() == 1 ? true : null);
    }

    /** One note goes to the right hand, a finger is the teacher's own, and another note is left out. */
    @Test
    void aChordIsFixedNoteByNote() {
        openCopyOf("Paper Boats");
        browser.clickText(".all-ways", "Note by note");
        int staves = browser.all(".drawing .staff").size();
        browser.choose("manner-2", "in the right hand");
        browser.await("a second staff", () -> browser.all(".drawing .staff").size() > staves ? true : null);
        browser.choose("manner-1", "brought out");
        browser.see(".drawing .artic");
        browser.choose("finger-0", "4, your own");
        browser.assertAccessible("note by note");
        back();
        browser.await("a right hand and an own finger", () -> {
            String keys = browser.see(".keys").getText();
            return keys.contains("C 4") && keys.contains("right") ? true : null;
        });
        browser.clickText(".all-ways", "Note by note");
        browser.choose("wanted-top", "any");
        browser.choose("manner-1", "left out");
        back();
        browser.await("two keys", () -> browser.all(".keys .key").size() == 2 ? true : null);
        browser.seeText(".left-out", "Without E");
    }

    /** A clash with the tune is told, heard without it, and fixed. */
    @Test
    void aClashIsFixed() {
        newTune("key: C major\n| Cmaj7 | F |\nm: c8 | a8 |");
        awaitBars(2);
        stage("Left hand");
        browser.choose("style", "Guide tones");
        browser.await("third and seventh", () -> browser.all(".keys .key").size() == 2 ? true : null);
        stage("Check");
        browser.clickText(".finding", "Clash");
        browser.seeText("[aria-label='Ways to fix it'] li", "Play B softly");
        browser.assertAccessible("fixes");
        browser.click("[aria-label='Take: play B softly']");
        browser.seeText(".findings", "No problems");
    }

    /** Kept at one chord, and then wherever that chord comes, in lines that are alike, or here alone. */
    @Test
    void aVoicingIsKeptInAllLikeLines() {
        newTune("key: C major\n| C | F | G7 | C |\n| C | F | G7 | C |\n| F | C |");
        awaitBars(10);
        stage("Left hand");
        browser.click("[data-chord='1']");
        browser.seeText(".this-chord h2", "Bar 2");
        browser.clickText(".other", "F A C");
        browser.seeText(".pin", "Kept");
        browser.await("kept here", () -> pinned().equals("1") ? true : null);
        browser.choose("scope", "In all like lines");
        browser.await("kept in both lines", () -> pinned().equals("1 5") ? true : null);
        browser.choose("scope", "Wherever this chord comes");
        browser.await("kept everywhere", () -> pinned().equals("1 5 8") ? true : null);
        // Freed at another of its places.
        browser.click("[data-chord='5']");
        browser.seeText(".this-chord h2", "Bar 6");
        browser.clickText(".this-chord .pin", "Kept");
        browser.await("free", () -> pinned().isEmpty() ? true : null);
    }

    private String pinned() {
        return (String) browser.script("return [...document.querySelectorAll('[data-chord]')]"
                + ".filter((one) => one.querySelector('.pin')).map((one) => one.dataset.chord).join(' ')");
    }

    /** Patterns that bring their own voicing say so, and are engraved. */
    @Test
    void patternsBringTheirVoicing() {
        newTune("key: C major\nfeel: swing\n| C7 | F7 | C7 | G7 |\n| C7 |");
        awaitBars(5);
        stage("Left hand");
        for (String pattern : List.of("Walking bass", "Boogie", "Shuffle", "Open arpeggio", "Bossa")) {
            String before = browser.engravedNotes();
            browser.choose("figure", pattern);
            browser.await(pattern, () -> browser.engravedNotes().equals(before) ? null : true);
            browser.seeText(".choices .words", "It brings its own voicing");
        }
        browser.choose("figure", "Alberti");
        browser.await("the chosen voicing", () -> browser.all(".choices .words").size() == 1 ? true : null);
    }

    /** The last bar comes to rest, or keeps its pattern. */
    @Test
    void theLastBarKeepsItsPattern() {
        openCopyOf("Paper Boats");
        browser.choose("figure", "Alberti");
        browser.await("eighths", () -> notes() > 100 ? true : null);
        int resting = notes();
        panel("Touch and pedal");
        browser.choose("ending", "Keeps its pattern");
        browser.await("eighths to the end", () -> notes() > resting ? true : null);
        back();
    }

    /** Another way, with what it costs and why, is taken. */
    @Test
    void aPriceIsSeenAndTaken() {
        openCopyOf("Paper Boats");
        browser.clickText(".all-ways", "Other voicings");
        browser.await("prices", () -> browser.all("[aria-label='Prices'] li").size() >= 3 ? true : null);
        assertThat(browser.seeText("[aria-label='Prices'] li", "E G C").getText())
                .contains("a first chord that is not in root position");
        browser.clickText("[aria-label='Prices'] li button", "E G C");
        back();
        browser.seeText(".pin", "Kept");
        assertThat(browser.see(".keys").getText()).startsWith("E 5");
    }

    /** Wishes are turned, some bars are played in another way, and what is turned can be put back. */
    @Test
    void wishesAndStretchesAreTurned() {
        openCopyOf("Paper Boats");
        panel("Preferences");
        browser.seeText("section", "better");
        browser.choose("wish-shapes", "much");
        browser.clickText(".reset", "All as usual");
        browser.seeNo(".reset");
        back();
        int before = notes();
        panel("Different in some bars");
        browser.choose("stretch-figure", "Alberti");
        browser.clickText("button", "Play these bars so");
        browser.await("more notes", () -> notes() > before ? true : null);
        browser.click("[aria-label^='No longer']");
        browser.await("as before", () -> notes() == before ? true : null);
        back();
    }

    /** Scale, arpeggio, broken chord and cadence of the tune's key, on two staves. */
    @Test
    void aTuneHasItsWarmUp() {
        openTune("Paper Boats");
        stage("Print and share");
        browser.clickText("a.positions", "Warm-up");
        browser.seeText("h1", "Warm-up in C major");
        browser.await("nine bars", () -> browser.all(".drawing .measure").size() == 9 ? true : null);
        browser.assertAccessible("warm-up");
    }

    /** Small keyboards of the whole tune, for paper. */
    @Test
    void positionsStandOnOneSheet() {
        openTune("Paper Boats");
        stage("Print and share");
        browser.clickText("a.positions", "Positions");
        browser.await("a keyboard for each chord", () -> browser.all("ol svg").size() == 21 ? true : null);
        browser.assertAccessible("positions");
    }
}
