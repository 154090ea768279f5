package com.zestythumb.core.proposing;

import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.sheet.Meter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What kind of accompaniment is wished, in a teacher's words, with its figures, the usual ones first. */
public enum Texture {
    ANY(
            "Whatever suits",
            Stream.concat(
                            Stream.of(Figures.BLOCK, Figures.BROKEN_UP, Figures.ALBERTI, Figures.BASS_AND_CHORDS),
                            Figures.all().stream())
                    .distinct()
                    .toArray(Figure[]::new)),
    CALM("Calm", Figures.BLOCK, Figures.BROKEN_UP, Figures.HELD_BASS, Figures.WALKING),
    FLOWING(
            "Flowing",
            Figures.BROKEN_UP,
            Figures.ALBERTI,
            Figures.UP_AND_BACK,
            Figures.BROKEN_DOWN,
            Figures.WAVE,
            Figures.TRIPLETS,
            Figures.FLOWING),
    DANCE("Waltz or march", Figures.BASS_AND_CHORDS, Figures.ON_EACH_BEAT, Figures.HELD_BASS, Figures.OFF_BEATS),
    RHYTHMIC(
            "Rhythmic",
            Figures.DETACHED,
            Figures.REPEATED,
            Figures.OFF_BEATS,
            Figures.ONLY_OFF,
            Figures.RIFF,
            Figures.ANTICIPATED,
            Figures.THREE_THREE_TWO);

    private final String label;
    private final List<Figure> figures;

    Texture(String label, Figure... figures) {
        this.label = label;
        this.figures = Arrays.stream(figures).toList();
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    boolean includes(Figure figure) {
        return figures.contains(figure);
    }

    /** The meter's own figure first, then those of the kind, the usual ones before others. */
    List<Figure> figures(Meter meter) {
        Figure own = own(meter);
        return includes(own)
                ? Stream.concat(Stream.of(own), figures.stream()).distinct().toList()
                : figures;
    }

    /** A waltz in three, a roll in six; else the plainest of the kind (common practice). */
    private Figure own(Meter meter) {
        if (meter.isCompound()) {
            return Figures.UP_AND_BACK;
        }
        return meter.count() == 3 ? Figures.BASS_AND_CHORDS : figures.get(0);
    }
}
