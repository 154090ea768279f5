package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.ReadingLevel;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Hands, chords and figures that nobody should ask for and somebody will; and models that everybody knows. */
class OddWishesTest {

    private static Arrangement arrange(String chart, Choices choices) {
        return Arrangement.of(Chart.read(chart).sheet(), choices);
    }

    @Test
    void aHandOfThreeKeysIsRefusedAndOneOfFourIsServed() {
        assertThatThrownBy(() -> Hand.ofSpan(3)).hasMessageContaining("a fourth");
        Arrangement small = arrange("| Cmaj7 | G7 | C6 |", Choices.USUAL.with(Hand.ofSpan(5)));
        // No triad and no tritone lies under a fourth: what does not fit is said.
        assertThat(small.chords()).allSatisfy(chord -> {
            boolean said = Findings.in(small).stream()
                    .anyMatch(finding -> finding.chord() == chord.index()
                            && finding.kind().code().equals("stretch"));
            assertThat(chord.voicing().width()).isLessThanOrEqualTo(7);
            assertThat(said).isEqualTo(chord.voicing().width() > 5);
        });
    }

    @Test
    void aHandOfTwoOctavesIsRefusedAndOneOfATwelfthIsServed() {
        assertThatThrownBy(() -> Hand.ofSpan(24)).hasMessageContaining("a twelfth");
        Arrangement wide = arrange("| C | F | G |", Choices.USUAL.with(Hand.ofSpan(19)));
        assertThat(wide.chords()).hasSize(3);
    }

    /** Eleven notes are never under five fingers. */
    @Test
    void aChordOfElevenNotesLosesWhatFiveFingersCannotHold() {
        Arrangement rich = arrange("| C13#11/Bb | F#13#9/C |", Choices.USUAL);
        assertThat(rich.chords()).allSatisfy(chord -> {
            assertThat(chord.voicing().pitches().size()).isLessThanOrEqualTo(5);
            assertThat(chord.voicing().leftOut()).isNotEmpty();
        });
        List<Pitch> eleven = List.of("C2", "D2", "E2", "F2", "G2", "A2", "B2", "C3", "D3", "E3", "F3").stream()
                .map(Pitch::parse)
                .toList();
        assertThatThrownBy(() -> new KeptVoicing(0, Fraction.ZERO, eleven)).hasMessageContaining("one to ten");
    }

    @Test
    void aFigureLongerThanItsBarIsCut() {
        AccompanimentPattern longer =
                AccompanimentPattern.of("own", "Own", 2, 5, "by bar 1/2 bass top inner bass top inner");
        Arrangement tune = arrange("meter: 2/4\n| C | F | C |", Choices.USUAL.with(longer));
        for (TimedNote note : tune.notes()) {
            assertThat(note.onset().plus(note.duration())).isLessThanOrEqualTo(Fraction.of(2));
        }
        // With one stroke the whole chord.
        assertThat(tune.notes().stream().filter(note -> note.bar() == 0)).hasSize(3);
    }

    /** Power chords have no third and no seventh; guide tones lay what there is and say so. */
    @Test
    void aStyleThatNoChordFitsLaysWhatThereIs() {
        Arrangement power =
                arrange("| C5 | F5 | G5 |", Choices.USUAL.with(new StyleChoice(VoicingStyles.GUIDE_TONES, Map.of())));
        assertThat(power.chords())
                .allSatisfy(chord -> assertThat(chord.voicing().pitches()).hasSize(2));
        assertThat(power.chords()).noneMatch(chord -> VoicingStyles.GUIDE_TONES.isFor(chord.chord()));
    }

