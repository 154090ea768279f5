package com.zestythumb.core.fingering;

/**
 * What two fingers of one hand reach, in semitones between their keys. For the left hand the lower
 * key belongs to the higher finger number.
 *
 * <p>Source: R. Parncutt, J. Sloboda, E. Clarke, M. Raekallio, P. Desain, "An ergonomic model of
 * keyboard fingering for melodic fragments", Music Perception 14(4), 1997, table 2. From memory.
 */
enum FingerSpan {
    F1_2(-5, -3, 1, 5, 8, 10),
    F1_3(-4, -2, 3, 7, 10, 12),
    F1_4(-3, -1, 5, 9, 12, 14),
    F1_5(-1, 1, 7, 10, 13, 15),
    F2_3(1, 1, 1, 2, 3, 5),
    F2_4(1, 1, 3, 4, 5, 7),
    F2_5(2, 2, 5, 6, 8, 10),
    F3_4(1, 1, 1, 2, 2, 4),
    F3_5(1, 1, 3, 4, 5, 7),
    F4_5(1, 1, 1, 2, 3, 5);

    private static final FingerSpan[][] BY_PAIR = new FingerSpan[6][6];

    static {
        for (FingerSpan span : values()) {
            BY_PAIR[span.name().charAt(1) - '0'][span.name().charAt(3) - '0'] = span;
        }
    }

    private final int minPractical;
    private final int minComfortable;
    private final int minRelaxed;
    private final int maxRelaxed;
    private final int maxComfortable;
    private final int maxPractical;

    FingerSpan(
            int minPractical,
            int minComfortable,
            int minRelaxed,
            int maxRelaxed,
            int maxComfortable,
            int maxPractical) {
        this.minPractical = minPractical;
        this.minComfortable = minComfortable;
        this.minRelaxed = minRelaxed;
        this.maxRelaxed = maxRelaxed;
        this.maxComfortable = maxComfortable;
        this.maxPractical = maxPractical;
    }

    static FingerSpan between(int inner, int outer) {
        return BY_PAIR[inner][outer];
    }

    /** How uneasy it is to hold so many semitones: 0 relaxed, then more for each semitone out of each zone. */
    int strain(int semitones) {
        return out(semitones, minRelaxed, maxRelaxed)
                + 2 * out(semitones, minComfortable, maxComfortable)
                + 10 * out(semitones, minPractical, maxPractical);
    }

    private static int out(int semitones, int min, int max) {
        return Math.max(0, Math.max(min - semitones, semitones - max));
    }
}
