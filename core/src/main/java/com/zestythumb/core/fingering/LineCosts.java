package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;

/**
 * What it costs a hand to go from key to key, joined: the strain of two fingers by {@link FingerSpan}, ten for each
 * unit, and the price of a passing thumb. A thumb passes best under or behind the middle finger, next the ring finger,
 * and best of all from a black key to a white one; it keeps off black keys (common practice). The scales and arpeggios of
 * the manuals come out of these prices: {@link ScaleFingering}.
 */
final class LineCosts {

    static final int FINGERS = 5;

    private static final int THUMB = 1;
    private static final int RING = 4;
    private static final int STRAIN = 10;

    private static final int HOP = 60;
    private static final int EXCHANGE = 6;
    private static final int THUMB_ON_BLACK = 30;
    private static final int LITTLE_ON_BLACK = 3;

    /** A thumb that passes under or behind a finger, by the finger. */
    private static final int[] PASSING = {0, 0, 22, 12, 17, 60};

    /** For each semitone that a thumb passes farther than a major third, by the finger. */
    private static final int[] FAR = {0, 0, 12, 8, 45, 60};

    private static final int MAJOR_THIRD = 4;
    private static final int FROM_BLACK_TO_WHITE = -6;
    private static final int FROM_WHITE_TO_BLACK = 20;

    /** A long finger put over its outer neighbour, as in a falling bass. */
    private static final int OVER = 35;

    private static final int WEAK = 24;

    private static final int IMPOSSIBLE = 500;

    /** A ring finger on a black key whose neighbours lie a third away or more: the middle finger is the longer. */
    private static final int RING_ON_BLACK = 4;

    private LineCosts() {}

    /** What a finger costs on a key by itself. */
    static int own(int finger, Pitch key) {
        int weak = finger >= RING ? 1 : 0;
        if (!key.isBlackKey()) {
            return weak;
        }
        return finger == THUMB ? THUMB_ON_BLACK : finger == FINGERS ? LITTLE_ON_BLACK + weak : weak;
    }

    /** What it costs a weak finger, the fourth or fifth, to bring a note out. */
    static int broughtOut(int finger) {
        return finger >= RING ? WEAK : 0;
    }

    /** What it costs to go from one finger on a key to another on the next. */
    static int step(Side side, int finger, Pitch from, int next, Pitch to) {
        int away = side.outward(from.midi(), to.midi());
        if (away == 0) {
            return finger == next ? 0 : EXCHANGE;
        }
        if (finger == next) {
            return HOP;
        }
        boolean isSecond = Math.abs(to.staffStep() - from.staffStep()) <= 1;
        int ring = isSecond ? 0 : ringOnBlack(finger, from) + ringOnBlack(next, to);
        if (next > finger == away > 0) {
            int inner = Math.min(finger, next);
            int outer = Math.max(finger, next);
            // A second is a second to a hand, and an augmented one too.
            boolean besides = isSecond && outer - inner == 1;
            return ring
                    + (besides ? 0 : STRAIN * FingerSpan.between(inner, outer).strain(Math.abs(away)));
        }
        return ring + crossing(finger, from, next, to, Math.abs(away));
    }

    /**
     * What it costs to strike a key again quickly: fingers change from the middle of the hand towards the thumb, 4-3-2-1 or
     * 3-2-1, and begin again on a beat (the repeated notes of Hanon's exercises 44 and 47, from memory).
     */
    static int repeated(int finger, int next, boolean onBeat) {
        if (finger == next) {
            return HOP;
        }
        if (onBeat) {
            return finger == THUMB && next != FINGERS ? 0 : EXCHANGE;
        }
        return next == finger - 1 && finger != FINGERS ? 0 : 2 * EXCHANGE;
    }

    private static int ringOnBlack(int finger, Pitch key) {
        return finger == RING && key.isBlackKey() ? RING_ON_BLACK : 0;
    }

    private static int crossing(int finger, Pitch from, int next, Pitch to, int semitones) {
        if (finger != THUMB && next != THUMB) {
            return semitones <= 2 && Math.abs(finger - next) == 1 ? OVER : IMPOSSIBLE;
        }
        int other = finger == THUMB ? next : finger;
        boolean otherOnBlack = (finger == THUMB ? to : from).isBlackKey();
        boolean thumbOnBlack = (finger == THUMB ? from : to).isBlackKey();
        int colours = otherOnBlack == thumbOnBlack ? 0 : otherOnBlack ? FROM_BLACK_TO_WHITE : FROM_WHITE_TO_BLACK;
        return PASSING[other] + FAR[other] * Math.max(0, semitones - MAJOR_THIRD) + colours;
    }

    /** Whether fingers cross on the way. */
    static boolean isCrossing(Side side, int finger, Pitch from, int next, Pitch to) {
        int away = side.outward(from.midi(), to.midi());
        return away != 0 && finger != next && next > finger != away > 0;
    }
}
