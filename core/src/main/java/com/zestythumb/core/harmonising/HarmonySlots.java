package com.zestythumb.core.harmonising;

import com.zestythumb.core.analysis.Phrases;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.Choice.Does;
import com.zestythumb.core.hearing.WrittenHands;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The places that want a chord, in order: halves of bars, or whatever the teacher left open between her own. */
final class HarmonySlots {

    /**
     * A place that wants a chord.
     *
     * @param bar index of its bar
     * @param opens whether it begins its bar
     * @param ends whether its bar ends a phrase
     * @param near whether it is near to the end of one, where chords change more quickly
     * @param set the teacher's own chord that stands here, or what her left hand tells; or null
     */
    record Slot(int bar, Fraction start, Fraction end, boolean opens, boolean ends, boolean near, ChordEvent set) {}

    final List<Slot> slots = new ArrayList<>();

    HarmonySlots(LeadSheet sheet) {
        Set<Integer> ends = new HashSet<>(Phrases.ends(sheet));
        for (Bar bar : sheet.bars()) {
            boolean near = ends.contains(bar.index()) || ends.contains(bar.index() + 1);
            for (ChordEvent event : bar.events()) {
                if (!isWanted(bar, event)) {
                    if (!event.isSilent()) {
                        add(bar, event.start(), event.end(), ends, near, event);
                    }
                } else if (!bar.isPickup()) {
                    split(bar, event, ends, near);
                }
            }
        }
    }

    /** Whether a chord is to be found here: an open place, or a guess that may be put right and no left hand tells. */
    static boolean isWanted(Bar bar, ChordEvent event) {
        return (event.isOpen() || event.isGuess()) && !WrittenHands.tells(bar, event);
    }

    private void split(Bar bar, ChordEvent event, Set<Integer> ends, boolean near) {
        Fraction middle = middle(bar.meter(), bar.offset());
        boolean inside = middle.isAfter(event.start()) && middle.isBefore(event.end());
        if (inside) {
            add(bar, event.start(), middle, ends, near, null);
            add(bar, middle, event.end(), ends, near, null);
        } else {
            add(bar, event.start(), event.end(), ends, near, null);
        }
    }

    /** The middle of a bar, or the beat behind it: 2 + 2 in four, 2 + 1 in three. */
    private static Fraction middle(Meter meter, Fraction offset) {
        long beats = meter.barLength().dividedBy(meter.beatLength()).floor();
        return meter.beatLength().times((beats + 1) / 2).minus(offset);
    }

    private void add(Bar bar, Fraction from, Fraction to, Set<Integer> ends, boolean near, ChordEvent set) {
        boolean opens = slots.isEmpty() || slots.get(slots.size() - 1).bar() != bar.index();
        slots.add(new Slot(bar.index(), from, to, opens, ends.contains(bar.index()), near, set));
    }

    /** What may stand in a place: the vocabulary, or the teacher's chord alone. */
    static List<Choice> choices(Slot slot, List<Choice> vocabulary) {
        if (slot.set() == null) {
            return vocabulary;
        }
        Chord own = slot.set().chord();
        Does does = vocabulary.stream()
                .filter(choice -> choice.root() == own.root().semitone()
                        && choice.chord().quality().hasMinorThird()
                                == own.quality().hasMinorThird())
                .map(Choice::does)
                .findFirst()
                .orElse(Does.SET);
        int tonic = vocabulary.get(0).chord().root().semitone();
        return List.of(new Choice(own, Math.floorMod(own.root().semitone() - tonic, 12), does, 0, Level.TWO_CHORDS));
    }
}
