package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.formats.importing.Importer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The tune as a file, read by others. */
class TakeAwayTest extends InTheBrowser {

    @Test
    void everyFormatIsTakenAwayAndReadAgain() throws IOException {
        newTune(TUNE.replace("Kite String", "Taken away"));
        awaitBars(4);
        stage("Print and share");
        for (String format : List.of("MusicXML", "MIDI", "ABC", "ChordPro", "Text", "SVG", "PDF")) {
            browser.see(".take[aria-busy=false]");
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
        stage("Print and share");
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
    void bothFilesAreTakenAwayAndReadBack() throws IOException {
        openTune("The Tin Rooster");
        stage("Print and share");
        browser.clickText(".take button", "MusicXML");
        Path score = browser.downloaded("The Tin Rooster.musicxml");
        List<String> drawn = Node.read("engrave.mjs", Files.readAllBytes(score));
        assertThat(drawn).contains("loaded true", "log \"\"", "measures 16");
        assertThat(Files.readString(score, StandardCharsets.UTF_8))
                .contains("<work-title>The Tin Rooster</work-title>");

        stage("Print and share");
        browser.see(".take[aria-busy=false]");
        browser.clickText(".take button", "MIDI");
        List<String> heard = Node.read("read-midi.mjs", Files.readAllBytes(browser.downloaded("The Tin Rooster.mid")));
        assertThat(heard).contains("meter 2/4", "key -1 0");
        assertThat(heard.stream().filter(line -> line.startsWith("on"))).hasSizeGreaterThan(80);
    }
}
