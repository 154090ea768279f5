package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;

/**
 * A chord to be read: the facts about it, and how to say what is found.
 *
 * @param here the chord in its key and among its neighbours
 * @param blues whether minor sevenths are at rest in this tune
 * @param names how the teacher calls the notes
 */
record ChordInContext(Neighbourhood here, boolean blues, NoteNames names) {

    static final double SURE = 0.95;
    static final double LIKELY = 0.8;
    static final double OPEN = 0.6;
    static final double DOUBTFUL = 0.35;

    Chord chord() {
        return here.chord();
    }

    /** The chord behind, or null. */
    Chord next() {
        return here.next();
    }

    Key key() {
        return here.key();
    }

    ChordKind kind() {
        return here.kind();
    }

    /** Half steps of the root above the tonic. */
    int aboveTonic() {
        return here.aboveTonic();
    }

    boolean isMinor() {
        return here.isMinor();
    }

    String name(Key named) {
        return names.fromEnglish(named.pretty());
    }

    String name(PitchClass note) {
        return names.fromEnglish(note.pretty());
    }

    Numeral plainNumeral() {
        return Numeral.plain(chord(), key());
    }

    Reading plain(Role role, String reason, double confidence) {
        return reading(plainNumeral(), role, function(aboveTonic()), reason, confidence);
    }

    Reading reading(Numeral numeral, Role role, Function function, String reason, double confidence) {
        return new Reading(chord(), key(), numeral, role, function, reason, confidence, numeral, List.of());
    }

    /** Tonic, subdominant or dominant by the half steps of a root above the tonic (common practice). */
    Function function(int aboveTonic) {
        return switch (aboveTonic) {
            case 7, 11 -> Function.DOMINANT;
            case 2, 5, 1, 6 -> Function.SUBDOMINANT;
            case 8 -> isMinor() ? Function.TONIC : Function.SUBDOMINANT;
            case 10 -> isMinor() ? Function.DOMINANT : Function.SUBDOMINANT;
            default -> Function.TONIC;
        };
    }
}
