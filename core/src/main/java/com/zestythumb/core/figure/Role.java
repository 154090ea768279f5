package com.zestythumb.core.figure;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

/** Which notes of a chord a stroke plays, the chord lying in a number of notes from the lowest. */
enum Role {
    ALL((notes, turn, group) -> from(0, notes)),
    BASS(at(0)),
    /** All but the bass. */
    UPPER((notes, turn, group) -> from(Math.min(1, notes - 1), notes)),
    /** The highest: the thumb's. */
    TOP((notes, turn, group) -> List.of(notes - 1)),
    /** One between bass and top; where there are several they take turns. */
    INNER((notes, turn, group) -> List.of(notes <= 2 ? 0 : 1 + (turn + group) % (notes - 2))),
    /** From the lowest note up, and again. */
    NEXT((notes, turn, group) -> List.of(turn % notes)),
    /** From the highest note down, and again. */
    DOWN((notes, turn, group) -> List.of(notes - 1 - turn % notes)),
    /** To and fro over the notes above the bass: 2 3 2 3 of three notes, 2 3 4 3 of four. */
    TURN((notes, turn, group) -> List.of(toAndFro(notes, turn))),
    SECOND(at(1)),
    THIRD(at(2)),
    FOURTH(at(3)),
    FIFTH(at(4)),
    REST((notes, turn, group) -> List.of());

    /** Tells the places. */
    private interface Places {
        List<Integer> of(int notes, int turn, int group);
    }

    private static final Map<String, Role> BY_NUMBER =
            Map.of("1", BASS, "2", SECOND, "3", THIRD, "4", FOURTH, "5", FIFTH);

    private final Places places;

    Role(Places places) {
        this.places = places;
    }

    /**
     * Places in the chord, 0 for the lowest.
     *
     * @param notes how many notes the chord has, one or more
     * @param turn how often this role was played in the group before
     * @param group how many groups of the chord were played before
     */
    List<Integer> places(int notes, int turn, int group) {
        return places.of(notes, turn, group);
    }

    private static Places at(int place) {
        return (notes, turn, group) -> List.of(Math.min(place, notes - 1));
    }

    private static List<Integer> from(int first, int notes) {
        return IntStream.range(first, notes).boxed().toList();
    }

    private static int toAndFro(int notes, int turn) {
        if (notes <= 2) {
            return notes == 1 ? 0 : (turn + 1) % 2;
        }
        int round = 2 * (notes - 2);
        int k = turn % round;
        return 1 + (k < notes - 1 ? k : round - k);
    }

    /** Reads {@code "bass"}, {@code "top"} or a number counted from the lowest note. */
    static Role parse(String word) {
        Role numbered = BY_NUMBER.get(word);
        if (numbered != null) {
            return numbered;
        }
        for (Role role : values()) {
            if (role.name().toLowerCase(Locale.ROOT).equals(word)) {
                return role;
            }
        }
        throw new IllegalArgumentException("\"" + word
                + "\" is no place in a chord; write bass, top, inner, upper, all, next, down, turn, rest or a number"
                + " counted from the lowest note");
    }
}
