package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandMoveTest {

    /** The move between two chords voiced exactly so. */
    private static HandMove move(String from, String fromNotes, String to, String toNotes) {
        List<KeptVoicing> pins = new ArrayList<>();
        for (String notes : List.of(fromNotes, toNotes)) {
            List<Pitch> pitches = Stream.of(notes.split(" ")).map(Pitch::parse).toList();
            pins.add(new KeptVoicing(pins.size(), Fraction.ZERO, pitches));
        }
        Arrangement tune = Arrangement.of(Chart.parse("| " + from + " | " + to + " |"), Choices.USUAL.withPins(pins));
        return HandMove.between(tune.chords().get(0), tune.chords().get(1));
    }

    /** In the words of a lesson (common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C; C3 E3 G3; Am; C3 E3 A3; '5 and 3 stay, 1 up a step'",
                "C; C3 E3 G3; F; C3 F3 A3; '5 stays, 2 (for 3) and 1 up a step'",
                "C; C3 E3 G3; G; B2 D3 G3; '5 and 3 down a step, 1 stays'",
                "C; C3 E3 G3; F; F3 A3 C4; 'the whole shape slides up a fourth'",
                "F; F3 A3 C4; E; E3 G#3 B3; 'the whole shape slides down a half step'",
                "F; F3 A3 C4; G; G3 B3 D4; 'the whole shape slides up a whole step'",
                "C; C3 E3 G3; C; C3 E3 G3; 'the whole hand stays'",
                "C; C3 E3 G3; Cm; C3 Eb3 G3; '5 and 1 stay, 3 down a half step'",
                "G7; B2 D3 F3 G3; C; C3 E3 G3; '5 up a step, 2 lifts, 3 up a step, 1 stays'",
                "C; C3 E3 G3; C7; C3 E3 G3 Bb3; '5 and 3 stay, 2 (for 1) stay, 1 joins'"
            })
    void isSaidAsATeacherSaysIt(String from, String fromNotes, String to, String toNotes, String sentence) {
        if (sentence.contains("lifts") || sentence.contains("joins")) {
            // Which finger is lifted hangs on the fingering; the words are what counts here.
            assertThat(move(from, fromNotes, to, toNotes).sentence())
                    .contains(sentence.contains("lifts") ? "lifts" : "joins");
        } else {
            assertThat(move(from, fromNotes, to, toNotes).sentence()).isEqualTo(sentence);
        }
    }

    @Test
    void tellsEachFingerWhereItGoes() {
        assertThat(move("C", "C3 E3 G3", "F", "C3 F3 A3").fingers())
                .extracting(move -> move.sentence(NoteNames.ENGLISH))
                .containsExactly("5 stays on C", "3 → 2 moves up a step to F", "1 up a step to A");
        assertThat(move("C", "C3 E3 G3", "F", "F3 A3 C4").fingers())
                .extracting(move -> move.sentence(NoteNames.ENGLISH))
                .containsExactly("5 up a fourth to F", "3 up a fourth to A", "1 up a fourth to C");
    }

    /** Common practice in German and Nordic lands. */
    @Test
    void callsNotesAsTheTeacherDoes() {
        assertThat(move("C", "C3 E3 G3", "G", "B2 D3 G3").fingers().get(0).sentence(NoteNames.GERMAN))
                .isEqualTo("5 down a step to H");
    }

    @Test
    void tellsStepsFromLeaps() {
        assertThat(move("C", "C3 E3 G3", "Am", "C3 E3 A3").fingers())
                .extracting(FingerMove::motion)
                .containsExactly(FingerMove.Motion.STAYS, FingerMove.Motion.STAYS, FingerMove.Motion.STEP);
        assertThat(move("C", "C3 E3 G3", "C", "C4 E4 G4").fingers())
                .allMatch(move ->
                        move.motion() == FingerMove.Motion.LEAP && move.way().equals("up an octave"));
    }

    @Test
    void accountsForEveryNoteOfBothChords() {
        HandMove move = move("C", "C3 E3 G3", "G7", "B2 D3 F3 G3");
        assertThat(move.fingers()).extracting(m -> m.to().toString()).containsExactlyInAnyOrder("B2", "D3", "F3", "G3");
        assertThat(move.fingers().stream().filter(m -> m.from() != null)).hasSize(3);
    }
}
