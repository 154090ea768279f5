package com.zestythumb.core.voicing;

import com.zestythumb.core.pitch.Interval;
import java.util.List;
import java.util.function.ToIntFunction;

/** Cost terms that styles share. */
public final class CostTerms {

    private static final int FOURTH = 5;
    private static final int FIFTH = 7;

    /** The middle of a grip more than a fifth from home, or a fourth where the chart writes the bass line. */
    public static final CostTerm REGISTER = new CostTerm(
            "register",
            "far from the hand's home",
            "half steps",
            1,
            (voicing, place) -> most(
                    voicing.grips(),
                    grip -> Math.abs(grip.middle() - place.hand().home())
                            - (place.around().basses() ? FOURTH : FIFTH)));

    public static final CostTerm MISSING_FIFTH =
            new CostTerm("missing-fifth", "left without its fifth", "chords", 2, (voicing, place) -> {
                Interval fifth = voicing.chord().quality().numbered(5);
                return fifth != null && !voicing.has(ChordTone.FIFTH) ? 1 : 0;
            });

    public static final CostTerm MISSING_COLOUR = new CostTerm(
            "missing-colour",
            "left without its sixth, ninth, eleventh or thirteenth",
            "notes",
            14,
            (voicing, place) -> {
                int missing = 0;
                for (Interval interval : voicing.chord().quality().intervals()) {
                    ChordTone member = ChordTone.numbered(interval.steps() + 1);
                    missing += (member.isColour() || member == ChordTone.SIXTH) && !voicing.has(member) ? 1 : 0;
                }
                return voicing.chord().upper() == null ? missing : missing + missingAbove(voicing);
            });

    /** Of a ninth chord the root goes before the ninth; a bass, or the ear, has it. */
    public static final CostTerm MISSING_ROOT = new CostTerm(
            "missing-root",
            "left without its root",
            "chords",
            8,
            (voicing, place) -> voicing.has(ChordTone.ROOT) ? 0 : 1);

    /** Where a hand cannot hold the seventh over the bass that is written. */
    public static final CostTerm MISSING_SEVENTH = new CostTerm(
            "missing-seventh",
            "left without its seventh",
            "chords",
            20,
            (voicing, place) ->
                    voicing.chord().quality().numbered(7) != null && !voicing.has(ChordTone.SEVENTH) ? 1 : 0);

    /** A major seventh below its root, side by side. */
    public static final CostTerm SEMITONE = new CostTerm(
            "half-step",
            "seventh and root a half step apart",
            "places",
            40,
            (voicing, place) -> most(voicing.grips(), CostTerms::halfSteps));

    /** A triad over its fifth passes by, or stands over a bass that stays; it is no place to be. */
    public static final CostTerm SIX_FOUR = new CostTerm(
            "six-four-chord",
            "a six-four chord",
            "chords",
            4,
            (voicing, place) -> BassTerms.isSixFour(voicing) && !voicing.chord().hasSlash() ? 1 : 0);

    /** Three notes in a row a second apart. */
    public static final CostTerm CLUSTER = new CostTerm(
            "cluster",
            "three notes side by side",
            "places",
            8,
            (voicing, place) -> most(voicing.grips(), grip -> isCluster(grip) ? 1 : 0));

    public static final CostTerm OPENING = new CostTerm(
            "opening",
            "a first chord that is not in root position",
            "chords",
            30,
            (voicing, place) -> place.opening() && isRestless(voicing) ? 1 : 0);

    public static final CostTerm CLOSING = new CostTerm(
            "closing",
            "a last chord that does not come to rest in root position",
            "chords",
            30,
            (voicing, place) -> place.closing() && isRestless(voicing) ? 1 : 0);

    private CostTerms() {}

    /** The most that one of the grips has; none below 0. Asked for thousands of candidates: without streams. */
    private static int most(List<Grip> grips, ToIntFunction<Grip> measure) {
        int most = 0;
        for (Grip grip : grips) {
            most = Math.max(most, measure.applyAsInt(grip));
        }
        return most;
    }

    /** Of the triad above a chord, what its own tones do not name. */
    private static int missingAbove(Voicing voicing) {
        return (int) voicing.chord().tones().stream()
                .filter(tone -> voicing.chord().quality().intervals().stream()
                        .noneMatch(interval ->
                                voicing.chord().root().plus(interval).soundsLike(tone)))
                .map(tone -> ChordTone.of(voicing.chord(), tone))
                .filter(member -> member.isColour() && !voicing.has(member))
                .count();
    }

    private static int halfSteps(Grip grip) {
        int found = 0;
        for (int i = 1; i < grip.tones().size(); i++) {
            boolean apart = grip.tones().get(i).pitch().midi()
                            - grip.tones().get(i - 1).pitch().midi()
                    == 1;
            found += apart && grip.tones().get(i).member() == ChordTone.ROOT ? 1 : 0;
        }
        return found;
    }

    private static boolean isCluster(Grip grip) {
        for (int i = 2; i < grip.tones().size(); i++) {
            int wide = grip.tones().get(i).pitch().midi()
                    - grip.tones().get(i - 2).pitch().midi();
            if (wide <= 4
                    && grip.tones().get(i).pitch().midi()
                                    - grip.tones().get(i - 1).pitch().midi()
                            <= 2) {
                return true;
            }
        }
        return false;
    }

    private static boolean isRestless(Voicing voicing) {
        return voicing.bassMember() != ChordTone.ROOT && !voicing.chord().hasSlash();
    }
}
