package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Close position: the tones of a chord stacked without a gap from each allowed bass note, at every place in the hand's
 * range. A tune keeps one number of notes, three or four: a seventh in three is root, third and seventh, a triad in four has
 * its bass again on top. What drops is the plain fifth and, of ninth chords, the root; never the third, the seventh or a
 * colour that is named (common practice).
 */
final class CloseStyle implements VoicingStyle {

    static final String INVERSIONS = "inversions";

    /** How many notes chords have. */
    static final String NOTES = "notes";

    static final String AS_THE_CHORDS_ASK = "USUAL";
    static final String THREE = "THREE";
    static final String FOUR = "FOUR";
    static final String AS_IT_COMES = "ANY";

    private static final int FINGERS = 5;
    private static final int TRIAD = 3;
    private static final int SIX = 6;

    /** Hands that span less than a minor seventh hold three notes at best in most places. */
    private static final int SPAN_FOR_FOUR = 10;

    private static final List<CostTerm> TERMS = List.of(
            CostTerms.REGISTER,
            BassTerms.APART,
            CostTerms.MISSING_FIFTH,
            CostTerms.MISSING_COLOUR,
            CostTerms.MISSING_ROOT,
            CostTerms.MISSING_SEVENTH,
            CostTerms.SEMITONE,
            CostTerms.SIX_FOUR,
            CostTerms.CLUSTER,
            CostTerms.OPENING,
            CostTerms.CLOSING);

    private static final List<Setting> SETTINGS = List.of(
            new Setting(
                    INVERSIONS,
                    "Inversions",
                    Arrays.stream(Inversions.values())
                            .map(one -> new Value(one.name(), one.label()))
                            .toList()),
            new Setting(
                    NOTES,
                    "Notes",
                    List.of(
                            new Value(AS_THE_CHORDS_ASK, "By the chords"),
                            new Value(THREE, "Three"),
                            new Value(FOUR, "Four"),
                            new Value(AS_IT_COMES, "As it comes"))));

    @Override
    public Label label() {
        return new Label("close", "Close chords", "all notes side by side", 1);
    }

    @Override
    public List<Setting> settings() {
        return SETTINGS;
    }

    /** Four notes where more than three chords of four have them and the hand holds them, else three. */
    @Override
    public Map<String, String> settled(Map<String, String> settings, List<Chord> chords, Hand hand) {
        if (!settings.getOrDefault(NOTES, AS_THE_CHORDS_ASK).equals(AS_THE_CHORDS_ASK)) {
            return settings;
        }
        long rich =
                chords.stream().filter(chord -> chord.tones().size() > TRIAD).count();
        Map<String, String> settled = new HashMap<>(settings);
        settled.put(NOTES, hand.span() >= SPAN_FOR_FOUR && 4 * rich > 3 * chords.size() ? FOUR : THREE);
        return settled;
    }

    @Override
    public List<CostTerm> terms() {
        return TERMS;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        Inversions inversions =
                Inversions.valueOf(wishes.settings().getOrDefault(INVERSIONS, Inversions.NEAREST.name()));
        List<List<PitchClass>> sets = toneSets(chord, wishes.mostNotes());
        String notes = wishes.settings().getOrDefault(NOTES, AS_IT_COMES);
        if (notes.equals(THREE) || notes.equals(FOUR)) {
            int wanted = notes.equals(THREE) ? TRIAD : TRIAD + 1;
            // As many as are wanted; where that is not possible more before fewer, and what the hand holds before all.
            List<List<PitchClass>> ordered = new ArrayList<>(sets);
            int bass = isOverSeventh(chord) ? 1 : 0;
            ordered.sort(Comparator.comparingInt(
                    set -> set.size() + bass >= wanted ? set.size() + bass : 2 * FINGERS - set.size() - bass));
            for (int size : ordered.stream().map(List::size).distinct().toList()) {
                List<Voicing> found = voiced(
                        chord, sets.stream().filter(set -> set.size() == size).toList(), inversions, wishes);
                List<Voicing> held = found.stream().filter(wishes::allow).toList();
                if (!held.isEmpty()) {
                    held = withRoot(held, found, chord, wishes);
                    boolean doubled =
                            size == TRIAD && chord.bassMember() >= 0 && wanted > TRIAD && wishes.mostNotes() > TRIAD;
                    return doubled ? withOctave(held, wishes) : held;
                }
            }
        }
        return voiced(chord, sets, inversions, wishes);
    }

    /** A triad over its seventh is a seventh chord to the ear, and has as many notes. */
    private static boolean isOverSeventh(Chord chord) {
        return chord.bassMember() < 0
                && chord.bass().letter() == chord.root().letter().plus(SIX)
                && !chord.quality().hasSeventh();
    }

    private static List<Voicing> voiced(
            Chord chord, List<List<PitchClass>> sets, Inversions inversions, Wishes wishes) {
        List<Voicing> found = new ArrayList<>();
        for (List<PitchClass> tones : sets) {
            for (PitchClass bass : basses(chord, tones, inversions, wishes.strokes())) {
                List<PitchClass> stack = stack(bass, tones);
                if (stack.size() <= FINGERS) {
                    addEverywhere(chord, stack, wishes.hand(), found);
                }
            }
        }
        return found;
    }

