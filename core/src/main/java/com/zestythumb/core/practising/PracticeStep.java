package com.zestythumb.core.practising;

/**
 * What is practised at a time.
 *
 * @param from index of its first bar
 * @param to of its last
 * @param start per cent of the tune's tempo to begin with
 * @param goal per cent to come to
 * @param rounds times without a slip before it goes faster
 * @param minutes about so long
 * @param why in a sentence for the student
 */
public record PracticeStep(Hands hands, int from, int to, int start, int goal, int rounds, double minutes, String why) {

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
