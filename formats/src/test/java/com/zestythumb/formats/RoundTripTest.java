package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.formats.abc.AbcWriter;
import com.zestythumb.formats.chordpro.ChordProWriter;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What goes out in a format comes in again from it, as far as the format can hold it. */
class RoundTripTest {

    private static final String SONG = """
            title: Ferry at Six
            composer: A. Maker
            key: G major
            meter: 3/4
            tempo: 96
            feel: easy waltz
            pickup: 1
            | D7 |
            m: d2 |
            w: The
            [Verse]
            |: {segno} G | C / Am7 |1 D7 | G :|2 D7b9 | G |
            m: B2 B2 d2 | c>B A2 G2 | A4 (3Bcd | G6 | ^F4- F2 | G6 |
            w: fer-ry leaves | at six in rain | we row to-day | now | row | home
            [Bridge]
            | {meter 4/4} {key E minor} Em | B7 C#m7b5/G | Em | {to coda} N.C. |
            m: e4 z2 B2 | ^d2 ^c2 =d2 B/c/d/e/ | e8 | z8 |
            | {meter 3/4} {key G major} C / D7 | Cmaj7 | G {D.S. al Coda} |
            m: c2 d2 e2 | e4 d2 | d6 |
            | {coda} D/C7 | G |
            m: c6 | B6 |
            """;

    /** In the key in which it is heard where none is told, for so it is written out. */
    private static List<String> signs(LeadSheet told) {
        LeadSheet sheet = HomeKey.signed(told);
        return sheet.bars().stream()
                .map(bar -> bar.number() + " " + bar.key() + " " + bar.meter() + " " + bar.length() + " "
                        + bar.startsRepeat() + bar.timesPlayed() + bar.signs().ending()
                        + bar.signs().marks().stream().sorted().toList() + bar.section())
                .toList();
    }

