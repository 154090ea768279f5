package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import java.util.Collection;
import java.util.List;

/** The keys that a search goes through, as numbers: twelve tonics in each of six modes. */
final class KeyState {

    /** Major and minor first; Locrian has no chord of rest. */
    static final List<Mode> MODES =
            List.of(Mode.MAJOR, Mode.MINOR, Mode.DORIAN, Mode.MIXOLYDIAN, Mode.PHRYGIAN, Mode.LYDIAN);

    static final int TONICS = 12;
    static final int COUNT = TONICS * MODES.size();

    /** Keys of major and minor come first. */
    static final int PLAIN = 2 * TONICS;

    private static final boolean[] MINOR = new boolean[MODES.size()];
    private static final boolean[][] SCALES = new boolean[MODES.size()][TONICS];
    private static final boolean[][] NOTES = new boolean[COUNT][TONICS];

    static {
        for (int m = 0; m < MODES.size(); m++) {
            MINOR[m] = MODES.get(m).degree(3).semitones() == 3;
            for (int i = 1; i <= 7; i++) {
                SCALES[m][MODES.get(m).degree(i).semitones()] = true;
            }
        }
        // In minor the raised sixth and seventh are at home as well.
        SCALES[1][9] = true;
        SCALES[1][11] = true;
        for (int state = 0; state < COUNT; state++) {
            for (int note = 0; note < TONICS; note++) {
                NOTES[state][note] = SCALES[mode(state)][Math.floorMod(note - state, TONICS)];
            }
        }
    }

    private KeyState() {}

    static int tonic(int state) {
        return state % TONICS;
    }

    static int mode(int state) {
        return state / TONICS;
    }

    /** Whether its chord of rest is minor. */
    static boolean isMinor(int state) {
        return MINOR[state / TONICS];
    }

    static boolean isModal(int state) {
        return state >= PLAIN;
    }

    /** Whether a note belongs to it, 0 (C) to 11 (B). */
    static boolean has(int state, int note) {
        return NOTES[state][note];
    }

    /** Share of the twelve notes that do not belong to it. */
    static double foreignShare(int state) {
        int own = 0;
        for (int note = 0; note < TONICS; note++) {
            own += has(state, note) ? 1 : 0;
        }
        return 1 - (double) own / TONICS;
    }

    /** Its signature as a place on the circle of fifths, 0 to 11. */
    static int signature(int state) {
        return Math.floorMod(7 * tonic(state) + MODES.get(mode(state)).fifthsFromMajor(), TONICS);
    }

    /** Whether a written key names it: a church mode itself, major and minor any mode with their third. */
    static boolean isNamed(int state, Key key) {
        boolean plain = key.mode() == Mode.MAJOR || key.mode() == Mode.MINOR;
        return key.tonic().semitone() == tonic(state)
                && (plain
                        ? Degrees.isMinor(key) == isMinor(state)
                        : key.mode() == MODES.get(mode(state)) || key.mode() == Mode.LOCRIAN && mode(state) == 1);
    }

    /**
     * The key under the name that fits best.
     *
     * @param names roots of its chords as they are spelled; the tonic's own is taken
     * @param signature sharps, or flats below 0, that it should be near to
     */
    static Key key(int state, Collection<PitchClass> names, int signature) {
        Mode mode = MODES.get(mode(state));
        Key best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Letter letter : Letter.values()) {
            for (int alteration = -1; alteration <= 1; alteration++) {
                PitchClass tonic = new PitchClass(letter, alteration);
                int fifths = tonic.fifths() + mode.fifthsFromMajor();
                if (tonic.semitone() == tonic(state) && Math.abs(fifths) <= 7) {
                    double away = Math.abs(fifths - signature) + (names.contains(tonic) ? -6 : 0);
                    if (away < least) {
                        least = away;
                        best = new Key(tonic, mode);
                    }
                }
            }
        }
        return best;
    }
}
