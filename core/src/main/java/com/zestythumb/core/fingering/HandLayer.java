package com.zestythumb.core.fingering;

import com.zestythumb.core.fingering.FingerSearch.Strike;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Grip;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Notes that lie under the hand at one time, and the fingers they may have.
 *
 * @param grip index of the grip they belong to
 * @param strike index of the strike, where the hand walks from key to key; −1 where it stands
 * @param rows the rows of fingers to choose from, each from the lowest note
 * @param repeated whether it is the same key as before, struck again quickly
 * @param onBeat whether it begins a quarter
 * @param out which notes are to be brought out
 */
record HandLayer(
        int grip, int strike, List<Pitch> notes, int[][] rows, boolean repeated, boolean onBeat, Set<Integer> out) {

    private static final int LINE = 3;

    /** A minor tenth. */
    private static final int TENTH = 15;

    /** Root, fifth, octave and tenth, one after another: 2 passes over the thumb (common practice). */
    private static final int[][] OVER_THE_THUMB = {{5, 2, 1, 2}};

    /** Keys struck again sooner than after so many seconds are struck with another finger each time. */
    private static final double QUICK = 0.18;

    /** Whether nothing is told of it but its notes. */
    boolean isFree() {
        boolean any = rows == ChordFingering.rows(notes.size());
        return any && !repeated && out.isEmpty();
    }

    boolean isFreeChord() {
        return notes.size() > 1 && isFree();
    }

    /** What lies under the hand, in the order in which it is played. */
    static List<HandLayer> of(List<Grip> grips, List<Strike> strikes, double secondsPerQuarter) {
        return new Finder(strikes, secondsPerQuarter).layers(grips);
    }

    private record Finder(List<Strike> strikes, double secondsPerQuarter) {

        List<HandLayer> layers(List<Grip> grips) {
            Map<Integer, List<Integer>> byGrip = new HashMap<>();
            for (int i = 0; i < strikes.size(); i++) {
                byGrip.computeIfAbsent(strikes.get(i).grip(), grip -> new ArrayList<>())
                        .add(i);
            }
            List<HandLayer> layers = new ArrayList<>();
            for (int grip = 0; grip < grips.size(); grip++) {
                List<Pitch> notes = grips.get(grip).pitches();
                List<Integer> here = byGrip.getOrDefault(grip, List.of());
                if (isLine(notes, here)) {
                    here.forEach(strike -> layers.add(ofLine(strike, notes)));
                } else if (notes.size() <= LineCosts.FINGERS) {
                    int[] given = new int[notes.size()];
                    here.forEach(strike -> given[strikes.get(strike).note()] =
                            strikes.get(strike).given());
                    Set<Integer> out = here.stream()
                            .map(strikes::get)
                            .filter(Strike::broughtOut)
                            .map(Strike::note)
                            .collect(Collectors.toSet());
                    int[][] rows = isOverTheThumb(notes, here) ? OVER_THE_THUMB : rows(notes.size(), given);
                    layers.add(new HandLayer(grip, -1, notes, rows, false, false, out));
                }
            }
            return layers;
        }

        private boolean isOverTheThumb(List<Pitch> notes, List<Integer> here) {
            long times =
                    here.stream().map(i -> strikes.get(i).time()).distinct().count();
            return notes.size() == OVER_THE_THUMB[0].length
                    && notes.get(notes.size() - 1).midi() - notes.get(0).midi() >= TENTH
                    && times == here.size();
        }

        private HandLayer ofLine(int number, List<Pitch> notes) {
            Strike strike = strikes.get(number);
            return new HandLayer(
                    strike.grip(),
                    number,
                    List.of(notes.get(strike.note())),
                    rows(1, new int[] {strike.given()}),
                    number > 0 && isQuick(strikes.get(number - 1), strike),
                    strike.time().isWhole(),
                    strike.broughtOut() ? Set.of(0) : Set.of());
        }

        /** Whether the same key is struck again before one finger could do it with ease. */
        private boolean isQuick(Strike before, Strike strike) {
            double quarters = strike.time().minus(before.time()).toDouble();
            return before.grip() == strike.grip()
                    && before.note() == strike.note()
                    && quarters * secondsPerQuarter < QUICK;
        }

        /** Whether notes follow one another step by step, or one quickly itself, so that the hand walks and does not stand. */
        private boolean isLine(List<Pitch> notes, List<Integer> here) {
            if (notes.size() == 1) {
                return IntStream.range(1, here.size())
                        .anyMatch(i -> isQuick(strikes.get(here.get(i - 1)), strikes.get(here.get(i))));
            }
            if (notes.size() < LINE || here.size() < LINE) {
                return false;
            }
            return IntStream.range(1, here.size()).allMatch(i -> {
                Strike before = strikes.get(here.get(i - 1));
                Strike strike = strikes.get(here.get(i));
                int steps = notes.get(strike.note()).staffStep()
                        - notes.get(before.note()).staffStep();
                return (Math.abs(steps) == 1 || isQuick(before, strike))
                        && before.time().isBefore(strike.time());
            });
        }

        /** The rows in which every given finger is on its note; all rows where none is. */
        private static int[][] rows(int notes, int[] given) {
            int[][] all = ChordFingering.rows(notes);
            if (Arrays.stream(given).allMatch(finger -> finger == 0)) {
                return all;
            }
            int[][] some = Arrays.stream(all)
                    .filter(row -> IntStream.range(0, notes).allMatch(i -> given[i] == 0 || given[i] == row[i]))
                    .toArray(int[][]::new);
            return some.length == 0 ? all : some;
        }
    }
}
