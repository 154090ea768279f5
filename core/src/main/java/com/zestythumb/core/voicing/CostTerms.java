package com.zestythumb.core.voicing;

import com.zestythumb.core.pitch.Interval;
import java.util.List;
import java.util.function.ToIntFunction;

/** Cost terms that styles share. */
public final class CostTerms {

    private static final int FIFTH = 7;

    /** So much that a stretch is taken only where nothing else is left. */
    public static final CostTerm STRETCH = new CostTerm(
            "stretch",
            "stretch beyond the hand",
            "half steps",
            100,
            (voicing, place) -> most(voicing.bothHands(), grip -> place.hand().beyond(grip)));

    public static final CostTerm MUD = new CostTerm(
            "mud",
            "close notes that lie too low to sound clear",
            "half steps",
            2,
            (voicing, place) -> most(voicing.bothHands(), grip -> LowIntervalLimits.depth(grip.midiKeys())));

    /** The middle of a grip more than a fifth from where the hand is at home. */
    public static final CostTerm REGISTER = new CostTerm(
            "register",
            "far from the hand's home",
            "half steps",
            1,
            (voicing, place) -> most(
                    voicing.grips(),
                    grip -> Math.abs(grip.middle() - place.hand().home()) - FIFTH));

    public static final CostTerm MISSING_FIFTH =
            new CostTerm("missing-fifth", "left without its fifth", "chords", 2, (voicing, place) -> {
                Interval fifth = voicing.chord().quality().numbered(5);
                return fifth != null && !voicing.has(Member.FIFTH) ? 1 : 0;
            });

    public static final CostTerm MISSING_COLOUR = new CostTerm(
            "missing-colour", "left without its sixth, ninth, eleventh or thirteenth", "notes", 3, (voicing, place) -> {
                int missing = 0;
                for (Interval interval : voicing.chord().quality().intervals()) {
                    Member member = Member.numbered(interval.steps() + 1);
                    missing += (member.isColour() || member == Member.SIXTH) && !voicing.has(member) ? 1 : 0;
                }
                return voicing.chord().upper() == null ? missing : missing + missingAbove(voicing);
            });

    public static final CostTerm OPENING = new CostTerm(
            "opening",
            "a first chord that is not in root position",
            "chords",
            4,
            (voicing, place) -> place.opening() && isRestless(voicing) ? 1 : 0);

    public static final CostTerm CLOSING = new CostTerm(
            "closing",
            "a last chord that does not come to rest in root position",
            "chords",
            4,
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
                .map(tone -> Member.of(voicing.chord(), tone))
                .filter(member -> member.isColour() && !voicing.has(member))
                .count();
    }

    private static boolean isRestless(Voicing voicing) {
        return voicing.bassMember() != Member.ROOT && !voicing.chord().hasSlash();
    }
}
