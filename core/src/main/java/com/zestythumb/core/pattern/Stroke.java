package com.zestythumb.core.pattern;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Touch;
import java.util.List;

/**
 * One stroke of a pattern.
 *
 * @param roles which notes of the chord; several for a double note
 * @param length quarter notes; null for as long as the chord lasts
 * @param triplet whether three such are played in the time of two
 * @param other whether the right hand plays it
 */
record Stroke(List<StrokeTarget> roles, Fraction length, boolean triplet, Touch touch, boolean other) {

    /** Whether it strikes one note, or none. */
    boolean isSingle() {
        return roles.size() == 1 && roles.get(0).isSingle();
    }

    /** Whether it strikes the bass with one other. */
    boolean isPair() {
        return roles.size() == 2
                && roles.get(0) == StrokeTarget.BASS
                && roles.get(1).isSingle();
    }

    /** Whether it strikes the bass by itself. */
    boolean isBass() {
        return roles.size() == 1 && (roles.get(0) == StrokeTarget.BASS || roles.get(0) == StrokeTarget.LOW);
    }
}
