package com.zestythumb.core.proposing;

import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.figure.Figures;
import java.util.Set;

/** What kind of accompaniment is wished, in a teacher's words. */
public enum Texture {
    ANY("Whatever suits", Set.copyOf(Figures.all())),
    CALM("Calm", Set.of(Figures.BLOCK, Figures.HELD_BASS, Figures.WALKING, Figures.BROKEN_UP)),
    FLOWING(
            "Flowing",
            Set.of(
                    Figures.BROKEN_UP,
                    Figures.BROKEN_DOWN,
                    Figures.UP_AND_BACK,
                    Figures.ALBERTI,
                    Figures.WAVE,
                    Figures.TRIPLETS,
                    Figures.FLOWING)),
    DANCE(
            "Waltz or march",
            Set.of(Figures.ON_EACH_BEAT, Figures.BASS_AND_CHORDS, Figures.HELD_BASS, Figures.OFF_BEATS)),
    RHYTHMIC(
            "Rhythmic",
            Set.of(
                    Figures.DETACHED,
                    Figures.REPEATED,
                    Figures.OFF_BEATS,
                    Figures.ONLY_OFF,
                    Figures.RIFF,
                    Figures.ANTICIPATED,
                    Figures.THREE_THREE_TWO));

    private final String label;
    private final Set<Figure> figures;

    Texture(String label, Set<Figure> figures) {
        this.label = label;
        this.figures = figures;
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    boolean includes(Figure figure) {
        return figures.contains(figure);
    }
}
