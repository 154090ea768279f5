package com.zestythumb.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BareNotesTest {

    /** The name of a bar of notes struck together, before a bar with the triad of the key on the next root. */
    private static String name(String notes, String key, String next) {
        Key heard = Key.parse(key);
        List<SoundingBar> bars = new ArrayList<>(List.of(bar(notes, heard)));
        if (next != null) {
            int degree = heard.degreeOf(PitchClass.parse(next));
            String triad = next + " " + heard.degree((degree + 1) % 7 + 1) + " " + heard.degree((degree + 3) % 7 + 1);
            bars.add(bar(triad, heard));
        }
        return ChordHearing.hear(bars).get(0).get(0).name().toString();
    }

    private static SoundingBar bar(String notes, Key key) {
        List<Sounding> struck = new ArrayList<>();
        for (String note : notes.split(" ")) {
            int octave = struck.isEmpty() ? 48 : 60;
            struck.add(new Sounding(octave + PitchClass.parse(note).semitone(), Fraction.ZERO, Fraction.of(4)));
        }
        return new SoundingBar(struck, Fraction.of(4), Meter.FOUR_FOUR, key);
    }

    /**
     * Common practice: notes that bear two names are named by what they do. A subdominant with its sixth
     * that goes to the dominant is a supertonic seventh; going home it is a sixth chord.
     */
    @ParameterizedTest
    @CsvSource({
        "C E G A,C,,C6",
        "A C E G,C,D,Am7",
        "F A C D,C,G,Dm7/F",
        "F A C D,C,C,F6",
        "D F A B,A minor,E,Bm7b5/D",
        "D F A B,D minor,,Dm6",
        "B D F A,C,,Bm7b5",
        "B D F Ab,C,C,Bdim7",
        "G# B D F,A minor,A,G#dim7",
        "D F Ab B,C,C,Bdim7/D",
        "C F G,C,C,Csus4",
        "C E G#,C,F,Caug",
        "G B F,C,C,G7",
        "C E,C,,C",
        "A C,C,,Am",
        "C G,C,,C",
        "A E,C,,Am",
        "B D G,C,,G/B",
        "E G C C C,C,,C/E",
        "D F# A C,G,G,D7",
        "Eb G Bb,Eb,,Eb",
        "Gb Bb Db,Db,,Gb",
        "F# A# C#,E,B,F#"
    })
    void namesNotesAsATeacherWould(String notes, String key, String next, String chord) {
        assertThat(name(notes, key, next)).isEqualTo(chord);
    }

    private record Labelled(String notes, String key, String label) {}

    /**
     * The triads and sevenths on every degree of six keys (any textbook of harmony), in all inversions,
     * complete, without fifth, and with the bass doubled.
     */
    private static List<Labelled> labelled() {
        List<Labelled> set = new ArrayList<>();
        for (String tonic : List.of("C", "G", "Eb", "A minor", "D minor", "F# minor")) {
            Key key = Key.parse(tonic);
            for (int degree = 1; degree <= 7; degree++) {
                for (int size = 3; size <= 4; size++) {
                    List<PitchClass> tones = new ArrayList<>();
                    for (int i = 0; i < size; i++) {
                        tones.add(key.degree((degree - 1 + 2 * i) % 7 + 1));
                    }
                    addInversions(set, tonic, tones);
                }
            }
        }
        return set;
    }

    private static void addInversions(List<Labelled> set, String key, List<PitchClass> tones) {
        Chord chord = stacked(tones);
        for (PitchClass bass : tones) {
            List<PitchClass> others = new ArrayList<>(tones);
            others.remove(bass);
            String label = new Chord(chord.root(), chord.quality(), bass).toString();
            // The same notes as the tonic with its sixth (common practice): in C, C6 rather than Am7/C.
            boolean tonicSixth = chord.quality().equals(Quality.MINOR_SEVENTH)
                    && bass == tones.get(1)
                    && bass.equals(Key.parse(key).tonic());
            String whole = tonicSixth ? Chord.of(bass, Quality.SIXTH).toString() : label;
            set.add(new Labelled(bass + " " + spaced(others), key, whole));
            set.add(new Labelled(bass + " " + bass + " " + spaced(others), key, whole));
            boolean plainFifth = Interval.PERFECT_FIFTH.equals(chord.quality().numbered(5));
            if (plainFifth && bass != tones.get(2)) {
                others.remove(tones.get(2));
                set.add(new Labelled(bass + " " + spaced(others), key, label));
            }
        }
    }

    private static Chord stacked(List<PitchClass> tones) {
        for (Quality quality : Quality.common()) {
            Chord chord = Chord.of(tones.get(0), quality);
            if (chord.tones().equals(tones)) {
                return chord;
            }
        }
        throw new AssertionError(tones);
    }

    private static String spaced(List<PitchClass> tones) {
        return String.join(" ", tones.stream().map(PitchClass::toString).toList());
    }

    @Test
    void namesAllOfTheChordsOfAKey() {
        List<Labelled> set = labelled();
        List<String> wrong = new ArrayList<>();
        for (Labelled chord : set) {
            String named = name(chord.notes(), chord.key(), null);
            if (!named.equals(chord.label())) {
                wrong.add(chord.notes() + " in " + chord.key() + ": " + chord.label() + " named " + named);
            }
        }
        assertThat(set).hasSizeGreaterThan(300);
        assertThat(wrong).isEmpty();
    }
}
