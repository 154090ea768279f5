package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Close position: the tones of a chord stacked without a gap from each allowed bass note, at every place in the hand's
 * range; whole and, where there are four tones or more, without the fifth and without sixth, ninth, eleventh and
 * thirteenth (the first notes to drop; never the third or the seventh: common practice). Three notes in a row a second apart are a
 * cluster, and taken only where nothing else is left.
 */
final class CloseStyle implements VoicingStyle {

    static final String INVERSIONS = "inversions";

    private static final int FINGERS = 5;
    private static final int FOUR = 4;
    private static final int TRIAD = 3;

    private static final List<CostTerm> TERMS = List.of(
            CostTerms.STRETCH,
            CostTerms.MUD,
            CostTerms.REGISTER,
            CostTerms.MISSING_FIFTH,
            CostTerms.MISSING_COLOUR,
            CostTerms.OPENING,
            CostTerms.CLOSING);

    @Override
    public Label label() {
        return new Label("close", "Close chords", "all notes side by side", 1);
    }

    @Override
    public List<Setting> settings() {
        return List.of(new Setting(
                INVERSIONS,
                "Inversions",
                Arrays.stream(Inversions.values())
                        .map(one -> new Value(one.name(), one.label()))
                        .toList()));
    }

    @Override
    public List<CostTerm> terms() {
        return TERMS;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        Inversions inversions =
                Inversions.valueOf(wishes.settings().getOrDefault(INVERSIONS, Inversions.NEAREST.name()));
        List<List<PitchClass>> stacks = new ArrayList<>();
        for (List<PitchClass> tones : toneSets(chord, wishes.mostNotes())) {
            for (PitchClass bass : basses(chord, tones, inversions)) {
                List<PitchClass> stack = stack(bass, tones);
                if (stack.size() <= FINGERS) {
                    stacks.add(stack);
                }
            }
        }
        List<List<PitchClass>> clear =
                stacks.stream().filter(stack -> !isCluster(stack)).toList();
        List<Voicing> found = new ArrayList<>();
        (clear.isEmpty() ? stacks : clear).forEach(stack -> addEverywhere(chord, stack, wishes.hand(), found));
        return found;
    }

    /** The tones of a chord without those that can be spared, the fewest left out first. */
    private static List<List<PitchClass>> toneSets(Chord chord, int mostNotes) {
        boolean foreignBass = chord.bassMember() < 0;
        List<PitchClass> all = chord.essentialTones(foreignBass ? FINGERS - 1 : FINGERS);
        List<PitchClass> spare = all.size() < FOUR
                ? List.of()
                : all.stream().filter(tone -> canSpare(chord, tone)).toList();
        List<List<PitchClass>> sets = new ArrayList<>();
        for (int some = 0; some < 1 << spare.size(); some++) {
            List<PitchClass> set = new ArrayList<>(all);
            for (int i = 0; i < spare.size(); i++) {
                if ((some >> i & 1) == 1) {
                    set.remove(spare.get(i));
                }
            }
            if (some == 0 || set.size() >= TRIAD && !isAnotherTriad(chord, set)) {
                sets.add(set);
            }
        }
        sets.sort(Comparator.comparingInt(set -> -set.size()));
        int most = Math.max(mostNotes, sets.get(sets.size() - 1).size());
        return sets.stream().filter(set -> set.size() <= most).toList();
    }

    private static boolean canSpare(Chord chord, PitchClass tone) {
        boolean plainFifth = tone.equals(chord.root().plus(Interval.PERFECT_FIFTH));
        Member member = Member.of(chord, tone);
        return !tone.equals(chord.bass()) && (plainFifth || member == Member.SIXTH || member.isColour());
    }

    /** A sixth chord without its fifth is the triad on its sixth: C E A is A minor to everybody. */
    private static boolean isAnotherTriad(Chord chord, List<PitchClass> tones) {
        return tones.size() == TRIAD
                && tones.stream().anyMatch(root -> !root.equals(chord.root()) && isTriad(stack(root, tones)));
    }

    private static boolean isTriad(List<PitchClass> fromRoot) {
        int third = Math.floorMod(fromRoot.get(1).semitone() - fromRoot.get(0).semitone(), 12);
        int fifth = Math.floorMod(fromRoot.get(2).semitone() - fromRoot.get(0).semitone(), 12);
        return third == 4 && fifth == 7 || third == 3 && (fifth == 6 || fifth == 7);
    }

    private static boolean isCluster(List<PitchClass> stack) {
        for (int i = 2; i < stack.size(); i++) {
            if (isSecond(stack.get(i - 2), stack.get(i - 1)) && isSecond(stack.get(i - 1), stack.get(i))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isSecond(PitchClass low, PitchClass high) {
        return Math.floorMod(high.semitone() - low.semitone(), 12) <= 2;
    }

    private static List<PitchClass> basses(Chord chord, List<PitchClass> tones, Inversions inversions) {
        if (chord.hasSlash()) {
            return List.of(chord.bass());
        }
        List<PitchClass> allowed = tones.stream()
                .filter(tone -> inversions.allowsInBass(tone, chord))
                .toList();
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
            List<Pitch> pitches = new ArrayList<>();
            int floor = from;
            for (PitchClass tone : stack) {
                Pitch pitch = Pitch.atOrAbove(tone, floor);
                pitches.add(pitch);
                floor = pitch.midi() + 1;
            }
            if (pitches.get(pitches.size() - 1).midi() > hand.highest().midi()) {
                return;
            }
            found.add(Voicing.inOneGrip(chord, pitches));
            from = pitches.get(0).midi() + 1;
        }
    }
}
