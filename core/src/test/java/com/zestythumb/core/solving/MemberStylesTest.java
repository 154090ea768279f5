package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Hand;
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

    private static List<ChordTone> members(Voicing voicing) {
        return voicing.tones().stream().map(Tone::member).toList();
    }

    /** In roots falling by fifths, root and seventh take turns with root and third (common practice in jazz). */
    @ParameterizedTest
    @CsvSource({"Dm7 G7 Cmaj7", "Gm7 C7 Fmaj7", "F#m7b5 B7 Em7", "Em7 A7 Dm7 G7 Cmaj7 Fmaj7"})
    void shellsTakeTurnsInFallingFifths(String symbols) {
        List<Voicing> voiced = lay(VoicingStyles.SHELLS, symbols, Hand.OCTAVE);
        for (int i = 0; i < voiced.size(); i++) {
            assertThat(members(voiced.get(i)).get(0)).isEqualTo(ChordTone.ROOT);
            if (i > 0) {
                Tone before = voiced.get(i - 1).tones().get(1);
                Tone now = voiced.get(i).tones().get(1);
                assertThat(now.member()).isNotEqualTo(before.member());
                // The upper note stays or falls by step.
                assertThat(before.pitch().midi() - now.pitch().midi()).isBetween(0, 2);
            }
        }
    }

    /** Where the bass moves by a half step both notes move in parallel (common practice in jazz). */
    @Test
    void shellsKeepTheirKindOnHalfSteps() {
        List<Voicing> voiced = lay(VoicingStyles.SHELLS, "Dm7 Db7 Cmaj7", Hand.OCTAVE);
        assertThat(voiced.stream().map(voicing -> members(voicing).get(1)).distinct())
                .hasSize(1);
    }

    /** The thirds and sevenths of a ii–V–I change places and move a step at most (any textbook of jazz harmony). */
    @ParameterizedTest
    @CsvSource({"Dm7 G7 Cmaj7", "Am7 D7 Gmaj7", "Cm7 F7 Bbmaj7", "Bm7b5 E7 Am7"})
    void guideTonesMoveByStepThroughTwoFiveOne(String symbols) {
        List<Voicing> voiced = lay(VoicingStyles.GUIDE_TONES, symbols, Hand.ofSpan(10));
        for (int i = 1; i < voiced.size(); i++) {
            for (int voice = 0; voice < 2; voice++) {
                int moved = voiced.get(i).first().midiKeys()[voice]
                        - voiced.get(i - 1).first().midiKeys()[voice];
                assertThat(Math.abs(moved)).isLessThanOrEqualTo(2);
            }
            assertThat(members(voiced.get(i)))
                    .containsExactlyInAnyOrder(ChordTone.THIRD, ChordTone.SEVENTH)
                    .isNotEqualTo(members(voiced.get(i - 1)));
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
        KeptVoicing fixed = new KeptVoicing(0, Fraction.ZERO, List.of(Pitch.parse("F3"), Pitch.parse("C4")));
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
                .with(AccompanimentPatterns.BASS_AND_CHORDS)
                .with(Hand.ofSpan(9));
        Arrangement tune = Arrangement.of(Chart.parse("key: C major\nmeter: 3/4\n| C | F/A | G7 | C |"), waltz);
        for (var chord : tune.chords()) {
            Voicing voicing = chord.voicing();
            // The fifth is there to take turns with the root; not under a bass that is written.
            assertThat(voicing.grips()).hasSize(chord.chord().hasSlash() ? 2 : 4);
            assertThat(voicing.first().lowest().pitchClass())
                    .isEqualTo(chord.chord().bass());
            assertThat(voicing.last().lowest().midi())
                    .isGreaterThanOrEqualTo(voicing.first().highest().midi() + 4);
            assertThat(voicing.last().width()).isLessThanOrEqualTo(9);
            // A seventh chord leaves its root to the bass.
            assertThat(voicing.last().tones().stream().anyMatch(tone -> tone.member() == ChordTone.ROOT))
                    .isEqualTo(!chord.chord().quality().hasSeventh());
        }
        assertThat(tune.notesOf(1))
                .extracting(note -> note.onset().toString())
                .containsExactly("0", "1", "1", "1", "2", "2", "2");
    }

    /** Every chord in every key is voiced in every style, with notes of the chord alone and under the smallest hand. */
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
                            .noneMatch(voicing -> members(voicing).contains(ChordTone.FOREIGN));
                }
            }
        }
    }

    /** Rootless ii–V–I in both forms: 3 5 7 9, 7 9 3 13, 3 5 7 9, or the other way about (any textbook of jazz piano). */
    @ParameterizedTest
    @CsvSource({
        "Dm7 G7 Cmaj7,E2,E4,F3 A3 C4 E4 | F3 A3 B3 E4 | E3 G3 B3 D4",
        "Gm7 C7 Fmaj7,E2,E4,F3 A3 Bb3 D4 | E3 A3 Bb3 D4 | E3 G3 A3 C4"
    })
    void rootlessFormsTakeTurns(String symbols, String lowest, String highest, String expected) {
        Hand hand = new Hand(12, Pitch.parse(lowest), Pitch.parse(highest));
        List<Voicing> voiced = lay(VoicingStyles.ROOTLESS, symbols, hand);
        // Ninth and thirteenth are no strangers, though the symbols do not name them.
        assertThat(voiced).allMatch(voicing -> !members(voicing).contains(ChordTone.FOREIGN));
        assertThat(voiced).allMatch(voicing -> !members(voicing).contains(ChordTone.ROOT));
        assertThat(voiced).allMatch(voicing -> voicing.has(ChordTone.THIRD) && voicing.has(ChordTone.SEVENTH));
        assertThat(text(voiced)).isEqualTo(expected);
    }

    /** The other form: 7 9 3 5, and 7 9 3 13 on the dominant. */
    /** V7 to a minor chord has its ninth and thirteenth from the minor key: lowered (common practice). */
    @Test
    void coloursThatTheSymbolDoesNotNameAreTheKeys() {
        Choices rootless = Choices.USUAL.with(new StyleChoice(VoicingStyles.ROOTLESS, Map.of()));
        Arrangement tune = Arrangement.of(Chart.parse("| G7 | Cm7 | G7 | Cmaj7 |"), rootless);
        assertThat(names(tune, 0)).contains("Ab", "Eb").doesNotContain("A", "E");
        assertThat(names(tune, 2)).contains("A", "E").doesNotContain("Ab", "Eb");
    }

    private static List<String> names(Arrangement tune, int chord) {
        return tune.chords().get(chord).voicing().pitches().stream()
                .map(pitch -> pitch.pitchClass().toString())
                .toList();
    }

    @Test
    void rootlessKnowsBothForms() {
        StyleChoice rootless = new StyleChoice(VoicingStyles.ROOTLESS, Map.of());
        assertThat(rootless.candidates(Chord.parse("Dm7"), Hand.OCTAVE, 5))
                .extracting(Voicing::toString)
                .contains("F3 A3 C4 E4", "C4 E4 F4 A4");
        assertThat(rootless.candidates(Chord.parse("G7"), Hand.OCTAVE, 5))
                .extracting(Voicing::toString)
                .contains("F3 A3 B3 E4")
                .as("not below D3, and its top from middle C to A4 (common practice)")
                .doesNotContain("B2 E3 F3 A3");
    }

    private static String text(List<Voicing> voiced) {
        return voiced.stream().map(Voicing::toString).collect(java.util.stream.Collectors.joining(" | "));
    }

    /** A lowered ninth asks for no major thirteenth (common practice). */
    @Test
    void rootlessKeepsToAnAlteredNinth() {
        assertThat(lay(VoicingStyles.ROOTLESS, "E7b9", Hand.OCTAVE).get(0).pitches().stream()
                        .map(Pitch::pitchClass)
                        .map(Object::toString))
                .containsExactlyInAnyOrder("G#", "B", "D", "F");
    }

    @ParameterizedTest
    @CsvSource({
        // The same shape slides: every root below, every shape a triad in thirds.
        "triads,12,C Am F G,C4 E4 G4 | A3 C4 E4 | F3 A3 C4 | G3 B3 D4",
        // Tenths in a large hand, thirds in one that cannot.
        "tenths,16,C F C,C2 E3 | F2 A3 | C2 E3",
        "root-fifth-tenth,16,C G C,C3 G3 E4 | G2 D3 B3 | C3 G3 E4",
        "spread,16,C,C3 G3 E4",
        // An octave on the bass, then the hand floats up.
        "octave-then-chord,12,Dm C,'D2 D3, F3 A3 D4 | C2 C3, E3 G3 C4'",
        "two-octaves,12,C F C,'C3 E3 G3, C4 E4 G4 | C3 F3 A3, C4 F4 A4 | C3 E3 G3, C4 E4 G4'"
    })
    void layTheLessonsExample(String style, int span, String symbols, String expected) {
        assertThat(text(lay(VoicingStyles.named(style), symbols, Hand.ofSpan(span))))
                .isEqualTo(expected);
    }

    /** The thumb keeps a note as long as chords share it, and moves by step where that ends (common practice). */
    @ParameterizedTest
    @CsvSource({"C Am F C,2", "C G C G7 C,4", "Am F C Em,2"})
    void theThumbStaysWhileChordsShareItsNote(String symbols, int most) {
        List<Voicing> voiced = lay(VoicingStyles.HELD_THUMB, symbols, Hand.ofSpan(9));
        int moves = 0;
        for (int i = 1; i < voiced.size(); i++) {
            int moved = Math.abs(voiced.get(i).first().highest().midi()
                    - voiced.get(i - 1).first().highest().midi());
            assertThat(moved).as(voiced.toString()).isLessThanOrEqualTo(3);
            moves += moved > 0 ? 1 : 0;
        }
        assertThat(voiced).allMatch(voicing -> voicing.tones().size() == 2);
        assertThat(moves).as(voiced.toString()).isLessThanOrEqualTo(most);
    }

    /** March and stride: root and fifth by turns below the same chord (common practice). */
    @Test
    void theSecondBassIsTheFifth() {
        StyleChoice choice = new StyleChoice(VoicingStyles.BASS_THEN_CHORD, Map.of("second-bass", "FIFTH"));
        Voicing c = choice.candidates(Chord.parse("C"), Hand.OCTAVE, 5).get(0);
        assertThat(c.grips()).hasSize(4);
        assertThat(c.grips().get(2).tones()).extracting(Tone::member).containsExactly(ChordTone.FIFTH);
        assertThat(c.grips().get(1)).isEqualTo(c.grips().get(3));
    }

    @ParameterizedTest
    @CsvSource({
        "octaves,9,false",
        "octaves,12,true",
        "tenths,12,false",
        "tenths,16,true",
        "octave-then-chord,9,false",
        "close,9,true",
        "shells,12,true"
    })
    void saysWhetherAHandReachesIt(String style, int span, boolean reaches) {
        VoicingStyle.Wishes wishes = new VoicingStyle.Wishes(Hand.ofSpan(span), 5, Map.of());
        assertThat(VoicingStyles.named(style).reaches(Chord.parse("C7"), wishes))
                .isEqualTo(reaches);
    }

    /** A hand that rolls plays tenths it cannot hold, and no wider. */
    @Test
    void aHandThatRollsPlaysTenths() {
        Hand rolling = Hand.ofSpan(12).rolling(true);
        List<Voicing> voiced = lay(VoicingStyles.TENTHS, "C F", rolling);
        assertThat(voiced).allMatch(voicing -> voicing.width() > 12 && voicing.width() <= 16);
        assertThat(voiced).allMatch(voicing -> rolling.mustRoll(voicing.first()));
    }

    /** A bass that is not the root has the root above it, as the overtones lie: wide below, close above (common practice). */
    @Test
    void tenthsOverAnotherBassKeepOutOfTheMud() {
        Voicing voiced = lay(VoicingStyles.ROOT_FIFTH_TENTH, "G D/F# Em", Hand.ofSpan(15))
                .get(1);
        assertThat(voiced.pitches()).extracting(Pitch::toString).containsExactly("F#2", "D3", "A3");
    }

    /** A fifth, an octave and a tenth are 7, 12 and 16 half steps (any textbook of theory). */
    @Test
    void stylesTellTheHandTheyNeed() {
        assertThat(VoicingStyles.OPEN_FIFTHS.needs()).isEqualTo(7);
        assertThat(VoicingStyles.TRIADS.needs()).isEqualTo(7);
        assertThat(VoicingStyles.OCTAVES.needs()).isEqualTo(12);
        assertThat(VoicingStyles.TENTHS.needs()).isEqualTo(16);
        assertThat(VoicingStyles.CLOSE.needs()).isZero();
    }
}
