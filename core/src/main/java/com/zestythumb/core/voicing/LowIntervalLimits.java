package com.zestythumb.core.voicing;

/**
 * The lowest place at which an interval still sounds clear, by its lower note (common practice, from
 * memory; arrangers' books differ by a step or two).
 */
public final class LowIntervalLimits {

    /** MIDI key of the lower note, by semitones of the interval: E3, E♭3, C3, B♭2 … */
    private static final int[] LIMIT = {0, 52, 51, 48, 46, 46, 46, 34, 43, 41, 41, 41, 21};

    private static final int C3 = 48;
    private static final int FIFTH = 7;

    private LowIntervalLimits() {}

    /**
     * How far a chord lies in the mud.
     *
     * @param midiKeys MIDI key numbers, lowest first
     * @return semitones by which its worst neighbouring pair lies under its limit; 0 when clear
     */
    public static int depth(int[] midiKeys) {
        int depth = 0;
        for (int i = 1; i < midiKeys.length; i++) {
            int interval = Math.min(midiKeys[i] - midiKeys[i - 1], LIMIT.length - 1);
            depth = Math.max(depth, LIMIT[interval] - midiKeys[i - 1]);
        }
        return depth;
    }

    /**
     * How far below C3 a grip has neighbours nearer than a fifth (common practice: there fifths, octaves and tenths alone
     * sound clear).
     *
     * @return semitones from the lowest such note up to C3; 0 where there is none
     */
    static int belowMiddle(int[] midiKeys) {
        for (int i = 1; i < midiKeys.length; i++) {
            if (midiKeys[i - 1] < C3 && midiKeys[i] - midiKeys[i - 1] < FIFTH) {
                return C3 - midiKeys[i - 1];
            }
        }
        return 0;
    }
}
