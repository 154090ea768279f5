package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the right hand takes over, and single notes that are played in a way of their own. */
class TwoHandsTest {

    private static Arrangement arrange(String chart, Choices choices) {
        return Arrangement.of(Chart.read(chart).sheet(), choices);
    }

    private static Choices in(VoicingStyle style) {
        return Choices.USUAL.with(new StyleChoice(style, Map.of()));
    }

    private static KeptVoicing pin(String notes) {
        return new KeptVoicing(
                0, Fraction.ZERO, Stream.of(notes.split(" ")).map(Pitch::parse).toList());
    }

    private static List<String> voiced(Arrangement tune) {
        return tune.chords().stream().map(chord -> chord.voicing().toString()).toList();
    }

    private static List<String> played(Arrangement tune) {
        return tune.notes().stream()
                .map(note -> note.onset() + " " + note.pitch() + (note.isRight() ? " right" : ""))
                .toList();
    }

    /** I–vi–IV–V with the bass below and the nearest inversions above middle C (common practice). */
    @Test
    void theChordLiesInTheRightHandOverItsBass() {
        Arrangement song = arrange("| C | Am | F | G |", in(VoicingStyles.CHORD_OVER_BASS));
        assertThat(song.chords()).allSatisfy(chord -> {
            Voicing voicing = chord.voicing();
            assertThat(voicing.grips()).hasSize(1);
            assertThat(voicing.first().pitches()).hasSize(1);
            assertThat(voicing.first().lowest().pitchClass())
                    .isEqualTo(chord.chord().bass());
            assertThat(voicing.right()).hasSize(1);
            assertThat(voicing.right().get(0).lowest().midi()).isGreaterThan(51);
        });
        // C to A minor: two notes stay in the right hand, the fifth goes up a step.
        assertThat(voiced(song).get(0)).endsWith("+ C4 E4 G4");
        assertThat(voiced(song).get(1)).endsWith("+ C4 E4 A4");
        assertThat(song.chords().get(0).fingers().get(1)).containsExactly(1, 3, 5);
        assertThat(song.chords().get(1).fingers().get(1)).as("first inversion").containsExactly(1, 2, 5);
    }

    /** The bass on one, the chord on two and three in the other hand (common practice). */
    @Test
    void aWaltzForTwoHands() {
        Arrangement waltz = arrange(
                "meter: 3/4\n| C | C |", in(VoicingStyles.CHORD_OVER_BASS).with(AccompanimentPatterns.BASS_AND_CHORDS));
        List<TimedNote> bar =
                waltz.notes().stream().filter(note -> note.bar() == 0).toList();
        assertThat(bar).filteredOn(note -> note.onset().equals(Fraction.ZERO)).hasSize(1);
        assertThat(bar).allMatch(note -> note.isRight() == (note.onset().isPositive()));
    }

    /** Bass, filler, tune; no hand spans more than it can. */
    @Test
    void layersShareTheFillerBetweenTheHands() {
        String chart = "key: C major\n| C | Am | F | G7 | C |\nm: e4 g4 | a4 e4 | f4 a4 | d4 B4 | c8 |";
        Arrangement layers = arrange(chart, in(VoicingStyles.LAYERS));
        assertThat(layers.needsRightHand()).isTrue();
        assertThat(layers.chords()).allSatisfy(chord -> {
            Voicing voicing = chord.voicing();
            assertThat(voicing.bothHands())
                    .allMatch(grip -> layers.choices().hand().beyond(grip) == 0);
            assertThat(voicing.first().lowest().pitchClass())
                    .isEqualTo(chord.chord().bass());
            // What tells the chord is there, below the tune.
            assertThat(voicing.pitches()).hasSizeBetween(2, 4);
            int lowest = layers.sheet().bars().get(chord.event().bar()).melody().stream()
                    .mapToInt(note -> note.pitch().midi())
                    .min()
                    .orElseThrow();
            assertThat(voicing.pitches().get(voicing.pitches().size() - 1).midi())
                    .isLessThan(lowest);
        });
        assertThat(layers.chords())
                .filteredOn(chord -> !chord.voicing().right().isEmpty())
                .as("the filler lies inside the hand that has the tune on top")
                .allSatisfy(chord -> assertThat(chord.fingers().get(1)).allMatch(finger -> finger >= 1 && finger <= 4));
    }

    /** The right hand goes on in the same inversion, an octave higher (common practice). */
    @Test
    void anArpeggioIsPassedFromHandToHand() {
        Arrangement passed = arrange("| C | G | C |", in(VoicingStyles.PASSED).with(AccompanimentPatterns.WAVE));
        assertThat(played(passed).subList(0, 8))
                .containsExactly(
                        "0 C3",
                        "1/2 E3",
                        "1 G3",
                        "3/2 C4 right",
                        "2 E4 right",
                        "5/2 G4 right",
                        "3 E4 right",
                        "7/2 C4 right");
        assertThat(voiced(passed).get(1)).matches("\\S+ (\\S+) \\S+ \\+ .*");
    }

