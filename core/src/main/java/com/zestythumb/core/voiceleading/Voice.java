package com.zestythumb.core.voiceleading;

/** Which of the lines that sound a note belongs to: those of a page in parts, or those of a hand and the tune above it. */
public enum Voice {
    BASS("bass"),
    TENOR("tenor"),
    ALTO("alto"),
    SECOND_SOPRANO("second soprano"),
    SOPRANO("soprano"),
    MIDDLE("middle voice"),
    TOP("top voice"),
    TUNE("tune");

    private static final Voice[][] SUNG = {
        {SOPRANO},
        {BASS, SOPRANO},
        {BASS, ALTO, SOPRANO},
        {BASS, TENOR, ALTO, SOPRANO},
        {BASS, TENOR, ALTO, SECOND_SOPRANO, SOPRANO}
    };

    private final String words;

    Voice(String words) {
        this.words = words;
    }

    /** A part of a page in one to five parts, counted from the lowest, 0. */
    public static Voice sung(int part, int parts) {
        return SUNG[parts - 1][part];
    }

    /** A note of a hand's chord, counted from the lowest, 0. */
    static Voice ofHand(int note, int notes) {
        return note == 0 ? BASS : note == notes - 1 ? TOP : MIDDLE;
    }

    /** Whether it is a part that is sung; the bass may be either. */
    public boolean isSung() {
        return this == TENOR || this == ALTO || this == SECOND_SOPRANO || this == SOPRANO;
    }

    /** Whether it is a note of a hand's chord, which students do not know as a voice. */
    public boolean isOfHand() {
        return this == MIDDLE || this == TOP;
    }

    /** As a teacher calls it: {@code "tenor"}. */
    public String words() {
        return words;
    }
}