    /** I IV I V I from the closed root position: second inversion of IV, first of V (any textbook of keyboard harmony). */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "C F G",
                "G C D",
                "D G A",
                "A D E",
                "E A B",
                "F Bb C",
                "Bb Eb F",
                "Eb Ab Bb",
                "Ab Db Eb",
                "Db Gb Ab",
                "B E F#",
                "F# B C#",
                "Am Dm E",
                "Em Am B",
                "Bm Em F#",
                "F#m Bm C#",
                "C#m F#m G#",
                "Dm Gm A",
                "Gm Cm D",
                "Cm Fm G",
                "Fm Bbm C",
                "Bbm Ebm F",
                "Ebm Abm Bb",
                "G#m C#m D#"
            })
    void cadencesAreThoseOfTheTextbooks(String three) {
        String[] chords = three.split(" ");
        String chart = "| %1$s | %2$s | %1$s | %3$s | %1$s |".formatted((Object[]) chords);
        // Around middle C, where no chord lies in the mud; lower the app takes first inversions in five keys.
        Hand middle = new Hand(12, Pitch.parse("C3"), Pitch.parse("C5"));
        Arrangement cadence =
                arrange(chart, Choices.USUAL.with(Inversions.NEAREST).with(middle));
        assertThat(cadence.chords().stream()
                        .map(chord -> chord.voicing().bassMember() + " "
                                + chord.fingers().get(0)))
                .containsExactly(
                        "ROOT [5, 3, 1]", "FIFTH [5, 2, 1]", "ROOT [5, 3, 1]", "THIRD [5, 3, 1]", "ROOT [5, 3, 1]");
    }

    /** W. A. Mozart, Sonata K. 545, first movement, bars 1 and 2, left hand (public domain, from memory). */
    @Test
    void anAlbertiBassIsTheSonatinas() {
        Arrangement sonatina = arrange(
                "key: C major\n| C | G7/D C | C |",
                Choices.USUAL
                        .with(AccompanimentPatterns.ALBERTI)
                        .with(new Hand(12, Pitch.parse("C3"), Pitch.parse("C5"))));
        assertThat(line(sonatina, 0)).isEqualTo("C G E G C G E G");
        // Over D Mozart leaves out the third, which the app would rather keep than the root.
        assertThat(line(sonatina, 1)).isEqualTo("D B F B C G E G");
    }

    /** The ground of J. Pachelbel's canon (public domain, from memory): every root held for its half bar. */
    @Test
    void aGroundBassIsItsRoots() {
        Arrangement ground = arrange(
                "key: D major\n| D A | Bm F#m | G D | G A |",
                Choices.USUAL.with(new StyleChoice(VoicingStyles.BASS, Map.of())));
        assertThat(ground.notes().stream().map(note -> note.pitch().pitchClass().toString()))
                .containsExactly("D", "A", "B", "F#", "G", "D", "G", "A");
        assertThat(ground.notes()).allMatch(note -> note.duration().equals(Fraction.of(2)));
    }

    private static String line(Arrangement tune, int bar) {
        return tune.notes().stream()
                .filter(note -> note.bar() == bar)
                .map(note -> note.pitch().pitchClass().toString())
                .collect(Collectors.joining(" "));
    }

    /** Positions only: fewer shifts; few ledger lines: none above middle C where there is a way. */
    @Test
    void whatAStudentReadsIsKeptTo() {
        String chart = "| C | Em | F | Am | Dm | G | C |";
        Hand high = new Hand(12, Pitch.parse("A2"), Pitch.parse("A4"));
        Arrangement any = arrange(chart, Choices.USUAL.with(high));
        Arrangement few = arrange(chart, Choices.USUAL.with(high.reading(ReadingLevel.FEW_LEDGER_LINES)));
        assertThat(highest(few)).isLessThanOrEqualTo(highest(any)).isLessThanOrEqualTo(62);
        Arrangement white =
                arrange("| E | A | E |", Choices.USUAL.with(Hand.OCTAVE.reading(ReadingLevel.FEW_BLACK_KEYS)));
        assertThat(white.chords()).hasSize(3);
        assertThat(shifts(arrange(chart, Choices.USUAL.with(high.reading(ReadingLevel.POSITIONS)))))
                .isLessThanOrEqualTo(shifts(any));
        assertThatThrownBy(() -> ReadingLevel.named("NOTHING")).hasMessageContaining("POSITIONS");
    }

    private static int highest(Arrangement tune) {
        return tune.notes().stream().mapToInt(note -> note.pitch().midi()).max().orElseThrow();
    }

    private static long shifts(Arrangement tune) {
        long shifts = 0;
        for (int i = 1; i < tune.chords().size(); i++) {
            int low = Math.min(
                    tune.chords().get(i - 1).voicing().first().lowest().midi(),
                    tune.chords().get(i).voicing().first().lowest().midi());
            int top = Math.max(
                    tune.chords().get(i - 1).voicing().first().highest().midi(),
                    tune.chords().get(i).voicing().first().highest().midi());
            shifts += top - low > 12 ? 1 : 0;
        }
        return shifts;
    }
}