    @Test
    void aNoteGoesToTheOtherHandAndTheRestIsSolvedAround() {
        Choices shared = Choices.USUAL.withPins(List.of(pin("C3 E3 G3 C4").with(Pitch.parse("C4"), Manner.RIGHT_HAND)));
        Arrangement tune = arrange("| C | F | C |", shared);
        assertThat(voiced(tune).get(0)).isEqualTo("C3 E3 G3 + C4");
        assertThat(tune.notes()).filteredOn(TimedNote::isRight).singleElement().satisfies(note -> {
            assertThat(note.pitch()).isEqualTo(Pitch.parse("C4"));
            assertThat(note.finger()).isEqualTo(1);
        });
        assertThat(tune.chords().get(0).fingers().get(0)).containsExactly(5, 3, 1);
    }

    @Test
    void theRightHandTakesTheHighestNotesAndLeavesOne() {
        assertThatThrownBy(() -> pin("C3 E3 G3").with(Pitch.parse("C3"), Manner.RIGHT_HAND))
                .hasMessageContaining("highest");
        assertThatThrownBy(() -> pin("C3").with(Pitch.parse("C3"), Manner.RIGHT_HAND))
                .hasMessageContaining("not all");
        assertThatThrownBy(() -> pin("C3").with(Pitch.parse("C3"), 6)).hasMessageContaining("thumb");
    }

    /** Six notes of a passed arpeggio are fixed as they are shared, whoever gives the highest to the right hand again. */
    @Test
    void whatTheStyleHasSharedStaysShared() {
        KeptVoicing passed = pin("C3 E3 G3 C4 E4 G4");
        for (KeptVoicing one : List.of(passed, passed.with(Pitch.parse("G4"), Manner.RIGHT_HAND))) {
            Arrangement tune = arrange("| C | F |", in(VoicingStyles.PASSED).withPins(List.of(one)));
            assertThat(voiced(tune).get(0)).isEqualTo("C3 E3 G3 + C4 E4 G4");
        }
    }

    @Test
    void aNoteIsPlayedSoftlyOrACountLater() {
        KeptVoicing late = pin("C3 E3 G3").with(Pitch.parse("E3"), Manner.LATE).with(Pitch.parse("G3"), Manner.SOFT);
        Arrangement tune = arrange("| C | C |", Choices.USUAL.withPins(List.of(late)));
        assertThat(tune.notes().subList(0, 3)).allSatisfy(note -> {
            boolean isLate = note.pitch().equals(Pitch.parse("E3"));
            assertThat(note.onset()).isEqualTo(isLate ? Fraction.of(1) : Fraction.ZERO);
            assertThat(note.duration()).isEqualTo(Fraction.of(isLate ? 3 : 4));
            assertThat(note.voice()).isEqualTo(isLate ? 1 : 0);
            assertThat(note.isSoft()).isEqualTo(note.pitch().equals(Pitch.parse("G3")));
        });
    }

