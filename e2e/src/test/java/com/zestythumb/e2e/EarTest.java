package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** What the ear hears, and how the teacher puts it right. */
class EarTest extends InTheBrowser {

    @Test
    void threeWaysForATuneWithoutChordsAreSeenBeforeOneIsKept() {
        openBareCopyOf("Moth at the Window");
        browser.seeText(".harmonies h2", "Chords for the tune");
        browser.await("three ways", () -> browser.all(".harmonies li").size() == 3 ? true : null);
        browser.clickText(".harmonies .way", "Rich");
        browser.see("[data-chord='0'].guess");
        assertThat(chart()).doesNotContain("F?");
        browser.assertAccessible("a proposal looked at");
        browser.clickText(".decide button", "Back");
        browser.seeNo("[data-chord='0']");
        browser.clickText(".harmonies .way", "Usual");
        browser.see("[data-chord='0'].guess");
        browser.clickText(".decide button", "Keep these");
        awaitChart("| F? | C7? |");
        awaitSaved();
    }

    @Test
    void aChordThatTheTeacherSetsStaysAndTheRestIsSolvedAroundIt() {
        openBareCopyOf("Moth at the Window");
        browser.clickText(".harmonies .way", "Plain");
        browser.see("[data-chord='0'].guess");
        browser.clickText(".decide button", "Keep these");
        awaitChart("| F? |");
        browser.click("[data-chord='4']");
        browser.seeText(".this-chord h2", "Bar 5");
        browser.await("prices", () -> browser.all(".this-chord .guess .odds").isEmpty() ? null : true);
        browser.clickText(".this-chord .guess .other", "Dm");
        awaitChart("| Dm | ");
        browser.clickText(".this-chord h2", "Bar 5: Dm");
        assertThat(chart()).contains("F?");
    }

    @Test
    void theProposalIsHeardFromItsBeginning() {
        openBareCopyOf("Moth at the Window");
        browser.await("three ways", () -> browser.all(".harmonies li").size() == 3 ? true : null);
        browser.click(".harmonies li:nth-child(2) .hear");
        browser.see("[data-chord='0'].guess");
        browser.seeText(".harmonies li:nth-child(2) .hear", "Stop");
        browser.click(".harmonies li:nth-child(2) .hear");
        browser.seeText(".harmonies li:nth-child(2) .hear", "Hear");
    }

    @Test
    void aSongWithoutItsKeyIsHeardAndOneKeyWritesItDown() {
        openCopyOf("Late Bus");
        browser.seeText(".heard", "sounds like G major");
        assertThat(chart()).doesNotContain("key:");
        browser.click("[data-chord='0']");
        browser.press("h");
        awaitChart("key: G major");
        browser.seeNo(".heard");
        browser.seeText(".facts", "G major");
        awaitSaved();
    }

    @Test
    void aTossUpNamesTheOtherKeyAndEitherCanBeWritten() {
        newTune("title: Round and round\n| Am | F | C | G |");
        browser.seeText(".heard", "sounds like");
        browser.seeText(".heard", "or ");
        String other = browser.see(".heard .soft").getText().replace("or ", "");
        browser.click(".heard .soft");
        awaitChart("key: " + other);
        browser.seeNo(".heard");
    }

    @Test
    void aBarIsSharedAsPlayersDoAndAQuietWordSaysHow() {
        newTune("title: Shared\nmeter: 3/4\n| C G7 | C |");
        browser.seeText(".taken", "2 + 1 counts");
        browser.seeNo(".problems");
    }

    @Test
    void aSenselessSymbolIsNamedInItsPlaceAndTheRestIsArranged() {
        newTune("title: Senseless\n| C | ####I | G7 | C |");
        browser.seeText(".problems", "####I");
        browser.await("the rest arranged", () -> browser.all("[data-chord]").size() == 3 ? true : null);
    }

    @Test
    void chordsReadFromNotesComeWithTheirOdds() {
        openCopyOf("Copper Kettle");
        browser.click("[data-chord='1']");
        browser.seeText(".this-chord .guess", "71 %");
        browser.seeText(".this-chord .guess .other", "22");
        browser.press(Keys.ARROW_LEFT);
        browser.seeText(".this-chord .guess", "97 %");
    }
}
