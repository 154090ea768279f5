package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.pitch.Key;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MelodyTest {

    private static String notes(String key, String text) {
        return notes(key, text, false);
    }

    private static String notes(String key, String text, boolean allOctaves) {
        return new NoteReader(text, Key.parse(key), Meter.FOUR_FOUR, Fraction.of(1, 2), allOctaves)
                .read().voices().stream()
                        .limit(1)
                        .flatMap(voice -> SheetNote.highest(voice).stream())
                        .map(n -> (n.isRest() ? "z" : n.pitch()) + "+" + n.duration() + (n.tied() ? "-" : ""))
                        .collect(Collectors.joining(" "));
    }

    /** ABC standard 2.1, section 4: pitch, accidentals, lengths, broken rhythm, rests, ties, tuplets, chords. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C;C, D E c d' ;C3+1/2 D4+1/2 E4+1/2 C5+1/2 D6+1/2",
                "C;C4 C/2 C/ C// C3/2;C4+2 C4+1/4 C4+1/4 C4+1/8 C4+3/4",
                "C;^C ^^C _D __D =F;C#4+1/2 C##4+1/2 Db4+1/2 Dbb4+1/2 F4+1/2",
                "D;F C =C C;F#4+1/2 C#4+1/2 C4+1/2 C4+1/2",
                "C;^F F f;F#4+1/2 F#4+1/2 F5+1/2",
                "C;a>b a<b a>>b;A5+3/4 B5+1/4 A5+1/4 B5+3/4 A5+7/8 B5+1/8",
                "C;z2 x Z;z+1 z+1/2 z+4",
                "C;c2-c c;C5+1- C5+1/2 C5+1/2",
                "C;(3abc (2ab;A5+1/3 B5+1/3 C5+1/3 A5+3/4 B5+3/4",
                "C;(3:2:2 c4 d2;C5+4/3 D5+2/3",
                "C;[CEG]2 c;G4+1 C5+1/2",
                "C;!trill!c {de}f \"Am\"g ~a (bc);C5+1/2 F5+1/2 G5+1/2 A5+1/2 B5+1/2 C5+1/2"
            })
    void readsTheNotesOfTheStandard(String key, String text, String expected) {
        assertThat(notes(key, text)).isEqualTo(expected);
    }

    /** ABC standard 2.1, section 11.3: propagate-accidentals pitch, its default, against octave. */
    @Test
    void letsAnAccidentalHoldInItsOctaveOrInAll() {
        assertThat(notes("C", "^F f F", false)).isEqualTo("F#4+1/2 F5+1/2 F#4+1/2");
        assertThat(notes("C", "^F f F", true)).isEqualTo("F#4+1/2 F#5+1/2 F#4+1/2");
    }

    /** Common practice: over a tie an accidental holds past the bar line, and no longer. */
    @Test
    void letsAnAccidentalHoldOverATie() {
        String chart = "key: C\n| C | C | C |\nm: ^f8- | f4 f4- | f4 f,4\n";
        assertThat(Chart.parse(chart).bars().stream()
                        .flatMap(bar -> bar.melody().stream())
                        .map(note -> note.pitch().toString()))
                .containsExactly("F#5", "F#5", "F5", "F5", "F4");
    }

    /** Common practice: what is tied over is sung on. */
    @Test
    void laysNoSyllableOnTheEndOfATie() {
        LeadSheet sheet = Chart.parse("key: C\n| C | C |\nm: c8- | c4 d4\nw: la li");
        assertThat(sheet.bars().get(0).melody())
                .extracting(note -> note.syllable(0))
                .containsExactly("la");
        assertThat(sheet.bars().get(1).melody())
                .extracting(note -> note.syllable(0))
                .containsExactly("", "li");
        assertThat(Chart.parse(ChartWriter.write(sheet)).bars().get(1).melody())
                .isEqualTo(sheet.bars().get(1).melody());
    }

    @Test
    void writesNotesThatBothReadingsReadBack() {
        for (String text : List.of("^F f F =f F ^f", "_B b B, =B", "c>d (3efg z2", "C, ^^c'2 _d3/2 e/2")) {
            NoteReader reader = new NoteReader(text, Key.parse("G"), Meter.FOUR_FOUR, Fraction.of(1, 2), false).read();
            String written = NoteWriter.write(
                    SheetNote.highest(reader.voices().get(0)), Key.parse("G"), Meter.FOUR_FOUR, Fraction.of(1, 2));
            assertThat(notes("G", written, false)).as(written).isEqualTo(notes("G", text, false));
            assertThat(notes("G", written, true)).as(written).isEqualTo(notes("G", text, false));
        }
    }

    /** ABC standard 2.1, section 5.1: the examples of aligned words. */
    @Test
    void laysSyllablesUnderNotes() {
        LeadSheet sheet = Chart.parse("| C | G |\nm: c2 d2 e2 f2 | g4- g2 a2 |\nw: fer-ry leaves ~at | six__");
        assertThat(sheet.bars().get(0).melody())
                .extracting(note -> note.syllable(0))
                .containsExactly("fer-", "ry", "leaves", " at");
        assertThat(sheet.bars().get(1).melody())
                .extracting(note -> note.syllable(0))
                .containsExactly("six", "", "_");
    }

    /** Two lines of two bars each: which bars have a tune, by its first note, and which have words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "m: C8 | D8;- - C D",
                "m: C8 | D8 | E8 | F8;C D E F",
                "m: | C8 | D8 | E8 | F8 |;C D E F",
                "m: C8 | D8 \\n m: E8 | F8;C D E F",
                "m: C8 | D8 | E8;- - C D",
                "m: C8 | | E8 | F8;C - E F",
                "w: one | two;- - one two",
                "w: one | two | three | four;one two three four",
                "m: C8 | D8 \\n w: one two \\n m: E8 | F8;C+one D+two E F"
            })
    void liesUnderTheLineAboveOrUnderSeveralThatItFills(String voices, String expected) {
        LeadSheet sheet = Chart.read("| C | F |\n| G | C |\n" + voices.replace("\\n", "\n"))
                .sheet();
        String laid = sheet.bars().stream()
                .map(bar -> bar.melody().isEmpty()
                        ? bar.text().words()
                        : first(bar.melody().get(0)))
                .map(what -> what.isEmpty() ? "-" : what)
                .collect(Collectors.joining(" "));
        assertThat(laid).isEqualTo(expected);
    }

    private static String first(SheetNote note) {
        String name = note.pitch().pitchClass().toString();
        return note.syllable(0).isEmpty() ? name : name + "+" + note.syllable(0);
    }

    private static LeadSheet sheet(String key, String bars) {
        return Chart.parse("key: " + key + "\n" + bars);
    }

    private static String shown(LeadSheet sheet) {
        return sheet.key() + ": "
                + sheet.events().stream().map(e -> e.chord().toString()).collect(Collectors.joining(" "))
                + ": "
                + sheet.bars().stream()
                        .flatMap(bar -> bar.melody().stream())
                        .map(n -> n.isRest() ? "z" : n.pitch().toString())
                        .collect(Collectors.joining(" "));
    }

    /** Common practice: the same degrees in the new key, and no double accidental where a plain key exists. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C;C E7 Am G7/B;c2^g2a2B2;Eb;Eb major: Eb G7 Cm Bb7/D: Eb5 B5 C6 D5",
                "C;C E7 Am G7/B;c2^g2a2B2;A;A major: A C#7 F#m E7/G#: A4 E#5 F#5 G#4",
                "G minor;Gm D7;G2^F2G4;F# minor;F# minor: F#m C#7: F#4 E#4 F#4",
                "C;C F;C8;Cb;Cb major: Cb Fb: Cb4",
                "B;B D#7 G#m;B2^^f2g4;Gb;Gb major: Gb Bb7 Ebm: Gb4 D5 Eb5"
            })
    void transposesWithRightSpelling(String key, String chords, String melody, String to, String expected) {
        String bar = chords.split(" ").length == 3 ? chords.replaceFirst("$", " /") : chords;
        LeadSheet moved = Transposition.to(Key.parse(to), sheet(key, "| " + bar + " |\nm: " + melody + " |"));
        assertThat(shown(moved)).isEqualTo(expected);
    }

    @Test
    void comesHomeFromEveryKey() {
        LeadSheet home = sheet("C", "| C Ebdim7 | Dm7b5 G7b9 |\nm: c2^d2 e2_g2 | a^g_b=b c'4 |");
        for (int fifths = -7; fifths <= 7; fifths++) {
            Key there = Key.ofSignature(fifths, home.key().mode());
            LeadSheet back = Transposition.to(home.key(), Transposition.to(there, home));
            assertThat(back.events().stream().map(e -> e.chord().tones().get(1).semitone()))
                    .isEqualTo(home.events().stream()
                            .map(e -> e.chord().tones().get(1).semitone())
                            .toList());
            assertThat(midi(back)).isEqualTo(midi(home));
        }
    }

    private static List<Integer> midi(LeadSheet sheet) {
        return sheet.bars().stream()
                .flatMap(bar -> bar.melody().stream())
                .map(note -> note.pitch().midi())
                .toList();
    }

    @Test
    void takesThePlainKeyWhereAnIntervalWouldLeadToNone() {
        LeadSheet moved = Transposition.up(com.zestythumb.core.pitch.Interval.parse("A2"), sheet("B", "| B F#7 |"));
        assertThat(shown(moved)).startsWith("D major: D A7");
    }

    /** The page stays as it is printed, only the signature is another: a C major page in C minor. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C;C F G7 Am;c2e2^f2B2;C minor;C minor: Cm Fm Gm7 Abmaj: C5 Eb5 F#5 Bb4",
                "C;C F G7 Em;c2e2f2B2;D;D major: C#dim F#m Gmaj7 Em: C#5 E5 F#5 B4"
            })
    void keepsThePageUnderAnotherSignature(String key, String chords, String melody, String to, String expected) {
        LeadSheet page = Transposition.samePage(Key.parse(to), sheet(key, "| " + chords + " |\nm: " + melody + " |"));
        assertThat(shown(page)).isEqualTo(expected.replace("Abmaj", "Ab"));
    }

    /** However many times a length is halved, it does not come round to one below nothing. */
    @ParameterizedTest
    @ValueSource(ints = {7, 8, 30, 31, 32, 33, 63, 64, 65})
    void aLengthThatIsTooFineIsAMistake(int halves) {
        NoteReader reader = new NoteReader(
                        "c" + "/".repeat(halves) + " d", Key.parse("C"), Meter.FOUR_FOUR, Fraction.of(1, 2), false)
                .read();
        assertThat(reader.mistakes()).hasSize(1);
        assertThat(reader.length()).isEqualTo(Fraction.of(1));
    }
}
