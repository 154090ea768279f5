package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;

/** The facts about a chord in its key and among its neighbours, from which its numeral is told. */
final class Neighbourhood {

    private static final boolean[] MAJOR_SCALE = Degrees.scale(Key.parse("C"));
    private static final boolean[] MINOR_SCALE = Degrees.scale(Key.parse("Cm"));

    private final Chord before;
    private final Chord chord;
    private final Chord next;
    private final Chord afterNext;
    private final Key key;
    private final boolean minor;
    private final Kind kind;
    private final int degree;
    private final boolean[] scale;

    /**
     * Looks at a chord.
     *
     * @param before the chord before, or null; likewise those behind
     */
    Neighbourhood(Chord before, Chord chord, Chord next, Chord afterNext, Key key) {
        this.before = before;
        this.chord = chord;
        this.next = next;
        this.afterNext = afterNext;
        this.key = key;
        this.minor = Degrees.isMinor(key);
        this.kind = Kind.of(chord);
        this.degree = degreeOf(chord);
        this.scale = Degrees.scale(key);
    }

    /** A chord for itself, as it might stand anywhere in a key. */
    static Neighbourhood alone(Chord chord, Key key) {
        return new Neighbourhood(null, chord, null, null, key);
    }

    Chord chord() {
        return chord;
    }

    /** The chord behind, or null. */
    Chord next() {
        return next;
    }

    Key key() {
        return key;
    }

    boolean isMinor() {
        return minor;
    }

    Kind kind() {
        return kind;
    }

    /** Half steps of the root above the tonic. */
    int degree() {
        return degree;
    }

    int degreeOf(Chord other) {
        return Degrees.between(key.tonic(), other.root());
    }

    int inversion() {
        return Degrees.inversion(chord, chord.bass());
    }

    boolean isRootInScale() {
        return scale[degree];
    }

    boolean isDiatonicRoot() {
        return Fit.price(degree, kind, minor) < 2.3;
    }

    /** Whether all its notes are in the key's own scale. */
    boolean isInKey() {
        return isWithin(scale);
    }

    /** Whether all its notes are in the scale of the other mode on the same tonic. */
    boolean isInOtherMode() {
        return isWithin(minor ? MAJOR_SCALE : MINOR_SCALE);
    }

    private boolean isWithin(boolean[] degrees) {
        for (Interval tone : chord.quality().intervals()) {
            if (!degrees[(degree + tone.semitones()) % 12]) {
                return false;
            }
        }
        return (chord.upper() == null
                || chord.upper().tones().stream().allMatch(tone -> degrees[Degrees.between(key.tonic(), tone)]));
    }

    boolean hasMajorSeventh() {
        return Kind.hasMajorSeventh(chord);
    }

    boolean goesToFifthBelow() {
        return next != null && degreeOf(next) == Math.floorMod(degree + 5, 12);
    }

    boolean goesToDominant() {
        return next != null && (degreeOf(next) == 7 && Kind.canLead(next) || isNextCadential());
    }

    boolean isCadential() {
        return isCadential(chord, next);
    }

    boolean isNextCadential() {
        return next != null && isCadential(next, afterNext);
    }

    /** The chord that it resolves into: what a cadential six-four leans on counts as that chord's delay. */
    Chord goal() {
        return isNextCadential() ? afterNext : next;
    }

    private boolean isCadential(Chord other, Chord behind) {
        return behind != null
                && isTonicTriad(other)
                && Degrees.inversion(other, other.bass()) == 2
                && degreeOf(behind) == 7
                && (Kind.canLead(behind) || Kind.of(behind) == Kind.SUSPENDED)
                && behind.bass().soundsLike(other.bass());
    }

    private boolean isTonicTriad(Chord other) {
        Kind its = Kind.of(other);
        return degreeOf(other) == 0 && !other.quality().hasSeventh() && (its == Kind.MAJOR || its == Kind.MINOR);
    }

    /** On the note below the tonic. */
    boolean isLeadingTone() {
        return degree == 11;
    }

    boolean sharesRootOfNext() {
        return next != null && chord.tones().stream().anyMatch(tone -> tone.soundsLike(next.root()));
    }

    boolean isSixFourBetween() {
        return inversion() == 2 && !chord.quality().hasSeventh() && before != null && next != null;
    }

    boolean isBassHeld() {
        return before.bass().soundsLike(chord.bass()) && next.bass().soundsLike(chord.bass());
    }

    boolean isBassPassing() {
        int in = step(before.bass(), chord.bass());
        int out = step(chord.bass(), next.bass());
        return in != 0 && Integer.signum(in) == Integer.signum(out);
    }

    /** Half steps of a step up or down; 0 for anything wider. */
    private static int step(PitchClass from, PitchClass to) {
        int up = Math.floorMod(to.semitone() - from.semitone(), 12);
        return up == 1 || up == 2 ? up : up == 10 || up == 11 ? up - 12 : 0;
    }
}
