package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * What sounds at one time, voice by voice.
 *
 * @param chord what it is
 * @param bass its sounding bass
 * @param voices the parts of a page, or the notes of the hands, from the lowest; a part that rests has null
 * @param tune the tune's note above the hands; null where it rests, or is one of the parts
 * @param sung whether each voice is a part of its own
 * @param broken whether a hand breaks it up in time
 * @param key null where none is clear
 */
public record Sonority(
        Chord chord, PitchClass bass, List<Tone> voices, Tone tune, boolean sung, boolean broken, Key key) {

    private static final int KEYS = 12;
    private static final int FIFTH = 7;
    private static final int MAJOR_THIRD = 4;
    private static final int MINOR_SEVENTH = 10;

    /** What hands play, under a note of the tune. */
    public static Sonority ofHands(Voicing voicing, Pitch tune, Key key) {
        return ofHands(voicing, tune, false, key);
    }

    /** The same, broken up or not. */
    public static Sonority ofHands(Voicing voicing, Pitch tune, boolean broken, Key key) {
        Tone above = tune == null ? null : new Tone(tune, ChordTone.of(voicing.chord(), tune.pitchClass()));
        return new Sonority(voicing.chord(), voicing.soundingBass(), voicing.voices(), above, false, broken, key);
    }

    /** What is sung; null for a part that rests. */
    public static Sonority ofParts(Chord chord, List<Pitch> parts, Key key) {
        List<Tone> tones = new ArrayList<>();
        PitchClass bass = null;
        for (Pitch pitch : parts) {
            bass = bass == null && pitch != null ? pitch.pitchClass() : bass;
            tones.add(pitch == null ? null : new Tone(pitch, ChordTone.of(chord, pitch.pitchClass())));
        }
        return new Sonority(chord, bass == null ? chord.bass() : bass, tones, null, true, false, key);
    }

    Voice voice(int place) {
        return sung ? Voice.sung(place, voices.size()) : Voice.ofHand(place, voices.size());
    }

    /** Every note with its voice, from the lowest voice; the tune's at the end. */
    List<Move> notes() {
        List<Move> notes = new ArrayList<>(voices.size() + 1);
        for (int i = 0; i < voices.size(); i++) {
            if (voices.get(i) != null) {
                notes.add(new Move(voice(i), null, voices.get(i)));
            }
        }
        if (tune != null) {
            notes.add(new Move(Voice.TUNE, null, tune));
        }
        return notes;
    }

    /** The note of one voice, counted from the lowest. */
    public Move note(int place) {
        return new Move(voice(place), null, voices.get(place));
    }

    List<Move> notes(Predicate<Tone> which) {
        return notes().stream().filter(note -> which.test(note.to())).toList();
    }

    /** Whether a key sounds, in any voice. */
    boolean has(int midi) {
        for (Tone tone : voices) {
            if (tone != null && tone.pitch().midi() == midi) {
                return true;
            }
        }
        return tune != null && tune.pitch().midi() == midi;
    }

    /** The note that leads to the keynote; null where no key is clear. */
    PitchClass leading() {
        return key == null ? null : ChordContext.leadingTone(key);
    }

    /** Half steps from the keynote up to the root; −1 where no key is clear. */
    int degree() {
        return key == null ? -1 : above(key.tonic(), chord.root());
    }

    static int above(PitchClass low, PitchClass high) {
        return Math.floorMod(high.semitone() - low.semitone(), KEYS);
    }

    int aboveRoot(Tone tone) {
        return above(chord.root(), tone.pitch().pitchClass());
    }

    /** Whether its root is in the bass. */
    boolean isRootPosition() {
        return bass.soundsLike(chord.root());
    }

    /** Whether a triad stands over its fifth. */
    boolean isSixFour() {
        return chord.tones().size() == 3 && ChordTone.of(chord, bass) == ChordTone.FIFTH;
    }

    /** Whether its seventh is minor, over a major third: it leads a fifth down. */
    boolean isDominantSeventh() {
        return is(3, MAJOR_THIRD) && is(7, MINOR_SEVENTH);
    }

    private boolean is(int number, int semitones) {
        Interval interval = chord.quality().numbered(number);
        return interval != null && interval.semitones() == semitones;
    }

    /** Whether it is V or vii° of its key: it stands on the dominant or the leading tone, and has the latter. */
    boolean isDominantOfKey() {
        PitchClass leading = leading();
        return leading != null
                && (degree() == FIFTH && is(3, MAJOR_THIRD) || chord.root().soundsLike(leading) && is(5, 6));
    }

    /** Whether the other has the same root and kind, in whatever inversion. */
    boolean isSameHarmony(Sonority other) {
        return chord.root().soundsLike(other.chord.root()) && chord.quality().equals(other.chord.quality());
    }

    boolean hasTone(int semitone) {
        for (PitchClass tone : chord.tones()) {
            if (Math.floorMod(tone.semitone() - semitone, KEYS) == 0) {
                return true;
            }
        }
        return false;
    }

    /** The two notes of an augmented sixth as they are written, the lower first; none where there is none. */
    List<Move> augmentedSixth() {
        List<Move> notes = notes();
        for (Move low : notes) {
            for (Move high : notes) {
                int steps = Math.floorMod(high.pitch().staffStep() - low.pitch().staffStep(), 7);
                boolean sixth = steps == 5
                        && Math.floorMod(high.pitch().midi() - low.pitch().midi(), KEYS) == MINOR_SEVENTH;
                if (sixth) {
                    return List.of(low, high);
                }
            }
        }
        return List.of();
    }
}
