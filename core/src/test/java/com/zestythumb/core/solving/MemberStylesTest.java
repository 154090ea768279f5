package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Pin;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Styles that lay a few members of a chord, each by a lesson's example. */
class MemberStylesTest {

    private static List<Voicing> lay(VoicingStyle style, String symbols, Hand hand) {
        List<Chord> chords = Arrays.stream(symbols.split(" ")).map(Chord::parse).toList();
        return VoicingSolver.solve(VoicingTask.of(chords, new StyleChoice(style, Map.of()), hand)).stream()
                .map(Solved::voicing)
                .toList();
    }

    private static List<Member> members(Voicing voicing) {
        return voicing.tones().stream().map(Tone::member).toList();
    }

    /** In roots falling by fifths, root and seventh take turns with root and third (common practice in jazz). */
    @ParameterizedTest
    @CsvSource({"Dm7 G7 Cmaj7", "Gm7 C7 Fmaj7", "F#m7b5 B7 Em7", "Em7 A7 Dm7 G7 Cmaj7 Fmaj7"})
    void shellsTakeTurnsInFallingFifths(String symbols) {
        List<Voicing> laid = lay(VoicingStyles.SHELLS, symbols, Hand.OCTAVE);
        for (int i = 0; i < laid.size(); i++) {
            assertThat(members(laid.get(i)).get(0)).isEqualTo(Member.ROOT);
            if (i > 0) {
                Tone before = laid.get(i - 1).tones().get(1);
                Tone now = laid.get(i).tones().get(1);
                assertThat(now.member()).isNotEqualTo(before.member());
                // The upper note stays or falls by step.
                assertThat(before.pitch().midi() - now.pitch().midi()).isBetween(0, 2);
            }
        }
    }

    /** Where the bass moves by a half step both notes move in parallel (common practice in jazz). */
    @Test
    void shellsKeepTheirKindOnHalfSteps() {
        List<Voicing> laid = lay(VoicingStyles.SHELLS, "Dm7 Db7 Cmaj7", Hand.OCTAVE);
        assertThat(laid.stream().map(voicing -> members(voicing).get(1)).distinct())
                .hasSize(1);
    }

    /** The thirds and sevenths of a ii–V–I change places and move a step at most (any textbook of jazz harmony). */
    @ParameterizedTest
    @CsvSource({"Dm7 G7 Cmaj7", "Am7 D7 Gmaj7", "Cm7 F7 Bbmaj7", "Bm7b5 E7 Am7"})
    void guideTonesMoveByStepThroughTwoFiveOne(String symbols) {
        List<Voicing> laid = lay(VoicingStyles.GUIDE_TONES, symbols, Hand.ofSpan(10));
        for (int i = 1; i < laid.size(); i++) {
            for (int voice = 0; voice < 2; voice++) {
                int moved = laid.get(i).first().midiKeys()[voice]
                        - laid.get(i - 1).first().midiKeys()[voice];
                assertThat(Math.abs(moved)).isLessThanOrEqualTo(2);
            }
            assertThat(members(laid.get(i)))
                    .containsExactlyInAnyOrder(Member.THIRD, Member.SEVENTH)
                    .isNotEqualTo(members(laid.get(i - 1)));
        }
    }

    /** The harmony keeps its bass where no finger plays it. */
    @Test
    void guideTonesAreNoInversions() {
        Choices guide = Choices.USUAL.with(new StyleChoice(VoicingStyles.GUIDE_TONES, Map.of()));
        assertThat(Arrangement.of(Chart.parse("key: C major\n| Dm7 | G7 | Cmaj7 |"), guide)
                        .chords())
                .allMatch(chord ->
                        chord.voicing().soundingBass().equals(chord.chord().root()))
                .extracting(chord -> chord.numeral().figures())
                .containsExactly("7", "7", "maj7");
        Pin fixed = new Pin(0, Fraction.ZERO, List.of(Pitch.parse("F3"), Pitch.parse("C4")));
        assertThat(Arrangement.of(Chart.parse("key: C major\n| Dm7 | G7 |"), guide.withPins(List.of(fixed)))
                        .chords()
                        .get(0)
                        .numeral()
                        .figures())
                .isEqualTo("7");
    }

    /** A hand of a seventh comes through sevenths without leaps: 94 half steps in close chords with every note. */
    @Test
    void aSmallHandMovesLittleInGuideTones() {
        List<Chord> chords = Arrays.stream("Dm7 G7 Cmaj7 A7 Dm7 G7 C6".split(" "))
                .map(Chord::parse)
                .toList();
        int moved = VoicingSolver.solve(
                        VoicingTask.of(chords, new StyleChoice(VoicingStyles.GUIDE_TONES, Map.of()), Hand.ofSpan(10)))
                .stream()
                .mapToInt(one -> one.cost().semitones())
                .sum();
        assertThat(moved).isLessThanOrEqualTo(24);
    }

