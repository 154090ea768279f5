package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.checking.HandMove;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A left hand that a teacher wrote by hand goes the same way as one that was computed. */
class WrittenHandTest {

    /** Notes of one bar in equal values, {@code "C3+E3"} struck together, {@code "-"} a rest. */
    private static List<TimedNote> bar(int bar, Fraction value, String notes) {
        List<TimedNote> written = new ArrayList<>();
        String[] words = notes.split(" ");
        for (int i = 0; i < words.length; i++) {
            for (String note : words[i].split("\\+")) {
                if (!note.equals("-")) {
                    written.add(note(bar, value.times(i), value, note, 0));
                }
            }
        }
        return written;
    }

    private static TimedNote note(int bar, Fraction onset, Fraction duration, String pitch, int finger) {
        return TimedNote.written(
                new SheetNote(Pitch.parse(pitch), onset, duration, false, null, "").withFinger(finger),
                bar,
                0,
                Side.LEFT);
    }

    private static Arrangement written(String chart, String... bars) {
        List<TimedNote> notes = new ArrayList<>();
        for (int i = 0; i < bars.length; i++) {
            notes.addAll(bar(i, Fraction.of(4, bars[i].split(" ").length), bars[i]));
        }
        return AnalysedSheet.of(Chart.parse(chart)).written(Choices.USUAL, notes);
    }

    /** Stride: the bass, then the chord an octave above (common practice). */
    @Test
    void isPartedIntoWhatLiesUnderTheHand() {
        Arrangement stride = written("| C | G7 |", "C2 E3+G3+C4 G2 E3+G3+C4", "G2 F3+G3+B3 D3 F3+G3+B3");
        assertThat(stride.chords().get(0).voicing()).hasToString("C2, E3 G3 C4, G2, E3 G3 C4");
        assertThat(stride.chords().get(1).voicing()).hasToString("G2, D3 F3 G3 B3");
        assertThat(stride.chords().get(0).voicing().width()).isEqualTo(8);
        assertThat(stride.leftHand().written()).containsExactlyInAnyOrder(0, 1);
    }

    @Test
    void keepsABrokenChordInOneGrip() {
        Arrangement tune = written("| C | F |", "C3 G3 E3 G3 C3 G3 E3 G3", "C3 A3 F3 A3 C3 A3 F3 A3");
        assertThat(tune.chords())
                .extracting(chord -> chord.voicing().toString())
                .containsExactly("C3 E3 G3", "C3 F3 A3");
        assertThat(tune.chords().get(1).numeral().figures()).isEqualTo("6/4");
    }

    @Test
    void isFingeredCheckedAndMappedLikeAnyOther() {
        Arrangement tune = written("tempo: 120\n| C | F | C |", "C3+E3+G3", "F3+A3+C4", "C3+E3+G3");
        assertThat(tune.notes()).extracting(TimedNote::finger).containsExactly(5, 3, 1, 5, 3, 1, 5, 3, 1);
        assertThat(HandMove.between(tune.chords().get(0), tune.chords().get(1)).sentence())
                .isEqualTo("the whole shape slides up a fourth");
        assertThat(Findings.in(tune, School.CLASSICAL).stream()
                        .map(finding -> FindingWords.of(finding, tune).message()))
                .contains("bass and top voice go C–G to F–C, in parallel fifths");
        BarMap map = BarMap.of(tune);
        assertThat(map.bars())
                .extracting(BarMap.Entry::kind)
                .containsExactly(BarMap.Likeness.NEW, BarMap.Likeness.MOVED, BarMap.Likeness.SAME);
    }

    /** Within one chord the hand may leap as well. */
    @Test
    void isCheckedForLeapsFromGripToGrip() {
        Arrangement tune = written("tempo: 160\n| C | C |", "C2 E4+G4 C2 E4+G4", "C2");
        assertThat(Findings.in(tune))
                .filteredOn(finding -> finding.chord() == 0)
                .extracting(finding -> finding.kind().code())
                .contains("leap");
        Arrangement near = written("tempo: 160\n| C |", "C3 E3+G3 C3 E3+G3");
        assertThat(Findings.in(near))
                .extracting(finding -> finding.kind().code())
                .doesNotContain("leap");
    }

    @Test
    void keepsTheFingersThatAreWrittenToIt() {
        List<TimedNote> notes = List.of(
                note(0, Fraction.ZERO, Fraction.of(4), "C3", 4), note(0, Fraction.ZERO, Fraction.of(4), "G3", 0));
        assertThat(AnalysedSheet.of(Chart.parse("| C |"))
                        .written(Choices.USUAL, notes)
                        .notes())
                .extracting(TimedNote::finger)
                .containsExactly(4, 1);
    }

    @Test
    void mayRestOrPlayWhereThereIsNoChord() {
        Arrangement tune = written("| N.C. | C | F |", "C3 - - -", "-", "F2+A2+C3+F3+A3+C4");
        assertThat(tune.notes().get(0).chord()).isEqualTo(-1);
        assertThat(tune.chords().get(0).voicing().isSilent()).isTrue();
        assertThat(tune.chords().get(1).allFingers()).containsOnly(0);
        assertThat(HandMove.between(tune.chords().get(0), tune.chords().get(1)).fingers())
                .hasSize(6);
        List<Finding> findings = Findings.in(tune);
        assertThat(findings).extracting(finding -> finding.kind().code()).contains("stretch", "mud");
        assertThat(written("", new String[0]).notes()).isEmpty();
    }

    @Test
    void showsAWideHandNoStretch() {
        Arrangement tune = written("| C |", "C3+E3+G3+E4");
        assertThat(Findings.in(tune))
                .extracting(finding -> finding.kind().code())
                .contains("stretch");
        Arrangement wide = AnalysedSheet.of(Chart.parse("| C |"))
                .written(Choices.USUAL.with(Hand.ofSpan(16)), bar(0, Fraction.of(4), "C3+E3+G3+E4"));
        assertThat(Findings.in(wide)).isEmpty();
    }

    /** Where the little finger comes to another key the hand has moved, though it could reach that key (common practice). */
    @Test
    void writtenFingersTellOfAShift() {
        String octave = "[!5!E,,!1!E,]2 !5!B,,!2!E, !1!G,!2!E, B,,2";
        assertThat(Arrangement.of(Chart.parse("| Em |\nl: " + octave), Choices.USUAL)
                        .chords()
                        .get(0)
                        .voicing())
                .hasToString("E2 E3, B2 E3 G3");
    }

    /** One note after another asks for no span, a bass held under a chord that comes later does (common practice). */
    @Test
    void onlyWhatIsHeldTogetherIsAStretch() {
        assertThat(faults("[C,,8] | C,,2 C,2 E,2 C2")).doesNotContain("stretch", "held-too-far", "mud");
        assertThat(faults("C,,4 z4 & z4 [E,C]4")).doesNotContain("stretch", "held-too-far");
        assertThat(faults("C,,8 & z4 [E,C]4")).contains("held-too-far");
        assertThat(faults("| C F |", "C,,8 & z4 [F,C]4")).contains("held-too-far");
    }

    private static List<String> faults(String left) {
        return faults("| C | C |", left);
    }

    private static List<String> faults(String chords, String left) {
        Arrangement tune = Arrangement.of(Chart.parse(chords + "\nl: " + left), Choices.USUAL);
        return Findings.in(tune).stream()
                .filter(finding -> tune.chords().get(finding.chord()).isWritten())
                .map(finding -> finding.kind().code())
                .toList();
    }
}
