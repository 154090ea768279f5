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

    private static final TransitionTerm THUMB_MOVES = new TransitionTerm(
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
    private static final TransitionTerm THUMB_LEAPS = new TransitionTerm(
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

    private static final List<CostTerm> TERMS = List.of(CostTerms.REGISTER, CostTerms.OPENING, CostTerms.CLOSING);

    @Override
    public Label label() {
        return new Label("held-thumb", "Held thumb", "the thumb stays, the fingers below it walk", 2);
    }

    @Override
    public List<CostTerm> terms() {
        return TERMS;
    }

    @Override
    public List<TransitionTerm> ways() {
        return List.of(THUMB_MOVES, THUMB_LEAPS);
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        List<PitchClass> tones = chord.essentialTones(4);
        List<Voicing> found = new ArrayList<>();
        List<PitchClass> lower = chord.hasSlash() ? List.of(chord.bass()) : tones;
        for (PitchClass low : lower) {
            for (PitchClass high : tones) {
                if (!low.soundsLike(high) && tells(chord, low, high)) {
                    addEverywhere(chord, low, high, wishes, found);
                }
            }
        }
        return found;
    }

    /** Two notes tell a chord by its root or third, a dominant seventh by its third or seventh (common practice). */
    private static boolean tells(Chord chord, PitchClass low, PitchClass high) {
        List<ChordTone> two = List.of(ChordTone.of(chord, low), ChordTone.of(chord, high));
        boolean named = two.contains(ChordTone.ROOT) || two.contains(ChordTone.THIRD);
        boolean leads = two.contains(ChordTone.THIRD) || two.contains(ChordTone.SEVENTH);
        return named && (leads || !Colours.isDominant(chord));
    }

    private static void addEverywhere(
            Chord chord, PitchClass low, PitchClass high, Wishes wishes, List<Voicing> found) {
        int from = wishes.hand().lowest().midi();
        while (true) {
            Pitch below = Pitch.atOrAbove(low, from);
            Pitch above = Pitch.atOrAbove(high, below.midi() + 1);
            if (above.midi() > wishes.hand().highest().midi()) {
                return;
            }
            Voicing voicing = Voicing.inOneGrip(chord, List.of(below, above));
            if (wishes.allow(voicing)) {
                found.add(voicing);
            }
            from = below.midi() + 1;
        }
    }
}