    /** What a hand cannot span is thinned: an octave to its bass, a tenth to an octave, an octave to a fifth. */
    @ParameterizedTest
    @CsvSource({
        "octaves,12,ROOT ROOT",
        "octaves,11,ROOT",
        "root-fifth-octave,12,ROOT FIFTH ROOT",
        "root-fifth-octave,9,ROOT FIFTH",
        "root-fifth-tenth,16,ROOT FIFTH THIRD",
        "root-fifth-tenth,12,ROOT FIFTH ROOT",
        "root-fifth-tenth,7,ROOT FIFTH",
        "shells,9,ROOT THIRD",
        "open-fifths,7,ROOT FIFTH",
        "bass,5,ROOT"
    })
    void aSmallerHandGetsFewerNotes(String style, int span, String expected) {
        String members = expected.replace(" ", ", ");
        assertThat(new StyleChoice(VoicingStyles.named(style), Map.of())
                        .candidates(Chord.parse("C"), Hand.ofSpan(span), 5))
                .isNotEmpty()
                .allMatch(voicing -> members(voicing).toString().equals("[" + members + "]"));
    }

    /** Power chords lie on their roots, and their parallels are one sound, except to the strict. */
    @Test
    void openFifthsSlideAlong() {
        Choices open = Choices.USUAL.with(new StyleChoice(VoicingStyles.OPEN_FIFTHS, Map.of()));
        Arrangement riff = Arrangement.of(Chart.parse("| E5 | G5 | A5 | E5 |"), open);
        assertThat(riff.chords()).allMatch(chord -> chord.voicing().width() == 7);
        assertThat(Findings.in(riff, School.POPULAR)).isEmpty();
        assertThat(Findings.in(riff, School.CLASSICAL)).isNotEmpty();
        Choices octaves = Choices.USUAL.with(new StyleChoice(VoicingStyles.OCTAVES, Map.of()));
        assertThat(Findings.in(Arrangement.of(Chart.parse("| E | G | A | E |"), octaves), School.CLASSICAL))
                .isEmpty();
    }

    /** A waltz: one low, two and three the chord; the hand leaps, and each of its grips lies under it. */
    @Test
    void aWaltzHasItsBassLowAndItsChordAbove() {
        Choices waltz = Choices.USUAL
                .with(new StyleChoice(VoicingStyles.BASS_THEN_CHORD, Map.of()))
                .with(Figures.BASS_AND_CHORDS)
                .with(Hand.ofSpan(9));
        Arrangement tune = Arrangement.of(Chart.parse("key: C major\nmeter: 3/4\n| C | F/A | G7 | C |"), waltz);
        for (var chord : tune.chords()) {
            Voicing voicing = chord.voicing();
            assertThat(voicing.grips()).hasSize(2);
            assertThat(voicing.first().lowest().pitchClass())
                    .isEqualTo(chord.chord().bass());
            assertThat(voicing.last().lowest().midi())
                    .isGreaterThan(voicing.first().highest().midi() + 4);
            assertThat(voicing.last().width()).isLessThanOrEqualTo(9);
            // A seventh chord leaves its root to the bass.
            assertThat(voicing.last().tones().stream().anyMatch(tone -> tone.member() == Member.ROOT))
                    .isEqualTo(!chord.chord().quality().hasSeventh());
        }
        assertThat(tune.notesOf(1))
                .extracting(note -> note.onset().toString())
                .containsExactly("0", "1", "1", "1", "2", "2", "2");
    }

    /** Every chord in every key is laid in every style, with notes of the chord alone and under the smallest hand. */
    @ParameterizedTest
    @MethodSource("com.zestythumb.core.voicing.VoicingStyles#all")
    void layEveryChordInEveryKey(VoicingStyle style) {
        for (String root : "C Db D Eb E F F# G Ab A Bb B".split(" ")) {
            for (Quality quality : Quality.common()) {
                Chord chord = Chord.of(PitchClass.parse(root), quality);
                for (int span : new int[] {5, 8, 12, 19}) {
                    assertThat(new StyleChoice(style, Map.of()).candidates(chord, Hand.ofSpan(span), 5))
                            .as(chord + " in " + style.id())
                            .isNotEmpty()
                            .noneMatch(voicing -> members(voicing).contains(Member.FOREIGN));
                }
            }
        }
    }
}
