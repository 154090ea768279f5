package com.zestythumb.core.arrangement;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * A bass that walks in beats from the root of a chord to a step beside the next one's (common practice: a chord tone on
 * strong beats, elsewhere a chord tone or a note that passes by step; no note twice; the last a step from its goal, best a
 * half step or a note of the key). Of all such lines the smoothest is taken.
 *
 * @param chord over which it walks
 * @param key of the bar
 */
record WalkingBass(Chord chord, Key key, Hand hand) {

    private static final int OCTAVE = 12;
    private static final int STEP = 2;
    private static final int THIRD = 4;
    private static final int FAR = 1000;
    private static final int NO_CHORD_TONE = 6;
    private static final int TURNS = 2;
    private static final int OUTSIDE = 2;

    /** The root once more within its bar. */
    private static final int AGAIN = 4;

    /**
     * So many notes.
     *
     * @param root the first of them
     * @param goal the note that follows; null where the tune ends
     */
    List<Pitch> line(Pitch root, Pitch goal, int beats) {
        if (beats == 1) {
            return List.of(root);
        }
        List<Pitch> keys = keys(root);
        int[][] cost = new int[beats][keys.size()];
        int[][] from = new int[beats][keys.size()];
        Arrays.stream(cost).forEach(row -> Arrays.fill(row, FAR));
        cost[0][keys.indexOf(root)] = 0;
        for (int beat = 1; beat < beats; beat++) {
            for (int to = 0; to < keys.size(); to++) {
                for (int before = 0; before < keys.size(); before++) {
                    int before2 = beat > 1 ? from[beat - 1][before] : before;
                    int sum = cost[beat - 1][before]
                            + step(keys.get(before), keys.get(to))
                            + turn(keys.get(before2), keys.get(before), keys.get(to))
                            + own(keys.get(before), keys.get(to), beat, beats, root, goal);
                    if (sum < cost[beat][to]) {
                        cost[beat][to] = sum;
                        from[beat][to] = before;
                    }
                }
            }
        }
        int at = 0;
        for (int i = 1; i < keys.size(); i++) {
            at = cost[beats - 1][i] < cost[beats - 1][at] ? i : at;
        }
        Pitch[] line = new Pitch[beats];
        for (int beat = beats - 1; beat >= 0; beat--) {
            line[beat] = keys.get(at);
            at = from[beat][at];
        }
        return List.of(line);
    }

    /** What it costs that a note follows another: nothing by step, more the farther. */
    private static int step(Pitch from, Pitch to) {
        int apart = Math.abs(to.midi() - from.midi());
        return apart == 0 || apart > OCTAVE ? FAR : apart <= STEP ? 1 : apart <= THIRD ? 2 : 1 + apart / 2;
    }

    /** A line that turns back without need, or goes back to where it was. */
    private static int turn(Pitch first, Pitch second, Pitch third) {
        boolean turns = Integer.signum(second.midi() - first.midi()) == -Integer.signum(third.midi() - second.midi());
        return first.equals(third) ? 2 * TURNS : turns ? TURNS : 0;
    }

    private int own(Pitch before, Pitch here, int beat, int beats, Pitch root, Pitch goal) {
        boolean ofChord = chord.tones().stream().anyMatch(tone -> tone.soundsLike(here.pitchClass()));
        boolean ofKey =
                key.signatureOf(here.pitchClass().letter()) == here.pitchClass().alteration();
        int home = Math.abs(here.midi() - root.midi()) / THIRD;
        if (beat == beats - 1 && goal != null) {
            int apart = Math.abs(here.midi() - goal.midi());
            boolean steps = apart == 1 || apart == STEP;
            return !steps ? FAR : ofKey ? 0 : apart == 1 ? 1 : OUTSIDE;
        }
        if (ofChord) {
            return home + (here.equals(root) ? AGAIN : 0);
        }
        boolean byStep = Math.abs(here.midi() - before.midi()) <= STEP;
        return byStep && ofKey && beat % 2 == 1 ? home + OUTSIDE : home + NO_CHORD_TONE;
    }

    /** The notes of chord and key within a tenth of the root, and those half a step beside: spelled as the key has them. */
    private List<Pitch> keys(Pitch root) {
        List<Pitch> keys = new ArrayList<>();
        // A root that a teacher put beyond what is usual for this hand is walked from all the same.
        int lowest = Math.min(root.midi(), Math.max(hand.lowest().midi(), root.midi() - OCTAVE));
        int highest = Math.max(root.midi(), Math.min(hand.highest().midi(), root.midi() + OCTAVE));
        for (int midi = lowest; midi <= highest; midi++) {
            keys.add(midi == root.midi() ? root : spelled(midi));
        }
        return keys;
    }

    private Pitch spelled(int midi) {
        List<PitchClass> names = new ArrayList<>(chord.tones());
        for (Letter letter : Letter.values()) {
            names.add(new PitchClass(letter, key.signatureOf(letter)));
        }
        for (Letter letter : Letter.values()) {
            names.add(new PitchClass(letter, 0));
        }
        for (Letter letter : Letter.values()) {
            names.add(new PitchClass(letter, 1));
        }
        return names.stream()
                .map(name -> Pitch.atOrAbove(name, midi))
                .filter(pitch -> pitch.midi() == midi)
                .min(Comparator.comparingInt(
                        pitch -> Math.abs(pitch.pitchClass().alteration()) > 1 ? 1 : 0))
                .orElseThrow();
    }
}
