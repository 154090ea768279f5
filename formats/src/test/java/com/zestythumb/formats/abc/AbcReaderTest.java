package com.zestythumb.formats.abc;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.importing.Importer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What files of the ABC standard 2.1 hold beside a plain tune. */
class AbcReaderTest {

    private static List<Imported> read(String text) {
        return Importer.read("", text.getBytes(StandardCharsets.UTF_8));
    }

    private static String notes(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.melody().stream()
                        .map(note -> note.isRest() ? "z" : note.pitch().toString())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    /** ABC standard 2.1, section 7.3: voices may change within a line; the first is the tune. */
    @Test
    void readsTheFirstOfInlineVoices() {
        Imported tune =
                read("X:1\nT:Two\nM:4/4\nL:1/4\nK:G\n[V:1] GABc | d4 |\n[V:2] [K:F] G,4 | D4 |\n[V:1] B4 | G4 |]\n")
                        .get(0);
        assertThat(notes(tune.sheet())).isEqualTo("G4 A4 B4 C5 | D5 | B4 | G4");
        assertThat(tune.report().lines()).anyMatch(line -> line.what().contains("all voices but the first"));
    }

    /** Section 4.6: a clef may stand alone, and changes no key. */
    @Test
    void aClefLeavesTheKeyAsItIs() {
        LeadSheet sheet = read("X:1\nT:Low\nL:1/4\nK:D\nFGAB |\nK:clef=bass\nFGAB |\n")
                .get(0)
                .sheet();
        assertThat(notes(sheet)).isEqualTo("F#4 G4 A4 B4 | F#4 G4 A4 B4");
    }

    /** Section 3.1.8: the tempo at the head is the tune's. */
    @Test
    void theFirstTempoIsTheTunes() {
        Imported tune =
                read("X:1\nT:Slower\nQ:1/4=100\nK:C\nC8 |\nQ:1/4=60\nD8 |\n").get(0);
        assertThat(tune.sheet().tempo()).isEqualTo(100);
        assertThat(tune.report().lines()).anyMatch(line -> line.what().equals("tempos after the first"));
    }

    /** Sections 2.2.1 and 2.2.2: a blank line ends a tune; a file's heading is for all its tunes. */
    @Test
    void readsAFileOfTunesWithAHeadingAndWords() {
        List<Imported> tunes = read(
                "M:3/4\nL:1/4\nC:A. Maker\n\nX:1\nT:100% Wool\nK:C\nCDE |\n\nBe a good cabbage.\n\nX:2\nT:Other\nK:C\nEDC |\n");
        assertThat(tunes).hasSize(2).allSatisfy(tune -> {
            assertThat(tune.sheet().meter()).hasToString("3/4");
            assertThat(tune.sheet().heading().composer()).isEqualTo("A. Maker");
            assertThat(tune.sheet().bars()).hasSize(1);
        });
        assertThat(tunes.get(0).sheet().title()).isEqualTo("100% Wool");
        assertThat(notes(tunes.get(0).sheet())).isEqualTo("C4 D4 E4");
    }
}
