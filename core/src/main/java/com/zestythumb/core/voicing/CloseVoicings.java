package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Lists the close-position voicings of a chord: its tones stacked without a gap from each allowed
 * bass note, at every place in the hand's range, whole and, where there are four tones or more,
 * without the fifth (the first note to drop; never the third or the seventh: common practice).
 */
final class CloseVoicings {

    private static final int FINGERS = 5;

    private CloseVoicings() {}

    /**
     * All candidates, never none; stretches beyond the hand are included and priced by the solver.
     *
     * @param notesWanted chords with more notes than this lose their fifth if they have a plain one
     */
    static List<Voicing> of(Chord chord, Way way, Hand hand, int notesWanted) {
        List<Voicing> found = new ArrayList<>();
        for (List<PitchClass> tones : toneSets(chord, notesWanted)) {
            for (PitchClass bass : basses(chord, tones, way)) {
                List<PitchClass> stack = stack(bass, tones);
                if (stack.size() <= FINGERS) {
                    addEverywhere(chord, stack, hand, found);
                }
            }
        }
        return found;
    }

    private static List<List<PitchClass>> toneSets(Chord chord, int notesWanted) {
        boolean foreignBass = chord.bassMember() < 0;
        int fingers = foreignBass ? FINGERS - 1 : FINGERS;
        List<PitchClass> all = chord.essentialTones(fingers);
        PitchClass fifth = chord.root().plus(Interval.PERFECT_FIFTH);
        if (all.size() < 4 || !all.contains(fifth) || chord.bass().equals(fifth)) {
            return List.of(all);
        }
        List<PitchClass> withoutFifth = new ArrayList<>(all);
        withoutFifth.remove(fifth);
        return all.size() > notesWanted ? List.of(withoutFifth) : List.of(all, withoutFifth);
    }

    private static List<PitchClass> basses(Chord chord, List<PitchClass> tones, Way way) {
        if (chord.hasSlash()) {
            return List.of(chord.bass());
        }
        List<PitchClass> allowed =
                tones.stream().filter(tone -> way.allowsInBass(tone, chord)).toList();
        // The tone asked for may be the one that is left out.
        return allowed.isEmpty() ? List.of(chord.root()) : allowed;
    }

    /** The tones in rising order from the bass, within the octave above it. */
    private static List<PitchClass> stack(PitchClass bass, List<PitchClass> tones) {
        List<PitchClass> stack = new ArrayList<>();
        stack.add(bass);
        tones.stream()
                .filter(tone -> !tone.soundsLike(bass))
                .sorted(Comparator.comparingInt(tone -> Math.floorMod(tone.semitone() - bass.semitone(), 12)))
                .forEach(stack::add);
        return stack;
    }

    private static void addEverywhere(Chord chord, List<PitchClass> stack, Hand hand, List<Voicing> found) {
        int from = hand.lowest().midi();
        while (true) {
            List<Pitch> notes = new ArrayList<>();
            int floor = from;
            for (PitchClass tone : stack) {
                Pitch note = Pitch.atOrAbove(tone, floor);
                notes.add(note);
                floor = note.midi() + 1;
            }
            if (notes.get(notes.size() - 1).midi() > hand.highest().midi()) {
                return;
            }
            found.add(new Voicing(chord, notes));
            from = notes.get(0).midi() + 1;
        }
    }
}
