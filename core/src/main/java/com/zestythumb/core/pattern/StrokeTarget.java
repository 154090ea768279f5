package com.zestythumb.core.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

/** Which notes of a chord a stroke plays, the chord lying in grips of so many notes, counted on from the lowest. */
enum StrokeTarget {
    ALL((layout, turn, group) -> from(0, layout.chord())),
    /** The lowest, or its octave; where there is a second bass they take turns, group by group. */
    BASS((layout, turn, group) -> layout.hasSecondBass() && group % 2 == 1
            ? from(layout.secondBass(), layout.secondBass() + 1)
            : from(0, layout.bass())),
    /** All but the bass; the second grip where there are two. */
    UPPER((layout, turn, group) -> layout.hasSecondBass() && group % 2 == 1
            ? from(layout.secondBass() + 1, layout.notes())
            : from(layout.upper(), layout.chord())),
    /** What lies lowest: the bass, or its octave. */
    LOW((layout, turn, group) -> from(0, layout.upper())),
    /** The highest: the thumb's. */
    TOP((layout, turn, group) -> List.of(layout.chord() - 1)),
    /** One between bass and top; where there are several they take turns. */
    INNER((layout, turn, group) -> List.of(layout.chord() <= 2 ? 0 : 1 + (turn + group) % (layout.chord() - 2))),
    /** From the lowest note up, and again, as it falls in with the beat. */
    NEXT(null),
    /** From the highest note down, likewise. */
    DOWN(null),
    /** To and fro over the notes above the bass: 2 3 2 3 of three notes, 2 3 4 3 of four. */
    TURN((layout, turn, group) -> List.of(
            layout.chord() <= 2
                    ? (turn + 1) % layout.chord()
                    : layout.upper() + Order.toAndFro(layout.chord() - layout.upper(), turn))),
    /** To and fro over all notes, as it falls in with the beat. */
    WAVE(null),
    /** To and fro over the notes below the top: what walks under a held thumb. */
    WALK((layout, turn, group) -> List.of(Order.toAndFro(Math.max(1, layout.chord() - 1), turn))),
    SECOND(at(1)),
    THIRD(at(2)),
    FOURTH(at(3)),
    FIFTH(at(4)),
    SIXTH(at(5)),
    SEVENTH(at(6)),
    EIGHTH(at(7)),
    REST((layout, turn, group) -> List.of());

    /** Tells the places. */
    private interface Places {
        List<Integer> of(Layout layout, int turn, int group);
    }

    private static final Map<String, StrokeTarget> BY_NUMBER =
            Map.of("2", SECOND, "3", THIRD, "4", FOURTH, "5", FIFTH, "6", SIXTH, "7", SEVENTH, "8", EIGHTH);

    /** The bass by its number. */
    private static final String LOWEST = "1";

    private final Places places;

    StrokeTarget(Places places) {
        this.places = places;
    }

    /**
     * Places in the chord, 0 for the lowest.
     *
     * @param turn how often this role was played in the group before
     * @param group how many groups of the chord were played before
     * @param strokes how many strokes this group has
     * @param inThrees whether they go in threes
     */
    List<Integer> places(Layout layout, int turn, int group, int strokes, boolean inThrees) {
        boolean wave = this == NEXT || this == WAVE;
        if (wave && layout.bass() > 1 && layout.grips().size() > 1) {
            // An octave sounds whole each time, and then the chord above it.
            int above = layout.chord() - layout.upper();
            return turn == 0 ? from(0, layout.upper()) : List.of(layout.upper() + Order.toAndFro(above, turn - 1));
        }
        return switch (this) {
            case NEXT -> Order.up(layout.chord(), strokes, turn, inThrees);
            case DOWN ->
                Order.up(layout.chord(), strokes, turn, inThrees).stream()
                        .map(place -> layout.chord() - 1 - place)
                        .toList();
            case WAVE -> Order.wave(layout.chord(), strokes, turn, inThrees);
            default -> places.of(layout, turn, group);
        };
    }

    /** Whether it is one note at a time. */
    boolean isSingle() {
        return this != ALL && this != UPPER && this != LOW;
    }

    private static Places at(int place) {
        return (layout, turn, group) -> List.of(Math.min(place, layout.chord() - 1));
    }

    private static List<Integer> from(int first, int notes) {
        return IntStream.range(first, notes).boxed().toList();
    }

    /** Reads {@code "bass"}, {@code "top"} or a number counted from the lowest note. */
    static StrokeTarget parse(String word) {
        StrokeTarget numbered = word.equals(LOWEST) ? BASS : BY_NUMBER.get(word);
        if (numbered != null) {
            return numbered;
        }
        for (StrokeTarget role : values()) {
            if (role.name().toLowerCase(Locale.ROOT).equals(word)) {
                return role;
            }
        }
        throw new IllegalArgumentException("\"" + word
                + "\" is no place in a chord; write bass, low, top, inner, upper, all, next, down, turn, wave, walk, rest or a number"
                + " counted from the lowest note");
    }
}
