package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Looking before playing: what the progression does, and the teacher's own word on it. */
class LookFirstTest extends InTheBrowser {

    @Test
    void aTuneIsLookedAtBeforeItIsPlayed() {
        newTune("title: Look\n| C | F | G7 | C |\n| Am | D7 | G | D7 |\n| Em | Am D7 | G | G |");
        awaitBars(12);
        stage("Look");
        browser.seeText(".look .sum", "12 bars");
        browser.seeText(".look .row", "G major");
        browser.seeText(".look .row", "by way of Am");
        browser.clickText(".look .row", "bar 4");
        browser.see("[data-chord='3'].chosen");
        browser.seeText(".this-chord .why", "uthentic cadence, a full stop");
        browser.click(".look .map li:nth-child(6) button");
        browser.see("[data-chord='5'].chosen");
        browser.assertAccessible("looking first");
        browser.clickText(".schools button", "IIm7");
        browser.seeText("[data-chord='4'] .lane", "VIm");
        browser.clickText(".schools button", "T S D");
        browser.seeText("[data-chord='5'] .lane", "D");
        browser.clickText(".schools button", "ii");
        browser.click("[data-chord='5']");
        browser.await("the row it is part of", () -> browser.all(".chord.row").size() >= 3 ? true : null);
        browser.see(".chord .row-name");
    }

    /** What a written left hand does is told; a plainer one is laid beside it, and so is the app's own. */
    @Test
    void aWrittenLeftHandIsTold() {
        newTune("title: Told\nkey: C\n| C | F | G7 | C |\n"
                + "l: C,G,E,G, C,G,E,G, | C,A,F,A, C,A,F,A, | B,,G,F,G, B,,G,E,G, | [C,E,G,]8 |");
        awaitBars(4);
        stage("Look");
        browser.seeText(".look .row", "Alberti");
        browser.seeText(".look .row", "root 5th 3rd 5th");
        browser.clickText(".look .row", "but look at count 4");
        browser.see("[data-chord='2'].chosen");
        browser.clickText(".look button", "The bass alone");
        browser.seeText(".beside header", "The bass alone");
        browser.see(".beside .score .chord");
        browser.assertAccessible("a pass beside the page");
        browser.clickText(".beside header button", "Take bar 3 alone");
        awaitChart("B,,8 |");
        browser.see(".beside .score .chord");
        browser.clickText(".p-toast button", "Put it back");
        awaitChart("B,,G,F,G, B,,G,E,G,");
        browser.clickText(".look button", "What the app would write");
        browser.seeText(".beside header", "What the app would write");
        browser.clickText(".beside header button", "Close");
        browser.await("closed", () -> browser.all(".beside").isEmpty() ? true : null);
        browser.clickText(".look button", "The chords, held");
        browser.clickText(".beside header button", "Take it");
        browser.await(
                "no chord is broken any more",
                () -> browser.all(".look .row").stream()
                                .noneMatch(row -> row.getText().contains("Alberti"))
                        ? true
                        : null);
        browser.clickText(".p-toast button", "Put it back");
        browser.seeText(".look .row", "Alberti");
        browser.await("one page again", () -> browser.all(".beside").isEmpty() ? true : null);
        browser.clickText(".look button", "Use this pattern");
        stage("Left hand");
        browser.see(".written-bars");
    }

    /** What the eye passes over, who plays when, and what comes again. */
    @Test
    void bothHandsAreToldBarByBar() {
        newTune("title: Both\nkey: C\n| C | C | G7 | C |\nm: c2 d2 e4 | d2 e2 f4 | g2 f2 d4 | c8 |\n"
                + "l: C,2 ^F,2 ^F,2 G,2 | C,2 E,2 G,4 | G,4 z2 [K:clef=treble]B,2 | [K:clef=bass]C,8 |");
        awaitBars(4);
        stage("Look");
        browser.seeText(".look .row", "still F♯: the sign on count 2 lasts the bar");
        browser.seeText(".look .row", "silent on 3: count on");
        browser.seeText(".look .row", "the clef changes: it looks like");
        browser.seeText(".look .row", "as bar 1, a step higher");
        browser.seeText(".look .row", "both hands go the same way with unlike fingers");
        assertThat(browser.see(".look table.together").getText()).contains("count");
        browser.assertAccessible("both hands");
    }

    @Test
    void theKeysAreDrawnAndTheTuneMarkedWhereItLeans() {
        newTune("title: Plan\nkey: C\n| C | F | G7 | C |\nm: c4 d4 | c2 B2 A4 | c4 B4 | c8 |\n"
                + "| D7 | G | Em | Am |\n| D7 | G | D7 | G |\n| C | F | G7 | C |\n| C | F | G7 | C |\n| F | C |");
        awaitBars(22);
        stage("Look");
        assertThat(browser.see(".look .plan").getDomAttribute("aria-label"))
                .isEqualTo("Plan of the keys: C major, then G major, then C major");
        browser.click("[data-chord='1']");
        browser.seeText(".this-chord .why", "The tune has a note");
        // A suspension over G7 is drawn in softer ink, with a stroke above it.
        assertThat(browser.all(".drawing .note.foreign")).hasSizeGreaterThan(1);
        browser.see(".lean");
        stage("Left hand");
        browser.choose("setting-inversions", "Root position");
        stage("Look");
        browser.seeText(".again", "Bars 17–20 are 1–4 again");
        browser.clickText(".again button", "13–16");
        browser.see("[data-chord='12'].chosen");
        browser.assertAccessible("the plan of keys");
    }

    @Test
    void theTeacherOverrulesWithOneKeyAndItStays() {
        newTune("title: Overruled\n| C | Am | D7 | G7 | C |");
        awaitBars(5);
        browser.click("[data-chord='1']");
        browser.seeText(".this-chord .numeral", "vi");
        browser.press("r");
        awaitChart("Am=");
        browser.see("[data-chord='1'] .own");
        browser.seeText(".this-chord .why", "As you hear it; by rule vi.");
        String own = browser.see(".this-chord .numeral").getText();
        browser.see(".save");
        showChart();
        browser.click(".cm-content");
        browser.press(" F |");
        awaitBars(6);
        browser.seeText(".save", "saved");
        browser.open(browser.driver.getCurrentUrl());
        browser.see("[data-chord='1'] .own");
        browser.click("[data-chord='1']");
        assertThat(browser.see(".this-chord .numeral").getText()).isEqualTo(own);
        browser.clickText(".numeral-choice", "vi");
        browser.seeNo("[data-chord='1'] .own");
    }

    @Test
    void aWrongKeyIsPointedOutAndNoKeyIsAdmitted() {
        newTune("title: Wrong\nkey: F\n| E | A | B7 | E |\n| E | A | B7 | E |");
        stage("Look");
        browser.seeText(".look .against", "but it sounds like E major");
        browser.type("title: None\n| Caug | Ddim7 | F#aug | Ebdim7 | G#aug | Bdim7 | Aaug |");
        stage("Look");
        browser.seeText(".look", "No clear key.");
    }
}
