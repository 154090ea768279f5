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
    private final ChordKind kind;
    private final int aboveTonic;
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
        this.kind = ChordKind.of(chord);
        this.aboveTonic = aboveTonic(chord);
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

    ChordKind kind() {
        return kind;
    }

    /** Half steps of the root above the tonic. */
    int aboveTonic() {
        return aboveTonic;
    }

    int aboveTonic(Chord other) {
        return Degrees.between(key.tonic(), other.root());
    }

    int bassMember() {
        return Degrees.bassMember(chord, chord.bass());
    }

    boolean isRootInScale() {
        return scale[aboveTonic];
    }

    boolean isDiatonicRoot() {
        return Fit.price(aboveTonic, kind, minor) < 2.3;
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
            if (!degrees[(aboveTonic + tone.semitones()) % 12]) {
                return false;
            }
        }
        return (chord.upper() == null
                || chord.upper().tones().stream().allMatch(tone -> degrees[Degrees.between(key.tonic(), tone)]));
    }

    boolean hasMajorSeventh() {
        return ChordKind.hasMajorSeventh(chord);
    }

    boolean goesToFifthBelow() {
        return next != null && aboveTonic(next) == Math.floorMod(aboveTonic + 5, 12);
    }

    boolean goesToDominant() {
        return next != null && (aboveTonic(next) == 7 && ChordKind.canLead(next) || isNextCadential());
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
                && Degrees.bassMember(other, other.bass()) == 2
                && aboveTonic(behind) == 7
                && (ChordKind.canLead(behind) || ChordKind.of(behind) == ChordKind.SUSPENDED)
                && behind.bass().soundsLike(other.bass());
    }

    private boolean isTonicTriad(Chord other) {
        ChordKind its = ChordKind.of(other);
        return aboveTonic(other) == 0
                && !other.quality().hasSeventh()
                && (its == ChordKind.MAJOR || its == ChordKind.MINOR);
    }

    /** On the note below the tonic. */
    boolean isLeadingTone() {
        return aboveTonic == 11;
    }

    boolean sharesRootOfNext() {
        return next != null && chord.tones().stream().anyMatch(tone -> tone.soundsLike(next.root()));
    }

    boolean isSixFourBetween() {
        return bassMember() == 2 && !chord.quality().hasSeventh() && before != null && next != null;
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
        int up = to.above(from);
        return up == 1 || up == 2 ? up : up == 10 || up == 11 ? up - 12 : 0;
    }
}
