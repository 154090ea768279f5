package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.zestythumb.formats.importing.Importer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** The tune as a file, read by others. */
class TakeAwayTest extends InTheBrowser {

    @Test
    void everyFormatIsTakenAwayAndReadAgain() throws IOException {
        newTune(TUNE.replace("Kite String", "Taken away"));
        awaitBars(4);
        stage("Print and share");
        browser.clickText(".take label", "numerals and closes in MusicXML");
        for (String format : List.of("MusicXML", "MIDI", "ABC, left hand", "ChordPro", "Text", "SVG", "PDF")) {
            browser.see(".take[aria-busy=false]");
            browser.clickText(".take button", format);
        }
        assertThat(chords("Taken away.musicxml")).isEqualTo("F | C7 F | Bb | F");
        assertThat(Files.readString(browser.downloaded("Taken away.musicxml"))).contains("numeral-0");
        assertThat(chords("Taken away.abc")).isEqualTo("F | C7 F | Bb | F");
        assertThat(Files.readString(browser.downloaded("Taken away.abc"))).contains("[V:2 clef=bass]", "!5!");
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
        newTune(
                "title: Höhe Здравствуй\nkey: Eb major\ncomposer: Åse\nlyricist: Ωραία\narranger: מרים 王小明\ncopyright: 2026 Åse\n"
                        + "| Eb | Ab | Bb7 | Eb |\n".repeat(24));
        awaitBars(96);
        stage("Print and share");
        browser.clickText(".take button", "PDF");
        byte[] file = Files.readAllBytes(browser.downloaded("Höhe Здравствуй.pdf"));
        try (PDDocument pdf = Loader.loadPDF(file)) {
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
            // Other alphabets are text too, and the letters of titles have a font that has them.
            PDResources first = pdf.getPage(0).getResources();
            assertThat(first.getXObjectNames()).noneMatch(first::isImageXObject);
            assertThat(text.getText(pdf)).contains("Höhe Здравствуй", "Åse", "Ωραία", "מרים", "王小明", "© 2026 Åse");
            text.setStartPage(2);
            text.setEndPage(2);
            assertThat(text.getText(pdf).lines())
                    .contains("Höhe Здравствуй", "2")
                    .doesNotContain("© 2026 Åse");
            assertThat(staffMillimetres(pdf)).isCloseTo(7, within(0.2));
            // The numeral stands right below the fingers of its own system.
            List<TextPosition> letters = letters(pdf);
            List<TextPosition> fingers = letters.stream()
                    .filter(letter -> letter.getUnicode().equals("5"))
                    .toList();
            List<Double> apart = letters.stream()
                    .filter(letter -> letter.getUnicode().equals("I"))
                    .flatMap(numeral -> fingers.stream()
                            .filter(finger -> Math.abs(finger.getX() - numeral.getX()) < 10)
                            .map(finger -> (numeral.getY() - finger.getY()) * 25.4 / 72)
                            .filter(millimetres -> millimetres > 1)
                            .min(Comparator.naturalOrder())
                            .stream())
                    .toList();
            assertThat(apart).hasSizeGreaterThan(3).allMatch(millimetres -> millimetres > 2 && millimetres < 8);
        }
    }

    /** Of the first sheet, from its top. */
    private static List<TextPosition> letters(PDDocument pdf) throws IOException {
        List<TextPosition> letters = new ArrayList<>();
        PDFTextStripper reader = new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> positions) {
                letters.addAll(positions);
            }
        };
        reader.setEndPage(1);
        reader.getText(pdf);
        return letters;
    }

    /** Between the first and the fifth line of the first staff. */
    private static double staffMillimetres(PDDocument pdf) throws IOException {
        int perMillimetre = 20;
        BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, perMillimetre * 25.4f);
        List<Integer> lines = new ArrayList<>();
        for (int y = 0; y < page.getHeight() && lines.size() < 5; y++) {
            int row = y;
            long dark = IntStream.range(0, page.getWidth())
                    .filter(x -> (page.getRGB(x, row) & 0xFF) < 128)
                    .count();
            boolean isNew = lines.isEmpty() || y > lines.get(lines.size() - 1) + perMillimetre;
            if (dark > page.getWidth() * 0.7 && isNew) {
                lines.add(y);
            }
        }
        return (double) (lines.get(4) - lines.get(0)) / perMillimetre;
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