    /** And, where the hand does not hold the chord over its root, as much of it as it does. */
    private static List<Voicing> withRoot(List<Voicing> held, List<Voicing> found, Chord chord, Wishes wishes) {
        List<Voicing> rooted = found.stream()
                .filter(voicing -> voicing.soundingBass().equals(chord.root()))
                .toList();
        if (rooted.isEmpty() || rooted.stream().anyMatch(held::contains)) {
            return held;
        }
        List<Voicing> more = new ArrayList<>(held);
        voiced(chord, List.of(triad(chord)), Inversions.NEAREST, wishes).stream()
                .filter(voicing -> voicing.soundingBass().equals(chord.root()) && wishes.allow(voicing))
                .forEach(more::add);
        return more;
    }

    private static List<PitchClass> triad(Chord chord) {
        return chord.tones().subList(0, Math.min(TRIAD, chord.tones().size()));
    }

    /** With the bass again on top, where the hand holds it. */
    private static List<Voicing> withOctave(List<Voicing> all, Wishes wishes) {
        List<Voicing> doubled = new ArrayList<>();
        for (Voicing voicing : all) {
            List<Pitch> pitches = new ArrayList<>(voicing.pitches());
            pitches.add(new Pitch(pitches.get(0).pitchClass(), pitches.get(0).octave() + 1));
            Voicing four = Voicing.inOneGrip(voicing.chord(), pitches);
            if (wishes.allow(four)
                    && pitches.get(TRIAD).midi() <= wishes.hand().highest().midi()) {
                doubled.add(four);
            }
        }
        return doubled.isEmpty() ? all : doubled;
    }

    /** The tones of a chord without those that can be spared, the fewest left out first. */
    private static List<List<PitchClass>> toneSets(Chord chord, int mostNotes) {
        boolean foreignBass = chord.bassMember() < 0;
        List<PitchClass> all = chord.essentialTones(foreignBass ? FINGERS - 1 : FINGERS);
        List<PitchClass> spare = all.size() <= TRIAD && !foreignBass
                ? List.of()
                : all.stream().filter(tone -> canSpare(chord, all, tone)).toList();
        List<List<PitchClass>> sets = new ArrayList<>();
        for (int some = 0; some < 1 << spare.size(); some++) {
            List<PitchClass> set = new ArrayList<>(all);
            for (int i = 0; i < spare.size(); i++) {
                if ((some >> i & 1) == 1) {
                    set.remove(spare.get(i));
                }
            }
            int fewest = foreignBass ? TRIAD - 1 : TRIAD;
            if (some == 0 || set.size() >= fewest && !isAnotherTriad(chord, set) && !isCluster(set)) {
                sets.add(set);
            }
        }
        sets.sort(Comparator.comparingInt(set -> -set.size()));
        int most = Math.max(mostNotes, sets.get(sets.size() - 1).size());
        return sets.stream().filter(set -> set.size() <= most).toList();
    }

    /**
     * The plain fifth and, of a diminished seventh, its own; the root where ninth, eleventh or thirteenth is there, or over a
     * bass that is a half step from it.
     */
    private static boolean canSpare(Chord chord, List<PitchClass> all, PitchClass tone) {
        if (tone.equals(chord.bass()) && chord.hasSlash()) {
            return false;
        }
        boolean plainFifth = tone.equals(chord.root().plus(Interval.PERFECT_FIFTH));
        boolean diminished = ChordTone.of(chord, tone) == ChordTone.FIFTH
                && chord.quality().equals(Chord.parse("Cdim7").quality());
        boolean besides = Math.floorMod(tone.semitone() - chord.bass().semitone() + 1, 12) <= 2;
        boolean root = tone.equals(chord.root())
                && (all.size() == FINGERS && chord.quality().numbered(6) == null || chord.bassMember() < 0 && besides);
        return plainFifth || diminished || root;
    }

    /** A sixth chord without its fifth is the triad on its sixth: C E A is A minor to everybody. */
    private static boolean isAnotherTriad(Chord chord, List<PitchClass> tones) {
        return tones.size() == TRIAD
                && tones.stream().anyMatch(root -> !root.equals(chord.root()) && isTriad(stack(root, tones)));
    }

    /** Root, second and third alone. */
    private static boolean isCluster(List<PitchClass> tones) {
        return tones.size() == TRIAD
                && tones.stream().anyMatch(low -> stack(low, tones).stream().allMatch(tone -> tone.above(low) <= 4));
    }

    private static boolean isTriad(List<PitchClass> fromRoot) {
        int third = fromRoot.get(1).above(fromRoot.get(0));
        int fifth = fromRoot.get(2).above(fromRoot.get(0));
        return third == 4 && fifth == 7 || third == 3 && (fifth == 6 || fifth == 7);
    }

    private static List<PitchClass> basses(
            Chord chord, List<PitchClass> tones, Inversions inversions, AttackMode strokes) {
        if (chord.hasSlash()) {
            return List.of(chord.bass());
        }
        if (strokes.tellBass() && inversions == Inversions.NEAREST) {
            return List.of(chord.root());
        }
        List<PitchClass> allowed = tones.stream()
                .filter(tone -> inversions.allowsInBass(tone, chord))
                .toList();
        // The tone asked for may be the one that is left out.
        return allowed.isEmpty() ? List.of(tones.contains(chord.root()) ? chord.root() : tones.get(0)) : allowed;
    }

    /** The tones in rising order from the bass, within the octave above it. */
    private static List<PitchClass> stack(PitchClass bass, List<PitchClass> tones) {
        List<PitchClass> stack = new ArrayList<>();
        stack.add(bass);
        tones.stream()
                .filter(tone -> !tone.soundsLike(bass))
                .sorted(Comparator.comparingInt(tone -> tone.above(bass)))
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
