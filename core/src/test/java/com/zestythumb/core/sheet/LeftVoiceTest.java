package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.pitch.Key;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The left hand as a teacher writes it, in the notation of the ABC standard 2.1. */
class LeftVoiceTest {

    private static Chart read(String heading, String chords, String line) {
        return Chart.read(heading + "\n" + chords + "\nl: " + line);
    }

    /** {@code C3+E3@0*1} for each moment: keys, onset and quarter notes; fingers and touch where there are any. */
    private static String told(List<SheetNote> voice) {
        return voice.stream()
                .collect(Collectors.groupingBy(SheetNote::onset, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(struck -> struck.stream().map(LeftVoiceTest::key).collect(Collectors.joining("+")) + "@"
                        + struck.get(0).onset() + "*" + struck.get(0).duration())
                .collect(Collectors.joining(" "));
    }

    private static String key(SheetNote note) {
        return (note.isRest() ? "z" : note.pitch().toString())
                + (note.finger() > 0 ? "/" + note.finger() : "")
                + (note.touch() == Touch.PLAIN ? "" : note.touch().name().toLowerCase())
                + (note.tied() ? "-" : "");
    }

    /**
     * ABC standard 2.1: chords (4.17, the length of a chord is that of its first note), ties (4.11), broken rhythm (4.4),
     * tuplets (4.13), decorations (4.14: fingers, staccato, arpeggio, tenuto), rests (4.5), overlay of voices (7.4).
     */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            C,2 G,2 E,2 G,2               ; C3@0*1 G3@1*1 E3@2*1 G3@3*1
            [C,E,G,]4 [C,E,G,]4           ; C3+E3+G3@0*2 C3+E3+G3@2*2
            C,,2 [E,G,C]2 G,,2 [E,G,C]2   ; C2@0*1 E3+G3+C4@1*1 G2@2*1 E3+G3+C4@3*1
            [C,2E,2G,2]3 z2               ; C3+E3+G3@0*3 z@3*1
            [C,4E,G,] z4                  ; C3+E3+G3@0*2 z@2*2
            [C,-E,-]8                     ; C3-+E3-@0*4
            [C,E,]8-                      ; C3-+E3-@0*4
            [C,-E,]8                      ; C3-+E3@0*4
            !5!C,2 !1!G,2 !2!E,2 !1!G,2   ; C3/5@0*1 G3/1@1*1 E3/2@2*1 G3/1@3*1
            [!5!C,!3!E,!1!G,]8            ; C3/5+E3/3+G3/1@0*4
            .C,4 .[E,G,]4                 ; C3short@0*2 E3short+G3short@2*2
            !arpeggio![C,E,G,]8           ; C3rolled+E3rolled+G3rolled@0*4
            .!tenuto!C,8                  ; C3detached@0*4
            C,3>G,3 z2                    ; C3@0*9/4 G3@9/4*3/4 z@3*1
            (3C,E,G, (3C,E,G, C,4         ; C3@0*1/3 E3@1/3*1/3 G3@2/3*1/3 C3@1*1/3 E3@4/3*1/3 G3@5/3*1/3 C3@2*2
            (3[C,E,]zG, z2 z4             ; C3+E3@0*1/3 z@1/3*1/3 G3@2/3*1/3 z@1*1 z@2*2
            ^F,2 F,2 =F,2 ^f,2            ; F♯3@0*1 F♯3@1*1 F3@2*1 F♯4@3*1
            z8                            ; z@0*4
            Z                             ; z@0*4
            """)
    void isReadAsTheStandardHasIt(String line, String expected) {
        Chart chart = read("", "| C |", line);
        assertThat(told(chart.sheet().bars().get(0).left().get(0)).replace("#", "♯"))
                .isEqualTo(expected);
    }

    @Test
    void voicesAreJoinedByAnAmpersand() {
        Chart chart = read("", "| C | F |", "z2 G,4 G,2 & C,8 | [F,A,]8");
        assertThat(chart.problems()).isEmpty();
        assertThat(chart.sheet().bars().get(0).left())
                .extracting(LeftVoiceTest::told)
                .containsExactly("z@0*1 G3@1*2 G3@3*1", "C3@0*4");
        assertThat(chart.sheet().bars().get(1).left()).hasSize(1);
    }

    /** An accidental is good for its bar, and over the line for what is tied (common practice). */
    @Test
    void aTiedChordKeepsItsAccidentalsOverTheBarLine() {
        Chart chart = read("", "| F#m | F#m |", "[^F,A,^C]8- | [F,A,C]4 [F,A,C]4");
        assertThat(told(chart.sheet().bars().get(1).left().get(0)).replace("#", "♯"))
                .isEqualTo("F♯3+A3+C♯4@0*2 F3+A3+C4@2*2");
    }

    /** Over the end of a line as well, in the tune and in the hand, and so it is written. */
    @Test
    void aTieOverTheEndOfALineKeepsItsAccidental() {
        Chart chart = Chart.read("| F#m |\nm: ^c8- |\nl: ^F,8- |\n| F#m | F |\nm: c4 c4 | =c8 |\nl: F,4 F,4 | F,8 |");
        Bar second = chart.sheet().bars().get(1);
        assertThat(told(second.left().get(0)).replace("#", "♯")).isEqualTo("F♯3@0*2 F3@2*2");
        assertThat(told(second.melody()).replace("#", "♯")).isEqualTo("C♯5@0*2 C5@2*2");
        LeadSheet again = Chart.read(ChartWriter.write(chart.sheet())).sheet();
        assertThat(again.bars())
                .extracting(Bar::melody)
                .isEqualTo(chart.sheet().bars().stream().map(Bar::melody).toList());
        assertThat(again.bars())
                .extracting(Bar::left)
                .isEqualTo(chart.sheet().bars().stream().map(Bar::left).toList());
    }

    @Test
    void barsWithoutItStayOpen() {
        Chart chart = read("", "| C | F | G |", "| | [F,A,C]8 | |");
        assertThat(chart.sheet().bars()).extracting(bar -> bar.left().size()).containsExactly(0, 1, 0);
        assertThat(Chart.read(ChartWriter.write(chart.sheet())).sheet().bars())
                .extracting(bar -> bar.left().size())
                .containsExactly(0, 1, 0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "C,2 | bar 1, left hand: lasts 1.0 quarter notes and the bar 4.0; add a note or a rest z, or write {short 1} before"
                        + " its chords if it is to be so short",
                "C,8 C,2 | bar 1, left hand: lasts 5.0 quarter notes and the bar 4.0; shorten a note",
                "[C,E,G, | bar 1, left hand: [ wants a ] behind the notes that are struck together",
                "C,8 & E,8 & G,8 & C8 | bar 1, left hand: a hand has 3 voices at most; join what moves together in [ ]",
                "C,8 & E,4 | bar 1, left hand: lasts 2.0 quarter notes and the bar 4.0; add a note or a rest z",
                "[CDEFGABcdef]8 | bar 1, left hand: more notes are struck together than two hands have fingers; write fewer in [ ]",
                "C,,,,,8 | bar 1, left hand: this note lies outside the piano; take away some of its , or '",
                "k8 | bar 1, left hand: \"k\" is no note; write notes as C D E c d e, rests as z",
            })
    void whatIsWrongIsToldWithItsPlace(String both) {
        String line = both.substring(0, both.indexOf(" | "));
        String told = both.substring(both.indexOf(" | ") + 3);
        Chart chart = read("", "| C |", line);
        assertThat(chart.problems())
                .extracting(problem -> problem.place() + ": " + problem.message())
                .contains(told);
        chart.sheet()
                .bars()
                .get(0)
                .left()
                .forEach(voice -> assertThat(NoteLine.length(voice)).isEqualTo(Fraction.of(4)));
    }

    @Test
    void moreBarsThanChordsAreTold() {
        assertThat(read("", "| C |", "C,8 | F,8").problems())
                .extracting(ChartProblem::message)
                .containsExactly(
                        "there are more bars of the left hand than of chords above; put a bar of chords to each");
    }

    /** Where nothing but a left hand stands there, its bars are open. */
    @Test
    void mayStandAlone() {
        Chart chart = Chart.read("key: C\nl: C,2 G,2 E,2 G,2 | C,2 A,2 F,2 A,2");
        assertThat(chart.sheet().bars()).hasSize(2).allMatch(bar -> bar.left().size() == 1);
    }

    @Test
    void movesWithTheTune() {
        Chart chart = read("key: C major", "| C | F |", "[C,E,G,]8 | F,,2 [A,C]2 F,,2 [A,C]2 & z8");
        LeadSheet up = Transposition.to(Key.parse("D major"), chart.sheet());
        assertThat(told(up.bars().get(0).left().get(0)).replace("#", "♯")).isEqualTo("D3+F♯3+A3@0*4");
        assertThat(up.bars().get(1).left()).hasSize(2);
    }

    /** What is written comes back note for note, whatever hands write. */
    @Test
    void isWrittenSoThatItIsReadAgain() {
        Random random = new Random(22);
        String[] lengths = {"", "2", "3", "4", "/2", "3/2", "6"};
        String[] signs = {"", "", "", "^", "_", "=", "^^", "__"};
        for (int tune = 0; tune < 400; tune++) {
            StringBuilder line = new StringBuilder();
            String key = List.of("C", "Eb", "F#m", "A", "Dbm").get(random.nextInt(5));
            for (int bar = 0; bar < 3; bar++) {
                line.append(bar == 0 ? "" : " | ");
                for (int voice = random.nextInt(3); voice >= 0; voice--) {
                    for (int n = random.nextInt(6); n >= 0; n--) {
                        boolean chord = random.nextInt(3) == 0;
                        line.append(random.nextInt(6) == 0 ? "(3" : "")
                                .append(random.nextInt(8) == 0 ? "." : "")
                                .append(chord ? "[" : "");
                        for (int k = chord ? 1 + random.nextInt(4) : 0; k >= 0; k--) {
                            line.append(random.nextInt(3) == 0 ? "!" + (1 + random.nextInt(5)) + "!" : "")
                                    .append(
                                            random.nextInt(9) == 0 && !chord
                                                    ? "z"
                                                    : signs[random.nextInt(signs.length)]
                                                            + "CDEFGAB".charAt(random.nextInt(7)) + ",");
                        }
                        line.append(chord ? "]" : "")
                                .append(lengths[random.nextInt(lengths.length)])
                                .append(random.nextInt(7) == 0 ? "-" : "");
                    }
                    line.append(voice > 0 ? " & " : "");
                }
            }
            LeadSheet sheet = Chart.read("key: " + key + "\n| C |\nl: " + line.substring(0, line.indexOf(" | "))
                            + "\n| F | G |\nl: " + line.substring(line.indexOf(" | ") + 3))
                    .sheet();
            LeadSheet again = Chart.read(ChartWriter.write(sheet)).sheet();
            assertThat(again.bars())
                    .extracting(Bar::left)
                    .as(line.toString())
                    .isEqualTo(sheet.bars().stream().map(Bar::left).toList());
        }
    }
}
