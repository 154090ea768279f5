package com.zestythumb.core.practising;

/**
 * What is practised at a time.
 *
 * @param from index of its first bar
 * @param to of its last
 * @param start per cent of the tune's tempo to begin with
 * @param goal per cent to come to
 * @param by per cent by which it goes faster
 * @param rounds times without a slip before it does
 * @param minutes about so long
 * @param isWide whether the hand is wide open for most of it, so that it is played in small doses
 * @param why in a sentence for the student
 */
public record PracticeStep(
        Hands hands,
        int from,
        int to,
        int start,
        int goal,
        int by,
        int rounds,
        double minutes,
        boolean isWide,
        String why) {

    /** What is played of the tune. */
    public enum Hands {
        /** The tune by itself, where the right hand has more. */
        TUNE,
        RIGHT,
        BASS,
        /** The chords of the left hand held, without their pattern. */
        HELD,
        LEFT,
        /** What the right hand has beside the tune. */
        FILLER,
        TOGETHER
    }
}
