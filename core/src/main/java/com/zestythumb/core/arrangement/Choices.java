package com.zestythumb.core.arrangement;

import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Way;
import java.util.List;
import java.util.Objects;

/**
 * What the teacher chose for one student.
 *
 * @param way which inversions to play
 * @param figure how the chords are broken
 * @param hand whose hand
 * @param pins voicings she fixed
 */
public record Choices(Way way, Figure figure, Hand hand, List<Pin> pins) {

    public static final Choices USUAL = new Choices(Way.NEAREST, Figure.BLOCK, Hand.OCTAVE, List.of());

    public Choices {
        Objects.requireNonNull(way, "way");
        Objects.requireNonNull(figure, "figure");
        Objects.requireNonNull(hand, "hand");
        pins = List.copyOf(pins);
    }

    public Choices with(Way other) {
        return new Choices(other, figure, hand, pins);
    }

    public Choices with(Figure other) {
        return new Choices(way, other, hand, pins);
    }

    public Choices with(Hand other) {
        return new Choices(way, figure, other, pins);
    }

    public Choices withPins(List<Pin> others) {
        return new Choices(way, figure, hand, others);
    }
}
