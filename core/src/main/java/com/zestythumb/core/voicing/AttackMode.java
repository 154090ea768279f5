package com.zestythumb.core.voicing;

import java.util.Arrays;

/** How a pattern strikes a chord, and so what of it must lie under the hand at one time (common practice). */
public enum AttackMode {
    /** All at one time. */
    TOGETHER,
    /** The bass first, which sounds on under the rest. */
    HELD_BASS,
    /** The bass by itself, then the rest. */
    BASS_APART,
    /** Two notes at a time, the bass one of them. */
    PAIRS,
    /** One note after another. */
    ONE_BY_ONE;

    private static final int OCTAVE = 12;

    /** Whether the bass is heard by itself, so that it has to be the root or the bass that is written. */
    public boolean tellBass() {
        return this == HELD_BASS || this == BASS_APART;
    }

    /**
     * By how many semitones a voicing lies beyond what the left hand holds when it is struck so. What is struck one by one
     * may lie as far apart as the hand goes in one shift: twice what it spans, no step wider than an octave.
     */
    public int beyond(Hand hand, Voicing voicing) {
        int beyond = 0;
        for (Grip grip : voicing.grips()) {
            beyond = Math.max(beyond, beyond(hand, grip, voicing.grips().size() == 1));
        }
        for (Grip grip : voicing.right()) {
            beyond = Math.max(beyond, hand.beyond(grip));
        }
        return beyond;
    }

    private int beyond(Hand hand, Grip grip, boolean alone) {
        boolean apart = this == ONE_BY_ONE || this == BASS_APART && alone;
        if (this == PAIRS) {
            return Math.max(0, grip.width() - hand.span());
        }
        if (!apart) {
            return hand.beyond(grip);
        }
        int far = Math.max(0, grip.width() - 2 * hand.span());
        if (this == BASS_APART) {
            return grip.tones().size() < 3
                    ? far
                    : Math.max(
                            far,
                            hand.beyond(new Grip(
                                    grip.tones().subList(1, grip.tones().size()))));
        }
        for (int i = 1; i < grip.tones().size(); i++) {
            int step = grip.tones().get(i).pitch().midi()
                    - grip.tones().get(i - 1).pitch().midi();
            far = Math.max(far, step - OCTAVE);
        }
        return far;
    }

    /** By how many semitones notes that sound together lie too low and close; struck one by one they do not blur. */
    public int mud(Voicing voicing) {
        int depth = 0;
        for (Grip grip : voicing.bothHands()) {
            depth = Math.max(
                    depth, this == ONE_BY_ONE || this == PAIRS ? 0 : LowIntervalLimits.depth(keys(grip, voicing)));
        }
        return depth;
    }

    /** By how many semitones close notes lie below C3; struck apart they are half as heavy. */
    public int low(Voicing voicing) {
        int low = 0;
        for (Grip grip : voicing.bothHands()) {
            low = Math.max(low, LowIntervalLimits.belowMiddle(keys(grip, voicing)));
        }
        return this == ONE_BY_ONE || this == PAIRS ? low / 2 : low;
    }

    /** What of a grip sounds at one time. */
    private int[] keys(Grip grip, Voicing voicing) {
        boolean upper = this == BASS_APART
                && voicing.grips().size() == 1
                && grip.tones().size() > 1;
        return upper ? Arrays.copyOfRange(grip.midiKeys(), 1, grip.tones().size()) : grip.midiKeys();
    }
}
