package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.List;

/**
 * Two notes: the thumb keeps one that several chords have in common, the fingers below it walk (common practice). The lower
 * note is the bass where the tune begins and ends.
 */
final class HeldThumbStyle implements VoicingStyle {

    private static final WayTerm THUMB_MOVES = new WayTerm(
            "thumb-moves",
            "the thumb leaves its note",
            "changes",
            6,
            (from, to, hand) -> from.isSilent()
                            || to.isSilent()
                            || from.last().highest().midi()
                                    == to.first().highest().midi()
                    ? 0
                    : 1);

    /** A thumb that moves goes by step: the leading tone up to its resolution. */
    private static final WayTerm THUMB_LEAPS = new WayTerm(
            "thumb-leaps",
            "the thumb moves farther than a step",
            "half steps",
            1,
            (from, to, hand) -> from.isSilent() || to.isSilent()
                    ? 0
                    : Math.max(
                            0,
                            Math.abs(from.last().highest().midi()
                                            - to.first().highest().midi())
                                    - 2));

    /** Root or third below, then the fifth: what tells a chord. */
    private static final CostTerm PALE = new CostTerm(
            "pale",
            "a chord of which neither root nor third is played",
            "chords",
            6,
            (voicing, place) -> voicing.has(Member.ROOT) || voicing.has(Member.THIRD) ? 0 : 1);

    private static final List<CostTerm> TERMS =
            List.of(CostTerms.STRETCH, CostTerms.MUD, CostTerms.REGISTER, PALE, CostTerms.OPENING, CostTerms.CLOSING);

    @Override
    public Label label() {
        return new Label("held-thumb", "Held thumb", "the thumb stays, the fingers below it walk", 2);
    }

    @Override
    public List<CostTerm> terms() {
        return TERMS;
    }

    @Override
    public List<WayTerm> ways() {
        return List.of(THUMB_MOVES, THUMB_LEAPS);
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        Hand hand = wishes.hand();
        List<PitchClass> tones = chord.essentialTones(4);
        List<Voicing> found = new ArrayList<>();
        List<Voicing> wide = new ArrayList<>();
        List<PitchClass> lower = chord.hasSlash() ? List.of(chord.bass()) : tones;
        for (PitchClass low : lower) {
            for (PitchClass high : tones) {
                if (!low.soundsLike(high)) {
                    addEverywhere(chord, low, high, hand, found, wide);
                }
            }
        }
        return found.isEmpty() ? wide : found;
    }

    private static void addEverywhere(
            Chord chord, PitchClass low, PitchClass high, Hand hand, List<Voicing> found, List<Voicing> wide) {
        int from = hand.lowest().midi();
        while (true) {
            Pitch below = Pitch.atOrAbove(low, from);
            Pitch above = Pitch.atOrAbove(high, below.midi() + 1);
            if (above.midi() > hand.highest().midi()) {
                return;
            }
            Voicing voicing = Voicing.inOneGrip(chord, List.of(below, above));
            (hand.beyond(voicing.first()) == 0 ? found : wide).add(voicing);
            from = below.midi() + 1;
        }
    }
}
