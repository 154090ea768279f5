package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A run by step into the fifth bar (common practice). */
class LeadInTest {

    private static Arrangement arrange(String chart, Choices choices) {
        return Arrangement.of(Chart.read(chart).sheet(), choices.varied(true));
    }

    private static List<TimedNote> run(Arrangement tune) {
        return tune.notes().stream().filter(note -> note.id().contains("run")).toList();
    }

    private static String notes(List<TimedNote> notes) {
        return notes.stream().map(note -> note.pitch().toString()).collect(Collectors.joining(" "));
    }

    @Test
    void fillsTheLastBeatOfTheFourthBar() {
        Arrangement tune = arrange(
                "key: C major\n| C | F | G | C | F | C | G | C |", Choices.USUAL.with(AccompanimentPatterns.ALBERTI));
        List<TimedNote> run = run(tune);
        assertThat(run).extracting(TimedNote::bar).containsOnly(3);
        assertThat(run).extracting(TimedNote::onset).containsExactly(Fraction.of(3), Fraction.of(7, 2));
        TimedNote next = tune.notesOf(4).get(0);
        int[] steps = run.stream()
                .mapToInt(note -> next.pitch().staffStep() - note.pitch().staffStep())
                .map(Math::abs)
                .toArray();
        assertThat(steps).containsExactly(2, 1);
        assertThat(run).allMatch(note -> note.finger() > 0 && note.fingerShown());
        // Nothing else of the hand sounds into it.
        assertThat(tune.notesOf(3))
                .filteredOn(note -> !run.contains(note))
                .allMatch(note -> !note.end().isAfter(Fraction.of(3)));
        assertThat(tune.notesOf(4)).noneMatch(note -> note.id().contains("run"));
    }

    @Test
    void hasThreeEighthsWhereTheBeatHas() {
        assertThat(run(arrange("key: C major\nmeter: 6/8\n| C | F | G | C | F | C |", Choices.USUAL)))
                .hasSize(3);
    }

    /** Melodic minor: up to the keynote through the raised sixth and seventh (any textbook of theory). */
    @Test
    void risesThroughTheRaisedSeventh() {
        Choices bass = Choices.USUAL.with(new StyleChoice(VoicingStyles.BASS, Map.of()));
        assertThat(notes(run(arrange("key: A minor\n| Am | Dm | E7 | Am | Am | Dm |", bass))))
                .matches("F#\\d G#\\d");
        assertThat(notes(run(arrange("key: A minor\n| Am | Dm | E7 | C | Dm | Dm |", bass))))
                .doesNotContain("#");
    }

    /** The eighth bar is varied and has no run; nor has a last bar, or one that a pushed chord cuts into. */
    @Test
    void isNotEverywhere() {
        String eight = "key: C major\n| C | F | G | C | F | C | G | C | F | C |";
        Arrangement tune = arrange(eight, Choices.USUAL.with(AccompanimentPatterns.ALBERTI));
        assertThat(run(tune)).extracting(TimedNote::bar).containsOnly(3);
        assertThat(tune.notesOf(7).stream().map(TimedNote::pitch).toList())
                .isNotEqualTo(tune.notesOf(0).stream().map(TimedNote::pitch).toList());
        assertThat(run(arrange("| C | F | G | C |", Choices.USUAL))).isEmpty();
        assertThat(run(arrange("| C | F | G | C | >F | C |", Choices.USUAL))).isEmpty();
        // The bar is left in two ways.
        assertThat(run(arrange("|: C | F | G | C :| Am | C |", Choices.USUAL))).isEmpty();
        assertThat(run(arrange("| C | F | G | C {fine} | Am | C {D.C. al Fine} |", Choices.USUAL)))
                .isEmpty();
    }

    /** Where the hand has no keys below, the run comes from above. */
    @Test
    void keepsToTheKeysOfTheHand() {
        Hand high = new Hand(12, Pitch.parse("C3"), Pitch.parse("C5"));
        Choices bass = Choices.USUAL.with(high).with(new StyleChoice(VoicingStyles.BASS, Map.of()));
        assertThat(run(arrange("key: C major\n| C | C | C | C | C | C |", bass)))
                .isNotEmpty()
                .allMatch(note -> note.pitch().midi() >= 48);
    }

    /** A hand that has run down to the next chord has not leapt there. */
    @Test
    void leavesNoLeapBehind() {
        Arrangement tune = arrange(
                "key: C major\ntempo: 160\n| C | F | C | G | C | F | C | G |",
                Choices.USUAL.with(AccompanimentPatterns.ALBERTI));
        assertThat(Findings.in(tune)).noneMatch(finding -> finding.kind().code().equals("leap"));
    }
}
