package com.zestythumb.core.pattern;

import java.util.List;
import java.util.stream.IntStream;

/**
 * In which order the notes of a chord follow one another so that they fall in with the beat: each group begins on the bass, no
 * note comes twice running, and what returns does so on a beat (common practice: three notes in four places are 1-3-5-3,
 * in three 1-3-5, four notes in six 1-3-5-8-5-3).
 */
final class Order {

    private static final int THREE = 3;
    private static final int FOUR = 4;
    private static final int SIX = 6;
    private static final int EIGHT = 8;
    private static final int[] UP_AND_BACK_IN_EIGHT = {0, 1, 2, 3, 2, 1, 2, 1};

    private Order() {}

    /**
     * Up and down.
     *
     * @param notes how many the chord has
     * @param places how many strokes the group has
     * @param inThrees whether they go in threes, as in compound meters and triplets
     * @return the place in the chord for a stroke; none where the stroke is a rest
     */
    static List<Integer> wave(int notes, int places, int turn, boolean inThrees) {
        if (notes == 1) {
            return List.of(0);
        }
        if (places < Math.min(notes, THREE)) {
            // No stroke is left for the rest of the chord: it sounds with the last.
            return turn < places - 1
                    ? List.of(turn)
                    : IntStream.range(turn, notes).boxed().toList();
        }
        if (notes == 2) {
            int third = turn % THREE;
            return inThrees ? third == 2 ? List.of() : List.of(third) : List.of(turn % 2);
        }
        if (notes > FOUR && places > notes - 1) {
            return List.of(toAndFro(notes, turn));
        }
        if (inThrees) {
            boolean sixOfFour = notes >= FOUR && places % SIX == 0;
            int last = notes == FOUR && places == THREE ? notes - 1 : THREE - 1;
            return List.of(sixOfFour ? toAndFro(FOUR, turn % SIX) : turn % THREE == THREE - 1 ? last : turn % THREE);
        }
        if (places % EIGHT == 0 && notes == FOUR) {
            return List.of(UP_AND_BACK_IN_EIGHT[turn % EIGHT]);
        }
        if (places % FOUR == 0) {
            int in4 = turn % FOUR;
            return List.of(notes == THREE ? toAndFro(THREE, in4) : in4 == THREE ? notes - 1 : in4);
        }
        return List.of(notes == THREE ? turn == 0 ? 0 : 2 - turn % 2 : toAndFro(FOUR, turn));
    }

    /** From the lowest note up, and again, where that falls in with the beat. */
    static List<Integer> up(int notes, int places, int turn, boolean inThrees) {
        boolean fits = notes > THREE && places % notes == 0;
        return fits ? List.of(turn % notes) : wave(notes, places, turn, inThrees);
    }

    /** Over so many notes: 0 1 2 1 0 of three. */
    static int toAndFro(int notes, int turn) {
        if (notes == 1) {
            return 0;
        }
        int round = 2 * (notes - 1);
        int k = turn % round;
        return k < notes ? k : round - k;
    }
}
