package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Lead sheets and songs in and out again, in a real browser on the packaged app. */
class SheetsTest extends InTheBrowser {

    @TempDir
    Path files;

    private void bring(Path... brought) {
        browser.clickText(".shelf button", "Bring tunes in");
        browser.see("#pasted");
        String names = Stream.of(brought).map(Path::toString).collect(Collectors.joining("\n"));
        browser.driver.findElement(By.cssSelector("input[type=file]")).sendKeys(names);
    }

    private Path write(String name, byte[] content) throws IOException {
        return Files.write(files.resolve(name), content);
    }

    /** A page of piano music keeps its left hand, unless the app shall find one. */
    @Test
    void theLeftHandOfAPageIsKeptOrNot() throws IOException {
        LeadSheet page =
                Chart.parse("title: A page\n| C | F |\nm: c8 | a8 |\nl: !5!C,2 !1!G,2 !2!E,2 !1!G,2 | C,4 F,4 |");
        Path file = write("page.musicxml", new MusicXmlWriter(Staves.GRAND).write(Arrangement.of(page, Choices.USUAL)));
        bring(file);
        browser.seeText(".report dd", "6 notes of the left hand");
        browser.clickText("button", "Put it on the shelf");
        browser.await("six notes", () -> browser.all(".drawing .note[id^=n]").size() == 6 ? true : null);
        browser.click(".head .shelf");
        browser.see(".tune");
        bring(file);
        browser.await(
                "a picture of both hands",
                () -> browser.all(".report .drawing .note[id^=n]").size() == 6 ? true : null);
        browser.choose("Left hand", "None: the app finds one");
        browser.await(
                "two chords of three",
                () -> browser.all(".report .drawing .note[id^=n]").size() == 2 * 3 ? true : null);
        browser.choose("Tune", "Piano, lower staff: 6 notes, C3 to G3");
        browser.await(
                "the lower staff sings",
                () -> browser.all(".report .drawing .note[id^=m]").size() == 6 ? true : null);
        browser.choose("Tune", "Piano, upper staff: 2 notes, C5 to A5");
        browser.await(
                "the upper one again",
                () -> browser.all(".report .drawing .note[id^=m]").size() == 2 ? true : null);
        browser.assertAccessible("a page before it is taken");
        browser.clickText("button", "Put it on the shelf");
        browser.await("chords", () -> browser.all("[data-chord]").size() == 2 ? true : null);
        stage("Left hand");
        browser.seeText(".written-bars", "Write this bar out");
    }

    @Test
    void manyFilesAreBroughtAtOnceWithAReportOfEach() throws IOException {
        LeadSheet sheet = Chart.parse(TUNE);
        Arrangement arrangement = Arrangement.of(sheet, Choices.USUAL);
        String abc =
                "X:1\nT:Reel One\nM:4/4\nL:1/8\nK:G\n|:GABc dedB|dedB A4:|\n\nX:2\nT:Jig Two\nM:6/8\nK:D\nd2f a2f|d6|\n";
        bring(
                write("kite.musicxml", new MusicXmlWriter(Staves.GRAND).write(arrangement)),
                write("kite.mid", new MidiFileWriter().write(arrangement)),
                write("two.abc", abc.getBytes(StandardCharsets.UTF_8)),
                write(
                        "song.cho",
                        "{title: Lamp Song}\n{key: G}\n[G]Lamp on the [D7]quay".getBytes(StandardCharsets.UTF_8)),
                write("broken.mid", new byte[] {'M', 'T', 'h', 'd', 0, 0}));
        browser.seeText(".failed", "broken.mid could not be read: the MIDI file breaks off");
        browser.await("five tunes", () -> browser.all(".report").size() == 5 ? true : null);
        browser.seeText(".report", "5 chord symbols");
        browser.seeText(".report dd", "chords, named from the notes (bars 1–8)");
        browser.assertAccessible("bringing tunes in");
        // All but the jig.
        browser.await(
                        "the jig",
                        () -> browser.all(".report").stream()
                                .filter(report -> report.getText().contains("Jig Two"))
                                .findFirst()
                                .orElse(null))
                .findElement(By.cssSelector("input"))
                .click();
        browser.clickText("button", "Put 4 on the shelf");
        browser.seeText(".tune", "Reel One");
        assertThat(browser.all(".tune").stream().filter(tune -> tune.getText().contains("Kite String")))
                .hasSize(2);
        assertThat(browser.all(".tune")).noneMatch(tune -> tune.getText().contains("Jig Two"));
    }

