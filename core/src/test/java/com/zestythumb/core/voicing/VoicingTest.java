package com.zestythumb.core.voicing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VoicingTest {

    private static List<Pitch> pitches(String notes) {
        return Arrays.stream(notes.split(" ")).map(Pitch::parse).toList();
    }

    /** Chord members as teachers count them (any textbook of harmony). */
    @ParameterizedTest
    @CsvSource({
        "C13, C3 E3 Bb3 D4 A4, ROOT THIRD SEVENTH NINTH THIRTEENTH",
        "Dm7b5, F3 Ab3 C4 D4, THIRD FIFTH SEVENTH ROOT",
        "C6, C3 E3 G3 A3, ROOT THIRD FIFTH SIXTH",
        "Gsus4, G3 C4 D4, ROOT FOURTH FIFTH",
        "Bdim7, B2 D3 F3 Ab3, ROOT THIRD FIFTH SEVENTH",
        "C/D, D3 E3 G3 C4, FOREIGN THIRD FIFTH ROOT",
        "D/C7, C3 E3 Bb3 D4 F#4 A4, ROOT THIRD SEVENTH NINTH ELEVENTH THIRTEENTH"
    })
    void tellsEachNoteWhichMemberItIs(String symbol, String notes, String members) {
        Voicing voicing = Voicing.inOneGrip(Chord.parse(symbol), pitches(notes));
        assertThat(voicing.tones().stream().map(tone -> tone.member().name()).collect(Collectors.joining(" ")))
                .isEqualTo(members);
    }

    @Test
    void measuresSpanWithinAGripOnly() {
        Chord c = Chord.parse("C");
        Grip bass = Grip.of(c, pitches("C2"));
        Grip above = Grip.of(c, pitches("G3 C4 E4"));
        Voicing stride = new Voicing(c, PitchClass.parse("C"), List.of(bass, above));
        assertThat(stride.width()).isEqualTo(9);
        assertThat(stride.first()).isEqualTo(bass);
        assertThat(stride.last()).isEqualTo(above);
        assertThat(stride).hasToString("C2, G3 C4 E4");
        assertThat(stride.bassMember()).isEqualTo(ChordTone.ROOT);
    }

    /** E–B♭–D over a C that the bass player has: the lowest note under the hand is not the bass (common practice). */
    @Test
    void knowsItsBassWhereTheHandHasNoRoot() {
        Chord c9 = Chord.parse("C9");
        Voicing rootless = new Voicing(c9, PitchClass.parse("C"), List.of(Grip.of(c9, pitches("E3 Bb3 D4"))));
        assertThat(rootless.bassMember()).isEqualTo(ChordTone.ROOT);
        Place closing = new Place(Hand.OCTAVE, false, true);
        assertThat(CostTerms.CLOSING.charge(rootless, closing)).isZero();
        assertThat(CostTerms.CLOSING.charge(Voicing.inOneGrip(c9, pitches("E3 Bb3 D4")), closing))
                .isEqualTo(30);
    }

    @Test
    void refusesNotesThatDoNotRise() {
        assertThatThrownBy(() -> Voicing.inOneGrip(Chord.parse("C"), pitches("E3 C3")))
                .hasMessageContaining("E3 lies above C3");
        assertThatThrownBy(() -> Voicing.inOneGrip(Chord.parse("C"), List.of())).hasMessageContaining("at least one");
    }

    @Test
    void everyTermOfEveryStyleHasItsOwnNameUnitAndWeight() {
        for (VoicingStyle style : VoicingStyles.all()) {
            assertThat(style.terms()).extracting(CostTerm::id).doesNotHaveDuplicates();
            assertThat(style.terms()).allSatisfy(term -> {
                assertThat(term.name()).isNotBlank();
                assertThat(term.unit()).isNotBlank();
                assertThat(term.weight()).isPositive();
            });
        }
    }

    @Test
    void refusesSettingsAStyleDoesNotHave() {
        assertThat(new StyleChoice(VoicingStyles.CLOSE, Map.of()).candidates(Chord.parse("C"), Hand.OCTAVE, 5))
                .isEqualTo(StyleChoice.close(Inversions.NEAREST).candidates(Chord.parse("C"), Hand.OCTAVE, 5));
        assertThatThrownBy(() -> new StyleChoice(VoicingStyles.CLOSE, Map.of("inversions", "UPSIDE_DOWN")))
                .hasMessageContaining("UPSIDE_DOWN")
                .hasMessageContaining("NEAREST");
        assertThatThrownBy(() -> new StyleChoice(VoicingStyles.CLOSE, Map.of("colour", "red")))
                .hasMessageContaining("no setting");
        assertThatThrownBy(() -> VoicingStyles.named("sideways")).hasMessageContaining("close");
    }

    /** Without its fifth a sixth chord would be heard as the triad on its sixth (common practice). */
    @ParameterizedTest
    @CsvSource({"C6", "G6", "Am6", "Eb6", "F#m6"})
    void keepsASixthChordFromBecomingAnother(String symbol) {
        Chord chord = Chord.parse(symbol);
        List<Voicing> three = StyleChoice.close(Inversions.NEAREST).candidates(chord, Hand.OCTAVE, 3);
        assertThat(three).isNotEmpty().allMatch(voicing -> voicing.has(ChordTone.FIFTH) && voicing.has(ChordTone.ROOT));
        assertThat(three).as("a sixth that is named stays").allMatch(voicing -> voicing.has(ChordTone.SIXTH));
    }

    @Test
    void tellsWhatNoFingerPlays() {
        Chord chord = Chord.parse("F#7b9");
        assertThat(StyleChoice.close(Inversions.NEAREST).candidates(chord, Hand.OCTAVE, 3))
                .allMatch(voicing -> List.of("[F#, C#]", "[F#]", "[C#]")
                        .contains(voicing.leftOut().toString()));
        assertThat(StyleChoice.close(Inversions.NEAREST)
                        .candidates(Chord.parse("C"), Hand.OCTAVE, 3)
                        .get(0)
                        .leftOut())
                .isEmpty();
    }

    /** A colour that is named stays; a cluster of seconds is charged, and voiced where nothing else is (common practice). */
    @ParameterizedTest
    @CsvSource({"C9", "Cm9", "Cmaj9", "C13", "Cm11", "C6/9", "Cadd9", "D/C7", "C7(b9,#9)", "F#9", "Bbmaj13", "G/F"})
    void keepsItsColours(String symbol) {
        Chord chord = Chord.parse(symbol);
        List<Voicing> all = StyleChoice.close(Inversions.NEAREST).candidates(chord, Hand.OCTAVE, 5);
        assertThat(all).isNotEmpty().allSatisfy(voicing -> {
            assertThat(voicing.tones().get(0).member().isColour()).isFalse();
            assertThat(voicing.has(ChordTone.THIRD)).isTrue();
            assertThat(voicing.leftOut())
                    .allMatch(note -> List.of(ChordTone.ROOT, ChordTone.FIFTH).contains(ChordTone.of(chord, note))
                            || chord.tones().size() > 5);
        });
    }

    /** C° seventh is C E♭ G♭ B𝄫 (any textbook of harmony); most read the last one as A. */
    @Test
    void writesDoubleFlatsForThoseWhoReadThem() {
        Chord chord = Chord.parse("Cdim7");
        Hand reads = Hand.OCTAVE.reading(ReadingLevel.DOUBLE_SIGNS);
        assertThat(names(chord, Hand.OCTAVE)).contains("A").doesNotContain("Bbb");
        assertThat(names(chord, reads)).contains("Bbb").doesNotContain("A");
    }

    private static List<String> names(Chord chord, Hand hand) {
        return StyleChoice.close(Inversions.NEAREST).candidates(chord, hand, 4).stream()
                .flatMap(voicing -> voicing.pitches().stream())
                .map(pitch -> pitch.pitchClass().toString())
                .distinct()
                .toList();
    }
}
