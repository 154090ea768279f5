package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.importing.Importer;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Files as seven programs wrote them; {@code real/README.md} tells where each comes from. What is expected was read off the
 * files themselves, by eye and by a program of a few lines in another language, before they were read here.
 */
class RealFilesTest {

    private static List<Imported> read(String name) throws IOException {
        try (InputStream file = RealFilesTest.class.getResourceAsStream("/real/" + name)) {
            return Importer.read(name, file.readAllBytes());
        }
    }

    private static String firstNotes(LeadSheet sheet, int count) {
        return sheet.bars().stream()
                .flatMap(bar -> bar.melody().stream())
                .filter(note -> !note.isRest())
                .limit(count)
                .map(note -> note.pitch().toString())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            lion-dance.xml          | 越後獅子                      | C major | 2/4 | 47 | A4 A4 B4 A4 B4 A4 B4 C5
            invention-4.xml         | invention-4                   | D minor | 3/8 | 52 | D4 E4 F4 G4 A4 Bb4 C#4 Bb4
            maman.xml               | Ah, vous dirai-je, maman      | F major | 2/4 |  8 | F4 F4 C5 C5 D5 D5 C5 Bb4
            goldberg-1.mid          | goldberg-1                    | G major | 3/4 | 32 | G4 F#4 G4 D4 E4 F#4 G4 A4
            invention-1.mid         | invention-1                   | C major | 4/4 | 22 | C4 D4 E4 F4 D4 E4 C4 G4
            cello-suite-prelude.mid | 01 - Prelude (BWV 1007 - 1)   | G major | 4/4 | 18 | G2 D3 B3 A3 B3 D3 B3 D3
            boys.mid                | The Boys of Carrigallen       | A minor | 6/8 | 32 | E4 A4 E4 A4 B4 C5 D5 E5
            coleraine.abc           | Coleraine                     | A minor | 6/8 | 16 | E4 E4 A4 A4 A4 B4 C5 B4
            araber.abc              | Araber tants  [D]             | D phrygian | 4/4 | 26 | D4 F#4 G4 A4 A4 A4 Bb4 A4
            boys.abc                | The Boys of Carrigallen       | A minor | 6/8 | 16 | E4 A4 E4 A4 B4 C5 D5 E5
            """)
    void readsWhatIsWritten(String file, String title, String key, String meter, int bars, String notes)
            throws IOException {
        LeadSheet sheet = read(file).get(0).sheet();
        assertThat(sheet.title()).isEqualTo(title);
        assertThat(sheet.key().toString()).isEqualTo(key);
        assertThat(sheet.meter().toString()).isEqualTo(meter);
        assertThat(sheet.bars().get(sheet.bars().size() - 1).number()).isEqualTo(bars);
        assertThat(firstNotes(sheet, 8)).isEqualTo(notes);
    }

    @Test
    void keepsTheChordsOfAJigAndLeavesItsDrumOut() throws IOException {
        Imported tune = read("coleraine.abc").get(0);
        assertThat(tune.sheet().bars().stream()
                        .skip(1)
                        .limit(8)
                        .map(bar -> bar.events().stream()
                                .map(event -> event.chord().toString())
                                .collect(Collectors.joining(" "))))
                .containsExactly("Am", "E7", "Am", "E7", "Am", "E7", "Am E7", "Am");
        assertThat(tune.report().lines()).extracting(ImportReport.Line::what).contains("all voices but the first");
    }

    @Test
    void readsTheVoicesOfAHymnAndOfAPrelude() throws IOException {
        List<Imported> tunes = read("voices.abc");
        LeadSheet prelude = tunes.get(0).sheet();
        assertThat(prelude.title()).isEqualTo("Praeludium II (WT II)");
        assertThat(prelude.key().toString()).isEqualTo("C minor");
        assertThat(prelude.bars()).hasSize(2);
        assertThat(firstNotes(prelude, 6)).isEqualTo("G4 F4 G4 Ab4 F4 Eb4");
        LeadSheet hymn = tunes.get(1).sheet();
        assertThat(hymn.key().toString()).isEqualTo("A major");
        assertThat(firstNotes(hymn, 6)).isEqualTo("E4 E4 E4 C#4 E4 E4");
        assertThat(hymn.bars().stream().flatMap(bar -> bar.melody().stream()).map(note -> note.syllable(0)))
                .startsWith("Ka-", "na", "a", "rin,", "ka-");
    }

    /** The whole tune in one measure, and no meter: it is parted by the usual one, and every note is there. */
    @Test
    void partsATuneWithoutBars() throws IOException {
        LeadSheet sheet = read("maman-2.xml").get(0).sheet();
        assertThat(firstNotes(sheet, 99)).isEqualTo("C6 C6 G6 G6 A6 A6 G6 F6 F6 E6 E6 D6 D6 C6");
        assertThat(sheet.bars())
                .hasSize(4)
                .extracting(Bar::length)
                .containsOnly(sheet.meter().barLength());
    }
}
