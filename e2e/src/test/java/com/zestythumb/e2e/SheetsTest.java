package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Lead sheets and songs in and out again, in a real browser on the packaged app. */
class SheetsTest extends InTheBrowser {

    private static final String TUNE = """
            title: Kite String
            key: F major
            meter: 3/4
            |: F | C7 / F | Bb | F :|
            m: c2 A2 F2 | G3 A B2 | d4 c2 | A6 |
            w: high the kite | on its string | to-day | up
            """;

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
        browser.seeText(".report .bars", "| Am | Dm |");
        browser.clickText("button", "Put it on the shelf");
        browser.await(
                "the words on the page",
                () -> browser.all(".drawing .syl").stream()
                                .anyMatch(words -> words.getText().contains("Low burns"))
                        ? true
                        : null);
    }

    @Test
    void aPastedPianoPieceHasItsGuessesConfirmedOrMended() {
        browser.clickText(".shelf button", "Bring tunes in");
        browser.click("#pasted");
        browser.press("X:1\nT:Pasted\nM:4/4\nL:1/4\nK:C\nCEGc|FAcA|GBdB|C4|");
        browser.clickText("button", "Read it");
        browser.seeText(".report .bars", "| C? | F? |");
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
        browser.clickText(".tune-tools button", "Same page");
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
    void everyFormatIsTakenAwayAndReadAgain() throws IOException {
        newTune(TUNE.replace("Kite String", "Taken away"));
        awaitBars(4);
        stage("Take away");
        for (String format : List.of("MusicXML", "MIDI", "ABC", "ChordPro", "Text", "SVG", "PDF")) {
            browser.clickText(".take button", format);
        }
        assertThat(chords("Taken away.musicxml")).isEqualTo("F | C7 F | Bb | F");
        assertThat(chords("Taken away.abc")).isEqualTo("F | C7 F | Bb | F");
        assertThat(chords("Taken away.txt")).isEqualTo("F | C7 F | Bb | F");
        assertThat(Files.readString(browser.downloaded("Taken away.cho"))).contains("[F]high the kite");
        assertThat(Importer.read("", Files.readAllBytes(browser.downloaded("Taken away.mid"))))
                .hasSize(1);
        assertThat(Files.readString(browser.downloaded("Taken away.svg"))).contains("<svg", "C7");
        byte[] pdf = Files.readAllBytes(browser.downloaded("Taken away.pdf"));
        assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
        assertThat(pdf.length).isGreaterThan(5_000);
    }

    /** Read by a library that knows nothing of the writer: letters of the page, systems whole, sheets full. */
    @Test
    void paperHasThePagesLettersAndWholeSystems() throws IOException {
        newTune("title: Höhe Здравствуй\nkey: Eb major\ncomposer: Åse\n" + "| Eb | Ab | Bb7 | Eb |\n".repeat(24));
        awaitBars(96);
        stage("Take away");
        browser.clickText(".take button", "PDF");
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(browser.downloaded("Höhe Здравствуй.pdf")))) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(1);
            Set<String> fonts = new TreeSet<>();
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    if (font.isEmbedded()) {
                        fonts.add(font.getName());
                    }
                }
            }
            assertThat(fonts).contains("Reading", "Titles");
            PDFTextStripper text = new PDFTextStripper();
            long systems = 0;
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                text.setStartPage(page);
                text.setEndPage(page);
                // The numeral below each second bar of a system stands on the sheet of that system.
                long here = count(text.getText(pdf), "IV");
                assertThat(here).as("page " + page).isPositive();
                systems += here;
            }
            assertThat(systems).isEqualTo(24);
            text.setStartPage(1);
            text.setEndPage(1);
            // Letters that no font of the page has are a picture.
            assertThat(pdf.getPage(0).getResources().getXObjectNames()).isNotEmpty();
            assertThat(text.getText(pdf)).contains("Åse");
        }
    }

    private static long count(String words, String wanted) {
        return Pattern.compile(Pattern.quote(wanted)).matcher(words).results().count();
    }

    private String chords(String name) throws IOException {
        byte[] file = Files.readAllBytes(browser.downloaded(name));
        return Importer.read(name, file).get(0).sheet().bars().stream()
                .map(bar -> bar.events().stream().map(e -> e.chord().toString()).collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
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

    @Test
    void aBackupIsSavedAndRestored() throws IOException {
        browser.clickText("footer button", "Backup");
        Path backup = browser.downloaded("zesty-thumb-backup.json");
        assertThat(Files.readString(backup)).contains("title: Paper Boats");
        browser.driver
                .findElement(By.cssSelector("[aria-label='Backup to restore']"))
                .sendKeys(backup.toString());
        browser.seeText(".said", "0 put back");
        Path wrong = write("wrong.json", "{not json".getBytes(StandardCharsets.UTF_8));
        browser.driver
                .findElement(By.cssSelector("[aria-label='Backup to restore']"))
                .sendKeys(wrong.toString());
        browser.seeText(".trouble", "this file is no backup");
    }
}