    @Test
    void aSongDroppedOnThePageIsPutOnTheShelf() {
        browser.clickText(".shelf button", "Bring tunes in");
        browser.see("#pasted");
        browser.script("""
                const dropped = new DataTransfer();
                dropped.items.add(new File(['Am        Dm\\nLow burns the lamp\\n'], 'lamp.txt'));
                document.querySelector('.drop').dispatchEvent(
                    new DragEvent('drop', { dataTransfer: dropped, bubbles: true, cancelable: true }));
                """);
        browser.see(".report [data-chord='1']");
        browser.clickText("button", "Put it on the shelf");
        browser.await(
                "the words on the page",
                () -> browser.all(".drawing .syl").stream()
                                .anyMatch(words -> words.getText().contains("Low burns"))
                        ? true
                        : null);
    }

    @Test
    void aPastedPianoPieceHasItsGuessesConfirmedOrFixed() {
        browser.clickText(".shelf button", "Bring tunes in");
        browser.click("#pasted");
        browser.press("X:1\nT:Pasted\nM:4/4\nL:1/4\nK:C\nCEGc|FAcA|GBdB|C4|");
        browser.clickText("button", "Read it");
        browser.see(".report [data-chord='1'].guess");
        browser.clickText("button", "Put it on the shelf");
        browser.see("[data-chord='0'].guess.chosen");
        browser.press("g");
        awaitChart("| C | F?");
        browser.see("[data-chord='1'].guess.chosen");
        browser.clickText(".yes", "Yes, F");
        awaitChart("| C | F |");
        browser.await("two guesses left", () -> browser.all(".chord.guess").size() == 2 ? true : null);
        stage("Write");
        browser.clickText(".tune-tools button", "All are right");
        browser.seeNo(".chord.guess");
        awaitSaved();
    }

    @Test
    void anotherNameForAGuessIsOneKeyAway() {
        openCopyOf("Copper Kettle");
        browser.click("[data-chord='1']");
        browser.press("o");
        awaitChart("Bbmaj7?");
        browser.press("g");
        awaitChart("| Bbmaj7 |");
    }

    @Test
    void theTuneIsWrittenByLettersOnTheDrawnKeysAndOnAMidiKeyboard() {
        newTune("title: By hand\nkey: D major\nmeter: 3/4\n| D | A7 | D |");
        browser.see(".drawing .note");
        browser.press(Keys.TAB);
        stage("Write");
        browser.clickText("button", "Write the tune");
        browser.see(".entry:focus");
        browser.press("fg");
        awaitChart("m: f2 g2");
        browser.press("]");
        browser.press("a");
        // A half note over the bar line is tied.
        awaitChart("m: f2 g2 a2- | a2");
        browser.press(Keys.BACK_SPACE);
        browser.await("the note taken back", () -> chart().contains("a2-") ? null : true);
        browser.press("[");
        browser.click("[data-key='70']");
        awaitChart("m: f2 g2 ^A2 |");
        browser.choose("Play it on a MIDI keyboard", "Number keys 1 to 8");
        browser.press("13");
        awaitChart("| =C2 E2");
        // The left hand of the same bar, two notes at once by a button and by Shift.
        browser.clickText(".entry button", "left hand");
        browser.click("[data-key='50']");
        awaitChart("D,2 z4");
        browser.clickText(".entry button", "with the last");
        browser.click("[data-key='57']");
        awaitChart("[D,A,]2 z4");
        browser.press("e");
        browser.press("G");
        awaitChart("[D,A,]2 [E,G,]2 z2");
        browser.clickText(".entry button", "tune");
        browser.clickText(".entry button", "rest");
        browser.clickText(".entry button", "show the count");
        browser.await("counts", () -> browser.all(".drawing .syl").size() >= 5 ? true : null);
        browser.assertAccessible("writing the tune");
        awaitSaved();
        browser.open(browser.driver.getCurrentUrl());
        browser.see(".drawing .note");
        awaitChart("m: f2 g2 ^A2 |");
    }