    private static List<String> chords(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.events().stream()
                        .map(e -> e.chord() + "@" + e.start() + "+" + e.duration())
                        .collect(Collectors.joining(" ")))
                .toList();
    }

    private static List<String> melody(LeadSheet sheet, boolean words) {
        return sheet.bars().stream().map(bar -> melody(bar, words)).toList();
    }

    private static String melody(Bar bar, boolean words) {
        return bar.melody().stream()
                .map(n -> shown(n) + "@" + n.onset() + "+" + n.duration() + (n.tied() ? "-" : "")
                        + (n.tuplet() == null
                                ? ""
                                : n.tuplet().actual() + ":" + n.tuplet().place())
                        + (words ? n.syllable(0) : ""))
                .collect(Collectors.joining(" "));
    }

    private static String shown(SheetNote note) {
        return note.isRest() ? "z" : note.pitch().toString();
    }

    private static LeadSheet imported(byte[] file, String name) {
        List<Imported> tunes = Importer.read(name, file);
        assertThat(tunes).hasSize(1);
        // Through the chart text, as the app keeps it.
        Chart chart = Chart.read(tunes.get(0).chart());
        assertThat(chart.problems()).as(tunes.get(0).chart()).isEmpty();
        return chart.sheet();
    }

    private static byte[] musicXml(LeadSheet sheet) {
        return new MusicXmlWriter(Staves.GRAND).write(Arrangement.of(sheet, Choices.USUAL));
    }

    /** Long words go on below, and are one text for who reads them. */
    @Test
    void longWordsAreBrokenIntoLinesAndComeBackWhole() {
        String feel = "unhurried, as one who walks home in the evening and has all the time there is";
        LeadSheet sheet = Chart.parse("feel: " + feel + "\n| C | F |");
        byte[] file = musicXml(sheet);
        String text = new String(file, StandardCharsets.UTF_8);
        assertThat(text).contains("unhurried, as one who walks home in the\nevening and has all the time there is<");
        assertThat(imported(file, "walk.musicxml").heading().feel()).isEqualTo(feel);
    }

    @Test
    void musicXmlHoldsEverything() {
        LeadSheet sheet = Chart.parse(SONG);
        LeadSheet back = imported(musicXml(sheet), "ferry.musicxml");
        assertThat(back.heading().withRemarks(List.of())).isEqualTo(sheet.heading());
        assertThat(signs(back)).isEqualTo(signs(sheet));
        assertThat(chords(back)).isEqualTo(chords(sheet));
        assertThat(melody(back, true)).isEqualTo(melody(sheet, true));
        assertThat(back.playingOrder()).isEqualTo(sheet.playingOrder());
    }

    @Test
    void abcHoldsEverything() {
        LeadSheet sheet = Chart.parse(SONG);
        byte[] file = new AbcWriter().write(sheet).getBytes(StandardCharsets.UTF_8);
        LeadSheet back = imported(file, "ferry.abc");
        assertThat(chords(back)).isEqualTo(chords(sheet));
        // A rest in which the chord changes, and notes likewise, are parted for their symbols.
        assertThat(melody(back, true).subList(0, 3))
                .isEqualTo(melody(sheet, true).subList(0, 3));
        assertThat(signs(back)).isEqualTo(signs(sheet));
        assertThat(back.heading().feel()).isEqualTo("easy waltz");
        assertThat(back.playingOrder()).isEqualTo(sheet.playingOrder());
        assertThat(back.title()).isEqualTo(sheet.title());
        assertThat(back.tempo()).isEqualTo(sheet.tempo());
    }

    @Test
    void midiHoldsTheSoundOfTheTune() {
        LeadSheet sheet = Chart.parse(
                "title: Plain\nkey: D minor\nmeter: 3/4\ntempo: 90\n|: Dm | A7 :|\nm: d2 ef a2 | (3gfe ^c2 z2 |");
        Choices roots = Choices.USUAL.with(Inversions.ROOT_POSITION);
        LeadSheet back = imported(new MidiFileWriter().write(Arrangement.of(sheet, roots)), "plain.mid");
        assertThat(back.heading()).isEqualTo(sheet.heading());
        List<String> once = melody(sheet, false);
        assertThat(melody(back, false)).containsExactly(once.get(0), once.get(1), once.get(0), once.get(1));
        assertThat(chords(back)).containsExactly("Dm@0+3", "A7@0+3", "Dm@0+3", "A7@0+3");
        assertThat(back.events()).allMatch(e -> e.isGuess());
    }

    @Test
    void chordProHoldsChordsInAGridAndWordsWithChords() {
        LeadSheet plain = Chart.parse("title: Plain\nkey: Am\nmeter: 3/4\n[Verse]\n| Am / E7 | Am |\n| Dm | E7 |");
        byte[] grid = new ChordProWriter().write(plain).getBytes(StandardCharsets.UTF_8);
        LeadSheet back = imported(grid, "plain.cho");
        assertThat(chords(back)).isEqualTo(chords(plain));
        assertThat(back.key()).isEqualTo(plain.key());
        assertThat(back.bars().get(0).section()).isEqualTo("Verse");
        String song = new ChordProWriter().write(Chart.parse(SONG));
        assertThat(song)
                .contains("{start_of_verse: Verse}", "{end_of_verse}\n\n{start_of_bridge: Bridge}")
                .contains("{title: Ferry at Six}", "{meta: feel easy waltz}", "[G]ferry leaves [C]at six in [Am7]rain");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "| C G7 | Am / / F |\n| Bdim7 C6/9 |",
                "meter: 6/8\n| Am E7 | Am |\nm: A2B c>de | (2AB c3 |",
                "key: Bb\nmeter: 2/4\n|: Bb | Eb F7 :| x3",
                "meter: 5/4\n| C:3 G7:2 | C |",
                "meter: 2/2\n| C G7 | C |\nm: c4 d4 | e4 c4 |",
                "key: D dorian\n| Dm | G |",
                "| Cmaj7#11 F13 | Bbm7b5 E7alt | D/Cm G5 |",
                "pickup: 1\n|: G7 | C | {short 3} C :|: {pickup 1} E7 | Am | {short 3} Am :|",
                "| C |\nm: c//d//e//f// g2 (5abc'd'e' z3 |"
            })
    void whateverKindOfTuneGoesThroughMusicXmlAndAbc(String text) {
        LeadSheet sheet = Chart.parse(text);
        LeadSheet xml = imported(musicXml(sheet), "t.xml");
        assertThat(chords(xml)).isEqualTo(chords(sheet));
        assertThat(melody(xml, true)).isEqualTo(melody(sheet, true));
        assertThat(signs(xml)).isEqualTo(signs(sheet));
        LeadSheet abc = imported(new AbcWriter().write(sheet).getBytes(StandardCharsets.UTF_8), "t.abc");
        assertThat(chords(abc)).isEqualTo(chords(sheet));
        assertThat(melody(abc, true)).isEqualTo(melody(sheet, true));
        assertThat(abc.playingOrder().size()).isEqualTo(sheet.playingOrder().size());
    }

    @Test
    void aChartComesBackLetterByLetter() {
        String text = "title: Draft\n# mine\n| C | Hm | F |\n";
        Imported back = Importer.read("draft.txt", text.getBytes(StandardCharsets.UTF_8))
                .get(0);
        assertThat(back.chart()).isEqualTo(text);
        assertThat(back.report().lines()).anyMatch(line -> line.what().contains("did you mean Bm?"));
        assertThat(ChartWriter.write(Chart.parse(SONG))).contains("[Verse]");
    }
}
