package com.zestythumb.core.arrangement;

import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import java.util.List;
import java.util.Objects;

/**
 * What the teacher chose for one student.
 *
 * @param style how chords are laid under the hand
 * @param figure how they are broken
 * @param hand whose hand
 * @param school by which the way from chord to chord is judged
 * @param pins voicings she fixed
 */
public record Choices(StyleChoice style, Figure figure, Hand hand, School school, List<Pin> pins) {

    public static final Choices USUAL =
            new Choices(StyleChoice.close(Inversions.NEAREST), Figures.BLOCK, Hand.OCTAVE, School.POPULAR, List.of());

    public Choices {
        Objects.requireNonNull(style, "style");
        Objects.requireNonNull(figure, "figure");
        Objects.requireNonNull(hand, "hand");
        Objects.requireNonNull(school, "school");
        pins = List.copyOf(pins);
    }

    public Choices with(StyleChoice other) {
        return new Choices(other, figure, hand, school, pins);
    }

    /** Close chords in these inversions. */
    public Choices with(Inversions inversions) {
        return with(StyleChoice.close(inversions));
    }

    public Choices with(Figure other) {
        return new Choices(style, other, hand, school, pins);
    }

    public Choices with(Hand other) {
        return new Choices(style, figure, other, school, pins);
    }

    public Choices with(School other) {
        return new Choices(style, figure, hand, other, pins);
    }

    public Choices withPins(List<Pin> others) {
        return new Choices(style, figure, hand, school, others);
    }
}
