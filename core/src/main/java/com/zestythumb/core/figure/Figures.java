package com.zestythumb.core.figure;

import java.util.List;

/** The catalogue of figures, simplest first (patterns: common practice). A new one is a new row. */
public final class Figures {

    private static final int HAND = 5;
    private static final int THREE = 3;

    /** All notes at once, held. */
    public static final Figure BLOCK = Figure.of("BLOCK", "Block", 1, HAND, "1/4 all*");

    /** From the lowest note up, and again. */
    public static final Figure BROKEN_UP = Figure.of("BROKEN_UP", "Broken up", 2, HAND, "1/8 (next)");

    /** Up and back: the lowest note once in a group, then to and fro above it. */
    public static final Figure UP_AND_BACK = Figure.of("UP_AND_BACK", "Up and back", 2, HAND, "1/8 bass (turn)");

    /**
     * Lowest, highest, middle, highest; with four notes the two middle ones take turns. Where the beat has three parts,
     * three of them to each beat.
     */
    public static final Figure ALBERTI = Figure.of(
            "ALBERTI", "Alberti", 3, THREE, "compound: by beat count bass (top inner) | 1/8 bass (top inner)");

    /** The chord again on every beat. */
    public static final Figure ON_EACH_BEAT = Figure.of(
            "ON_EACH_BEAT", "Chord on each beat", 1, HAND, "compound: by beat count all*3 | by beat count all");

    /** The lowest note, then the others on the other beats: a waltz in three, a march in two and four. */
    public static final Figure BASS_AND_CHORDS = Figure.of(
            "BASS_AND_CHORDS",
            "Bass, then chords",
            2,
            HAND,
            "compound: by beat count bass (upper) | count bass (upper)");

    /** From the highest note down, and again. */
    public static final Figure BROKEN_DOWN = Figure.of("BROKEN_DOWN", "Broken down", 2, HAND, "1/8 (down)");

    /** Repeated chords, two or three to a beat. */
    public static final Figure REPEATED =
            Figure.of("REPEATED", "Repeated chords", 3, HAND, "compound: count (all) | 1/8 (all)");

    private static final List<Figure> ALL =
            List.of(BLOCK, ON_EACH_BEAT, BROKEN_UP, BROKEN_DOWN, UP_AND_BACK, BASS_AND_CHORDS, ALBERTI, REPEATED);

    private Figures() {}

    public static List<Figure> all() {
        return ALL;
    }

    /**
     * The figure with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Figure named(String id) {
        return ALL.stream()
                .filter(figure -> figure.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no figure \"" + id + "\"; choose one of "
                        + ALL.stream().map(Figure::id).toList()));
    }
}
