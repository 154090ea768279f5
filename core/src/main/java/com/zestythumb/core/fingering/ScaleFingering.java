package com.zestythumb.core.fingering;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.solving.LayeredPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Fingers for scales and arpeggios of any key: the cheapest row of fingers for an octave that comes again and again, by
 * {@link LineCosts}, with the thumb on the keynote where that is a white key (common practice). At its ends the hand spares
 * itself the crossing into the next octave.
 */
public final class ScaleFingering {

    private static final int NOT_ON_KEYNOTE = 60;
    private static final int OCTAVE = 12;
    private static final int MIDDLE_C = 60;

    private ScaleFingering() {}

    /** A scale that rises: its notes, and a finger for each. */
    public record Fingered(List<Pitch> notes, List<Integer> fingers) {}

    /** The major scale, or for a minor key the harmonic one, rising so many octaves. */
    public static Fingered scale(Key key, Side side, int octaves) {
        List<PitchClass> names = new ArrayList<>();
        for (int degree = 1; degree <= 7; degree++) {
            boolean raised = key.mode() == Mode.MINOR && degree == 7;
            names.add(raised ? key.tonic().plus(Mode.MAJOR.degree(7)) : key.degree(degree));
        }
        return rising(names, side, octaves);
    }

    /** The arpeggio of a chord in root position, rising so many octaves. */
    public static Fingered arpeggio(Chord chord, Side side, int octaves) {
        return rising(chord.tones(), side, octaves);
    }

    private static Fingered rising(List<PitchClass> names, Side side, int octaves) {
        List<Pitch> octave = new ArrayList<>();
        int floor = MIDDLE_C - OCTAVE;
        for (PitchClass name : names) {
            octave.add(Pitch.atOrAbove(name, floor));
            floor = octave.get(octave.size() - 1).midi();
        }
        List<Pitch> notes = new ArrayList<>();
        for (int i = 0; i < octaves; i++) {
            int up = i;
            octave.forEach(note -> notes.add(new Pitch(note.pitchClass(), note.octave() + up)));
        }
        notes.add(new Pitch(octave.get(0).pitchClass(), octave.get(0).octave() + octaves));
        List<Integer> best = List.of();
        int least = Integer.MAX_VALUE;
        int leastOnce = Integer.MAX_VALUE;
        for (int first = 1; first <= LineCosts.FINGERS; first++) {
            for (int second = 1; second <= LineCosts.FINGERS; second++) {
                // Of rounds that cost the same, the one that is easier to play once.
                Round round = Round.of(octave, side, first, second);
                List<Integer> open = open(notes, round.fingers(), side);
                int once = cost(notes, open, side);
                if (round.cost() < least || round.cost() == least && once < leastOnce) {
                    least = round.cost();
                    leastOnce = once;
                    best = open;
                }
            }
        }
        return new Fingered(notes, best);
    }

    /** Fingers for one octave after which it begins anew, and what the octave costs. */
    private record Round(List<Integer> fingers, int cost) {

        /** The cheapest round in which the first two notes have these fingers; two, so that ties are all looked at. */
        static Round of(List<Pitch> octave, Side side, int first, int second) {
            List<Pitch> notes = new ArrayList<>(octave);
            Pitch keynote = octave.get(0);
            notes.add(new Pitch(keynote.pitchClass(), keynote.octave() + 1));
            List<int[]> fingers = new ArrayList<>();
            for (int i = 0; i < notes.size(); i++) {
                fingers.add(
                        i == 0 || i == notes.size() - 1
                                ? new int[] {first}
                                : i == 1 ? new int[] {second} : LineFingering.ANY.clone());
            }
            LayeredPath path = LayeredPath.through(notes.size(), LineFingering.costs(side, notes, fingers, Set.of()));
            List<Integer> found = new ArrayList<>();
            for (int i = 0; i < octave.size(); i++) {
                found.add(fingers.get(i)[path.choice(i)]);
            }
            boolean thumb = keynote.isBlackKey() || first == 1;
            // The keynote was counted at both ends.
            return new Round(found, path.total() - LineCosts.own(first, keynote) + (thumb ? 0 : NOT_ON_KEYNOTE));
        }
    }

    /** The round over and over, without a crossing at either end that another finger spares. */
    private static List<Integer> open(List<Pitch> notes, List<Integer> round, Side side) {
        List<Integer> fingers = new ArrayList<>();
        for (int i = 0; i < notes.size(); i++) {
            fingers.add(round.get(i % round.size()));
        }
        int last = notes.size() - 1;
        fingers.set(0, sparing(side, notes.get(1), fingers.get(1), notes.get(0), fingers.get(0)));
        fingers.set(
                last, sparing(side, notes.get(last - 1), fingers.get(last - 1), notes.get(last), fingers.get(last)));
        return fingers;
    }

    private static int sparing(Side side, Pitch neighbour, int itsFinger, Pitch end, int usual) {
        if (!LineCosts.isCrossing(side, itsFinger, neighbour, usual, end)) {
            return usual;
        }
        int best = usual;
        int least = Integer.MAX_VALUE;
        for (int finger : LineFingering.ANY) {
            int cost = LineCosts.own(finger, end) + LineCosts.step(side, itsFinger, neighbour, finger, end);
            boolean spares = finger != itsFinger && !LineCosts.isCrossing(side, itsFinger, neighbour, finger, end);
            if (spares && cost < least) {
                least = cost;
                best = finger;
            }
        }
        return best;
    }

    private static int cost(List<Pitch> notes, List<Integer> fingers, Side side) {
        int sum = LineCosts.own(fingers.get(0), notes.get(0));
        for (int i = 1; i < notes.size(); i++) {
            sum += LineCosts.own(fingers.get(i), notes.get(i))
                    + LineCosts.step(side, fingers.get(i - 1), notes.get(i - 1), fingers.get(i), notes.get(i));
        }
        return sum;
    }
}
