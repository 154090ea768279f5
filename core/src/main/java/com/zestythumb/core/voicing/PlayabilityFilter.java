package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/**
 * What no style goes beyond where there is another way: the range of the hand, its reach, and the depth at which close notes
 * blur. A chord of which nothing lies under the hand keeps its bass and as much as is reached, third and seventh first
 * (common practice).
 */
final class PlayabilityFilter {

    /** Semitones under the low interval limits that are let pass. */
    private static final int GRACE = 2;

    /** In this order notes are kept. */
    private static final List<ChordTone> KEPT = List.of(
            ChordTone.THIRD,
            ChordTone.FOURTH,
            ChordTone.SECOND,
            ChordTone.SEVENTH,
            ChordTone.SIXTH,
            ChordTone.NINTH,
            ChordTone.THIRTEENTH,
            ChordTone.ELEVENTH,
            ChordTone.FIFTH,
            ChordTone.ROOT,
            ChordTone.FOREIGN);

    private PlayabilityFilter() {}

    /** Of the ways to lay a chord those within the walls; never none. Double flats and sharps are spelled as they are read, for who does not read them. */
    static List<Voicing> within(List<Voicing> all, Chord chord, VoicingStyle.Wishes wishes) {
        List<Voicing> found = reached(all, chord, wishes);
        boolean doubled = !wishes.hand().reading().readsDoubleSigns()
                && chord.tones().stream().anyMatch(tone -> Math.abs(tone.alteration()) > 1);
        return doubled ? found.stream().map(PlayabilityFilter::readable).toList() : found;
    }

    private static Voicing readable(Voicing voicing) {
        return new Voicing(
                voicing.chord(),
                voicing.soundingBass().simple(),
                voicing.grips().stream().map(PlayabilityFilter::readable).toList(),
                voicing.right().stream().map(PlayabilityFilter::readable).toList());
    }

    private static Grip readable(Grip grip) {
        return new Grip(grip.tones().stream()
                .map(tone -> new Tone(
                        Pitch.atOrAbove(
                                tone.pitch().pitchClass().simple(), tone.pitch().midi()),
                        tone.member()))
                .toList());
    }

    private static List<Voicing> reached(List<Voicing> all, Chord chord, VoicingStyle.Wishes wishes) {
        List<Voicing> inRange = some(all, voicing -> isInRange(voicing, wishes.hand()));
        List<Voicing> clear = some(inRange, voicing -> wishes.strokes().mud(voicing) <= GRACE);
        List<Voicing> reached = clear.stream().filter(wishes::allow).toList();
        if (!reached.isEmpty()) {
            return reached;
        }
        reached = inRange.stream().filter(wishes::allow).toList();
        if (!reached.isEmpty()) {
            return reached;
        }
        List<Voicing> parts = new ArrayList<>();
        for (Voicing voicing : inRange) {
            Voicing part = part(voicing, wishes);
            if (!parts.contains(part) && isInRange(part, wishes.hand())) {
                parts.add(part);
            }
        }
        int most = parts.stream().mapToInt(part -> part.tones().size()).max().orElse(0);
        List<Voicing> fullest =
                parts.stream().filter(part -> part.tones().size() == most).toList();
        return fullest.isEmpty()
                ? List.of(bass(chord, wishes.hand()))
                : some(fullest, voicing -> wishes.strokes().mud(voicing) <= GRACE);
    }

    private static List<Voicing> some(List<Voicing> all, Predicate<Voicing> wanted) {
        List<Voicing> some = all.stream().filter(wanted).toList();
        return some.isEmpty() ? all : some;
    }

    private static boolean isInRange(Voicing voicing, Hand hand) {
        for (Grip grip : voicing.grips()) {
            if (grip.lowest().midi() < hand.lowest().midi()
                    || grip.highest().midi() > hand.highest().midi()) {
                return false;
            }
        }
        return true;
    }

    /** Each grip with its lowest note and what is reached above it. */
    private static Voicing part(Voicing voicing, VoicingStyle.Wishes wishes) {
        List<Grip> grips = voicing.grips().stream()
                .map(grip -> part(grip, voicing, wishes))
                .toList();
        List<Grip> right = voicing.right().stream()
                .map(grip -> part(grip, voicing, wishes))
                .toList();
        return new Voicing(voicing.chord(), voicing.soundingBass(), grips, right);
    }

    private static Grip part(Grip grip, Voicing of, VoicingStyle.Wishes wishes) {
        List<Tone> kept = new ArrayList<>(grip.tones().subList(0, 1));
        grip.tones().stream()
                .skip(1)
                .sorted(Comparator.comparingInt(tone -> KEPT.indexOf(tone.member())))
                .forEach(tone -> {
                    List<Tone> more = new ArrayList<>(kept);
                    more.add(tone);
                    more.sort(Comparator.comparingInt(one -> one.pitch().midi()));
                    Grip tried = new Grip(more);
                    boolean alone = of.grips().size() == 1 && of.right().isEmpty();
                    boolean held = alone
                            ? wishes.allow(new Voicing(of.chord(), of.soundingBass(), List.of(tried)))
                            : wishes.hand().beyond(tried) == 0;
                    if (held) {
                        kept.add(tone);
                        kept.sort(Comparator.comparingInt(one -> one.pitch().midi()));
                    }
                });
        return new Grip(kept);
    }

    /** The bass alone, as near to home as the range has it. */
    private static Voicing bass(Chord chord, Hand hand) {
        Pitch bass = Pitch.atOrAbove(chord.bass(), hand.lowest().midi());
        return new Voicing(chord, chord.bass(), List.of(Grip.of(chord, List.of(bass))));
    }
}
