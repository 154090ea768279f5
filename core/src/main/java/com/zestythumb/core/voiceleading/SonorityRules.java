package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/** What is wrong in a chord by itself, whatever comes before and behind it (any textbook of harmony). */
public final class SonorityRules {

    private static final int OCTAVE = 12;
    private static final int DEGREES = 7;
    private static final int MANY = 4;

    private SonorityRules() {}

    /** What has to go on is not doubled, for both would go on in octaves: the leading tone, the seventh, a note foreign to the key. */
    static final Rule<Sonority> DOUBLED = Rule.of("doubled", Sonority.class, (sonority, limits, found) -> {
        List<Move> leading = sonority.notes(tone -> leads(sonority, tone));
        List<Move> sevenths = sonority.notes(tone -> tone.member() == ChordTone.SEVENTH);
        twice(Kind.LEADING_DOUBLED, leading, found);
        twice(Kind.SEVENTH_DOUBLED, sevenths, found);
        if (sonority.key() == null) {
            return;
        }
        for (Move note : sonority.notes()) {
            Tone tone = note.to();
            if (tone.member() != ChordTone.SEVENTH && !leads(sonority, tone) && alteration(sonority, tone) != 0) {
                List<Move> same = sonority.notes(
                        other -> other.pitch().pitchClass().equals(tone.pitch().pitchClass()));
                if (same.get(0).to() == tone) {
                    twice(Kind.ALTERED_DOUBLED, same, found);
                }
            }
        }
    });

    private static void twice(Kind kind, List<Move> notes, Consumer<Fault> found) {
        if (notes.size() > 1) {
            found.accept(Fault.of(kind, notes.get(0), notes.get(notes.size() - 1)));
        }
    }

    /** The key's leading tone in V and vii°, and the third of any dominant seventh. */
    private static boolean leads(Sonority sonority, Tone tone) {
        PitchClass leading = sonority.leading();
        if (!sonority.augmentedSixth().isEmpty()) {
            return false;
        }
        return sonority.isDominantOfKey() && tone.pitch().pitchClass().soundsLike(leading)
                || sonority.isDominantSeventh() && tone.member() == ChordTone.THIRD;
    }

    /** Half steps by which a note is altered in its key; 0 too where it only has another name, in a key with too many signs. */
    static int alteration(Sonority sonority, Tone tone) {
        PitchClass note = tone.pitch().pitchClass();
        boolean ofTheScale = IntStream.rangeClosed(1, DEGREES)
                .mapToObj(sonority.key()::degree)
                .anyMatch(note::soundsLike);
        return ofTheScale || tone.member() == ChordTone.SEVENTH
                ? 0
                : sonority.key().alterationOf(note);
    }

    /** More than an octave between neighbouring upper voices: a gap in the middle. Fewer than four notes of hands are no voices. */
    static final Rule<Sonority> SPACING = Rule.of("spacing", Sonority.class, (sonority, limits, found) -> {
        List<Move> notes = sonority.notes();
        boolean voices = sonority.sung() || sonority.voices().size() >= MANY;
        for (int i = 0; voices && i + 1 < notes.size(); i++) {
            boolean tune = notes.get(i + 1).voice() == Voice.TUNE;
            boolean aboveBass = notes.get(i).voice() == Voice.BASS;
            if (!tune && !aboveBass && apart(notes.get(i), notes.get(i + 1)) > OCTAVE) {
                found.accept(Fault.of(Kind.SPACING, notes.get(i), notes.get(i + 1)));
            }
        }
    });

    /** A part goes below the one beneath it: the ear no longer knows which is which. */
    static final Rule<Sonority> CROSSING = Rule.of("part-crossing", Sonority.class, SonorityRules::crossing);

    private static void crossing(Sonority sonority, Map<String, Double> limits, Consumer<Fault> found) {
        List<Move> notes = sonority.notes();
        for (int i = 0; sonority.sung() && i + 1 < notes.size(); i++) {
            if (apart(notes.get(i), notes.get(i + 1)) < 0) {
                found.accept(Fault.of(Kind.PART_CROSSING, notes.get(i), notes.get(i + 1)));
            }
        }
    }

    private static int apart(Move low, Move high) {
        return high.pitch().midi() - low.pitch().midi();
    }
}
