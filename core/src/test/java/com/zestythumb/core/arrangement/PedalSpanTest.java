package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** How the foot follows the hand, by school, and how rolled chords and other stretches are played (common practice). */
class PedalSpanTest {

    private static Arrangement arrange(String chart, Choices choices) {
        return Arrangement.of(Chart.read(chart).sheet(), choices);
    }

    private static List<String> spans(String chart, Pedalling pedal) {
        return PedalSpan.of(arrange(chart, Choices.USUAL.with(pedal))).stream()
                .map(span -> span.bar() + ": " + span.down() + "+" + span.delay() + "-" + span.up())
                .toList();
    }

    @Test
    void joinedChangesJustAfterEachChord() {
        assertThat(spans("| C G | F |", Pedalling.JOINED)).containsExactly("0: 0+1/8-2", "0: 2+1/8-4", "1: 0+1/8-4");
    }

    /** The foot stays down where no chord comes. */
    @Test
    void aChordThatGoesOnOverABarLineIsOne() {
        assertThat(spans("| C | / G | G | / |", Pedalling.JOINED))
                .containsExactly("0: 0+1/8-4", "1: 0+0-2", "1: 2+1/8-4", "2: 0+1/8-4", "3: 0+0-4");
    }

    /** A teacher who writes a pedal for some bars has chosen that of the others. */
    @Test
    void thePedalOfSomeBarsIsTheirs() {
        assertThat(spans("| C | F | G |\nm: c8 | !ped!c4 !ped-up!c4 | d8 |", Pedalling.JOINED))
                .containsExactly("0: 0+1/8-4", "1: 0+0-2", "2: 0+1/8-4");
    }

    @Test
    void separatedComesUpBeforeTheNextBar() {
        assertThat(spans("| C G | F | N.C. |", Pedalling.SEPARATED)).containsExactly("0: 0+0-7/2", "1: 0+0-7/2");
    }

    @Test
    void isNotUsedUnlessChosen() {
        assertThat(spans("| C |", Pedalling.NONE)).isEmpty();
        assertThatThrownBy(() -> Pedalling.named("HALF")).hasMessageContaining("JOINED");
    }

    @Test
    void rolledNotesComeOneAfterAnother() {
        Choices rolled = Choices.USUAL
                .with(new StyleChoice(VoicingStyles.TENTHS, Map.of()))
                .with(Hand.ofSpan(12).rolling(true));
        Arrangement tune = arrange("| C | F |", rolled);
        assertThat(tune.notes()).allMatch(note -> note.touch() == Touch.ROLLED);
        assertThat(new Performance(tune)
                        .notes().stream().filter(note -> note.note().bar() == 0).map(PlayedNote::from))
                .containsExactly(Fraction.ZERO, Fraction.of(1, 12));
        assertThat(arrange("| C |", Choices.USUAL).notes()).allMatch(note -> note.touch() == Touch.PLAIN);
    }

    @Test
    void aStretchOfBarsIsPlayedItsOwnWay() {
        Stretch bass = new Stretch(1, 2, new StyleChoice(VoicingStyles.BASS, Map.of()), null);
        Stretch one = new Stretch(0, 1, Fraction.of(2), new StyleChoice(VoicingStyles.BASS, Map.of()), null);
        assertThat(arrange("| C G | F |", Choices.USUAL.withStretches(List.of(one))).chords().stream()
                        .map(chord -> chord.voicing().pitches().size()))
                .containsExactly(3, 1, 3);
        Stretch broken = new Stretch(2, 3, null, AccompanimentPatterns.BROKEN_UP);
        Arrangement tune = arrange("| C | F | G | C |", Choices.USUAL.withStretches(List.of(bass, broken)));
        assertThat(tune.chords().stream().map(chord -> chord.voicing().tones().size()))
                .containsExactly(3, 1, 3, 3);
        assertThat(tune.notesOf(2)).hasSize(8);
        assertThat(tune.notesOf(0)).hasSize(3);
        assertThatThrownBy(() -> new Stretch(3, 3, null, null)).hasMessageContaining("later one");
    }

    /** After three alike the fourth bar is broken in another way, section by section (common practice). */
    @Test
    void variesEveryFourthBar() {
        Choices varied = Choices.USUAL.with(AccompanimentPatterns.ALBERTI).varied(true);
        Arrangement tune = arrange("[One]\n| C | C | C | C | C |\n[Two]\n| C | C | C | C | C |", varied);
        List<List<Integer>> bars = java.util.stream.IntStream.range(0, 9)
                .mapToObj(bar -> tune.notesOf(bar).stream()
                        .map(note -> note.pitch().midi())
                        .toList())
                .toList();
        assertThat(bars.get(3)).isNotEqualTo(bars.get(0));
        assertThat(bars.get(4)).isEqualTo(bars.get(0));
        assertThat(bars.get(5)).isEqualTo(bars.get(0));
        assertThat(bars.get(8)).isEqualTo(bars.get(3));
    }

    @Test
    void goesToTheTrebleClefWhereItLiesHigh() {
        assertThat(arrange("| C | F |", Choices.USUAL).leftInTreble()).isFalse();
        Hand high =
                new Hand(12, com.zestythumb.core.pitch.Pitch.parse("C4"), com.zestythumb.core.pitch.Pitch.parse("C6"));
        assertThat(arrange("| C | F |", Choices.USUAL.with(high)).leftInTreble())
                .isTrue();
    }
}