    /** The teacher's own finger stays, the others are found around it. */
    @Test
    void aGivenFingerStays() {
        KeptVoicing own = pin("C3 E3 G3").with(Pitch.parse("E3"), 2);
        Arrangement tune = arrange("| C | C |", Choices.USUAL.withPins(List.of(own)));
        assertThat(tune.chords().get(0).fingers()).containsExactly(List.of(5, 2, 1));
        assertThat(tune.notes().subList(0, 3))
                .extracting(TimedNote::finger, TimedNote::fingerShown)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(5, true),
                        org.assertj.core.groups.Tuple.tuple(2, true),
                        org.assertj.core.groups.Tuple.tuple(1, true));
    }

    @Test
    void wishesThatContradictEachOtherAreNamed() {
        Choices twice = Choices.USUAL.withPins(List.of(pin("C3 E3 G3"), pin("E3 G3 C4")));
        assertThat(contradictions("| C | F |", twice))
                .containsExactly(new Contradiction(Contradiction.Kind.FIXED_TWICE, 0));
        assertThat(voiced(arrange("| C | F |", twice)).get(0)).isEqualTo("E3 G3 C4");
        Choices against = Choices.USUAL.withPins(List.of(pin("C3 E3 G3"))).without(Set.of(PitchClass.parse("E")));
        assertThat(contradictions("| C | F |", against))
                .containsExactly(new Contradiction(Contradiction.Kind.FIXED_AND_FORBIDDEN, 0));
        Choices nothing =
                Choices.USUAL.without(Set.of(PitchClass.parse("F"), PitchClass.parse("A"), PitchClass.parse("C")));
        assertThat(contradictions("| G | F |", nothing))
                .containsExactly(new Contradiction(Contradiction.Kind.NOTHING_LEFT, 1));
        Choices fingers = Choices.USUAL.withPins(
                List.of(pin("C3 E3 G3").with(Pitch.parse("C3"), 5).with(Pitch.parse("G3"), 5)));
        assertThat(contradictions("| C |", fingers))
                .containsExactly(new Contradiction(Contradiction.Kind.FINGER_TWICE, 0));
        assertThat(contradictions("| C | F |", Choices.USUAL)).isEmpty();
    }

    /** A line on top, note by note, without fixing a chord. */
    @Test
    void aWantedTopLineIsHeard() {
        List<WantedNote> line = List.of(
                new WantedNote(0, Fraction.ZERO, PitchClass.parse("G"), null),
                new WantedNote(1, Fraction.ZERO, PitchClass.parse("F"), null),
                new WantedNote(2, Fraction.ZERO, PitchClass.parse("E"), PitchClass.parse("G")));
        Arrangement tune = arrange("| C | F | C |", Choices.USUAL.wanting(line));
        assertThat(voiced(tune)).allMatch(chord -> chord.split(" ").length == 3);
        assertThat(tune.chords().stream()
                        .map(chord ->
                                chord.voicing().last().highest().pitchClass().toString()))
                .containsExactly("G", "F", "E");
        assertThat(tune.chords().get(2).voicing().first().lowest().pitchClass()).isEqualTo(PitchClass.parse("G"));
        List<WantedNote> foreign = List.of(new WantedNote(0, Fraction.ZERO, PitchClass.parse("F#"), null));
        assertThat(contradictions("| C | F |", Choices.USUAL.wanting(foreign)))
                .containsExactly(new Contradiction(Contradiction.Kind.NOT_TO_BE_HAD, 0));
    }

    private static List<Contradiction> contradictions(String chart, Choices choices) {
        return arrange(chart, choices).leftHand().contradictions();
    }

    /** Three schools (common practice): words on the bar, and in the third the hands really take turns. */
    @Test
    void repeatedChordsArePlayedBySchool() {
        Choices repeated = Choices.USUAL.with(AccompanimentPatterns.REPEATED);
        assertThat(arrange("| C | F | C |", repeated).advice()).isEmpty();
        assertThat(arrange("| C | F | C |", repeated.with(Playing.PLAIN.with(Repeating.WRIST)))
                        .advice())
                .containsExactly(Map.entry(0, Repeating.WRIST.words()));
        Arrangement inTurn = arrange("| C | F | C |", repeated.with(Playing.PLAIN.with(Repeating.HANDS)));
        List<TimedNote> bar =
                inTurn.notes().stream().filter(note -> note.bar() == 0).toList();
        assertThat(bar)
                .hasSize(24)
                .allMatch(note -> note.isRight() == (note.onset().times(2).floor() % 2 == 1));
        assertThat(inTurn.advice()).containsKey(0);
    }

    @Test
    void touchIsAChoiceOfItsOwn() {
        Choices detached = Choices.USUAL.with(AccompanimentPatterns.DETACHED);
        assertThat(arrange("| C | F |", detached).notes().get(0).touch()).isEqualTo(Touch.SHORT);
        TimedNote joined = arrange("| C | F |", detached.with(Playing.PLAIN.with(Articulation.LEGATO)))
                .notes()
                .get(0);
        assertThat(joined.sounding()).isEqualTo(joined.duration());
        TimedNote apart = arrange(
                        "| C | F |",
                        Choices.USUAL
                                .with(AccompanimentPatterns.ALBERTI)
                                .with(Playing.PLAIN.with(Articulation.DETACHED)))
                .notes()
                .get(0);
        assertThat(apart.sounding()).isEqualTo(apart.duration().times(Fraction.of(3, 4)));
        assertThat(apart.side()).isEqualTo(Side.LEFT);
    }

    /** Where the left hand has the root, the right has no half step side by side with it (common practice of accompanists). */
    @Test
    void noClusterLiesUnderTheRightHand() {
        for (VoicingStyle style : List.of(VoicingStyles.CHORD_OVER_BASS, VoicingStyles.OCTAVE_UNDER_CHORDS)) {
            for (String quality : List.of("maj7", "maj9", "7b9", "mM7", "m9", "9", "maj7/E")) {
                for (String root : "C Db D Eb E F F# G Ab A Bb B".split(" ")) {
                    String symbol = quality.equals("maj7/E") ? "Cmaj7/E" : root + quality;
                    Arrangement song = arrange("| " + symbol + " | C |", in(style));
                    List<Pitch> right = song.chords().get(0).voicing().last().pitches().stream()
                            .toList();
                    for (int i = 1; i < right.size(); i++) {
                        assertThat(right.get(i).midi() - right.get(i - 1).midi())
                                .as(style.id() + " " + symbol + " " + right)
                                .isGreaterThan(1);
                    }
                }
            }
        }
    }
}