    @Test
    void undoOutlivesAReload() {
        newTune("title: Twice\n| C | F |");
        browser.see(".drawing .note");
        browser.press(" G7 |");
        awaitBars(3);
        awaitSaved();
        browser.open(browser.driver.getCurrentUrl());
        browser.see(".drawing .note");
        showChart();
        browser.click(".cm-content");
        browser.pressWithControl("z");
        browser.await("the bar gone", () -> chart().contains("G7") ? null : true);
        browser.pressWithControl("y");
        awaitChart("G7 |");
    }

    @Test
    void theTuneMovesToAnotherKeyOrChangesItsSignature() {
        newTune(TUNE.replace("Kite String", "Moved about"));
        browser.see(".drawing .note");
        stage("Write");
        browser.choose("The new key", "D major");
        browser.clickText(".tune-tools button", "Move there");
        browser.seeText(".tune-tools", "The tune is moved.");
        awaitChart("|: D | A7 / D | G | D :|");
        awaitChart("m: A2 F2 D2 |");
        browser.choose("By an interval", "a minor third");
        browser.clickText(".tune-tools button", "Up");
        awaitChart("|: F | C7 / F | Bb | F :|");
        browser.clickText(".tune-tools button", "Down");
        awaitChart("|: D | A7 / D | G | D :|");
        browser.choose("The new key", "D minor");
        browser.clickText(".tune-tools button", "Change the key signature only");
        awaitChart("|: Dm | Am7 / Dm | Gm | Dm :|");
        awaitChart("m: A2 F2 D2 |");
        browser.clickText(".tune-tools button", "Chords as numerals");
        awaitChart("|: i | v7 / i | iv | i :|");
        browser.clickText(".tune-tools button", "As letters");
        awaitChart("|: Dm | Am7 / Dm | Gm | Dm :|");
    }

    @Test
    void chordsArePrintedAndNamedAsTheTeacherIsUsedTo() {
        newTune("title: Named\nkey: B minor\n| Bm7b5 | F#7 | Bb |");
        browser.see(".drawing .note");
        stage("Write");
        browser.choose("How B is called", "H and B");
        awaitChart("| Hm7b5 | F#7 | B |");
        browser.choose("How chords are printed", "Cø7, CΔ7");
        browser.seeText(".this-chord h2", "Hø7");
        browser.open(app.address());
        browser.see(".tune");
        browser.clickText(".shelf button", "New tune");
        awaitChart("names: german");
    }

    @Test
    void anEarlierStateIsTakenUpAgain() {
        newTune("title: Before\n| C | F | G7 | C |");
        awaitSaved();
        browser.type("title: After\n| Am |");
        awaitSaved();
        browser.open(browser.driver.getCurrentUrl());
        browser.see(".drawing .note");
        stage("Write");
        browser.clickText(".tune-tools li button", "Take this");
        browser.await("the old text", () -> chart().contains("Am") ? null : true);
    }

    @Test
    void theShelfIsSearchedSortedAndLabelled() {
        browser.click("[type=search]");
        browser.press("wren");
        browser.await("Wren's tunes alone", () -> {
            List<WebElement> tunes = browser.all(".tune");
            return !tunes.isEmpty()
                            && tunes.stream().allMatch(tune -> tune.getText().contains("Wren"))
                    ? true
                    : null;
        });
        browser.click("[aria-label='Label The Tin Rooster']");
        browser.press("march");
        browser.press(Keys.ENTER);
        browser.clickText(".find .tag", "march");
        browser.await("one tune", () -> browser.all(".tune").size() == 1 ? true : null);
        browser.clickText(".find .tag", "march");
        browser.script(
                "const s = document.querySelector('[type=search]'); s.value = ''; s.dispatchEvent(new Event('input'))");
        browser.choose("Order of the shelf", "easiest first");
        browser.await(
                "Paper Boats first", () -> browser.all(".tune").get(0).getText().contains("Paper Boats") ? true : null);
        browser.assertAccessible("the shelf with labels");
    }
}
