package com.zestythumb.core.figure;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

/** Which notes of a chord a stroke plays, the chord lying in a number of notes from the lowest. */
enum Role {
    ALL {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return IntStream.range(0, notes).boxed().toList();
        }
    },
    BASS {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(0);
        }
    },
    /** All but the bass. */
    UPPER {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return notes == 1 ? List.of(0) : IntStream.range(1, notes).boxed().toList();
        }
    },
    /** The highest: the thumb's. */
    TOP {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(notes - 1);
        }
    },
    /** One between bass and top; where there are several they take turns. */
    INNER {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(notes <= 2 ? 0 : 1 + (turn + group) % (notes - 2));
        }
    },
    /** From the lowest note up, and again. */
    NEXT {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(turn % notes);
        }
    },
    /** To and fro over the notes above the bass: 2 3 2 3 of three notes, 2 3 4 3 of four. */
    TURN {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            if (notes <= 2) {
                return List.of(notes == 1 ? 0 : (turn + 1) % 2);
            }
            int round = 2 * (notes - 2);
            int k = turn % round;
            return List.of(1 + (k < notes - 1 ? k : round - k));
        }
    },
    SECOND {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(Math.min(1, notes - 1));
        }
    },
    THIRD {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(Math.min(2, notes - 1));
        }
    },
    FOURTH {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(Math.min(3, notes - 1));
        }
    },
    FIFTH {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of(Math.min(4, notes - 1));
        }
    },
    REST {
        @Override
        List<Integer> places(int notes, int turn, int group) {
            return List.of();
        }
    };

    private static final Map<String, Role> BY_NUMBER =
            Map.of("1", BASS, "2", SECOND, "3", THIRD, "4", FOURTH, "5", FIFTH);

    /**
     * Places in the chord, 0 for the lowest.
     *
     * @param notes how many notes the chord has, one or more
     * @param turn how often this role was played in the group before
     * @param group how many groups of the chord were played before
     */
    abstract List<Integer> places(int notes, int turn, int group);

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
                + "\" is no place in a chord; write bass, top, inner, upper, all, next, turn, rest or a number"
                + " counted from the lowest note");
    }
}
