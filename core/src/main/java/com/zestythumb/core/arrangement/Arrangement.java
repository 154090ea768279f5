package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.analysis.Cadence;
import com.zestythumb.core.arrangement.WrittenHand.WrittenNote;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A lead sheet with a left hand to it.
 *
 * @param sheet what was arranged
 * @param choices what was chosen
 * @param leftHand how the hand was made
 * @param chords the sounding chords in the written order
 * @param notes every note in the written order, by chord, in time and then from the lowest
 * @param analysis what the progression does, by the same count of chords
 * @param transitions which chord follows which when it is played, by the same count
 */
public record Arrangement(
        LeadSheet sheet,
        Choices choices,
        LeftHand leftHand,
        List<ArrangedChord> chords,
        List<TimedNote> notes,
        Analysis analysis,
        Transitions transitions) {

    /** D4, the second ledger line of the bass staff and above. */
    private static final int HIGH = 62;

    private static final int LOW = Pitch.parse("G3").midi();

    public Arrangement {
        chords = List.copyOf(chords);
        notes = List.copyOf(notes);
    }

    /**
     * Whether the left hand is written in the treble clef: where half of its notes or more lie above D4, three ledger lines
     * would be the rule in the bass clef, and none lies three below the treble clef.
     */
    public boolean leftInTreble() {
        long left = notes.stream().filter(note -> !note.isRight()).count();
        long high = notes.stream()
                .filter(note -> !note.isRight() && note.pitch().midi() >= HIGH)
                .count();
        boolean low =
                notes.stream().anyMatch(note -> !note.isRight() && note.pitch().midi() < LOW);
        return high * 2 > left && !low;
    }

    /** What stands above a bar for the player, by the index of the bar: how repeated chords are played, and the clef. */
    public Map<Integer, String> advice() {
        Map<Integer, String> advice = new HashMap<>();
        Repeating how = choices.playing().repeating();
        for (Bar bar : sheet.bars()) {
            if (how != Repeating.AS_USUAL && repeats(bar.index()) && !repeats(bar.index() - 1)) {
                advice.put(bar.index(), how.words());
            }
        }
        if (leftInTreble()) {
            // The eye takes another clef for a leap.
            advice.merge(0, "left hand in the treble clef: near the right, no leap", (a, b) -> a + "; " + b);
        }
        return advice;
    }

    private boolean repeats(int bar) {
        return chords.stream()
                .anyMatch(chord -> chord.event().bar() == bar
                        && !chord.voicing().isSilent()
                        && choices.figureOf(chord.event()).equals(Figures.REPEATED));
    }

    /** Whether the right hand plays some of the accompaniment. */
    public boolean needsRightHand() {
        return notes.stream().anyMatch(TimedNote::isRight);
    }

    /** The fingers over the tune, where they are wished and the right hand has nothing else to do. */
    public TuneFingers tuneFingers() {
        return choices.playing().tuneFingers() && !needsRightHand()
                ? TuneFingers.of(sheet, analysis.tune())
                : TuneFingers.NONE;
    }

    /** How its phrases close with the basses that sound: a full close has both chords in root position under the hand. */
    public List<Cadence> closes() {
        return analysis.cadences().stream().map(this::asItSounds).toList();
    }

    private Cadence asItSounds(Cadence cadence) {
        int before = cadence.chord() - 1;
        while (before > 0
                && chords.get(before).chord().equals(chords.get(cadence.chord()).chord())) {
            before--;
        }
        boolean roots = before >= 0 && isOnRoot(before) && isOnRoot(cadence.chord());
        return cadence.kind() != Cadence.Close.PERFECT || roots
                ? cadence
                : new Cadence(
                        Cadence.Close.AUTHENTIC,
                        cadence.chord(),
                        cadence.reason() + "; not both in root position under this hand",
                        cadence.confidence());
    }

    private boolean isOnRoot(int chord) {
        Voicing voicing = chords.get(chord).voicing();
        return voicing.isSilent()
                || voicing.soundingBass().soundsLike(voicing.chord().root());
    }

    /** Pins that fit no chord any more. */
    public List<Pin> lostPins() {
        return leftHand instanceof ComputedHand computed ? computed.lostPins() : choices.pins();
    }

    /** The notes of one chord, in time. O(log notes). */
    public List<TimedNote> notesOf(int chord) {
        return notes.subList(firstNoteFrom(chord), firstNoteFrom(chord + 1));
    }

    /** What lies under a hand at one time while a chord lasts: a pattern parts it. */
    public Voicing heldTogether(ArrangedChord chord) {
        Voicing voicing = chord.voicing();
        if (voicing.grips().size() > 1) {
            // A bass that sounds on under a chord far above it is held by the foot.
            return voicing;
        }
        List<TimedNote> notes = notesOf(chord.index());
        return new Voicing(
                voicing.chord(),
                voicing.soundingBass(),
                together(chord, notes, Side.LEFT),
                voicing.right().isEmpty()
                        ? List.of()
                        : together(chord, notes, Side.RIGHT).stream().limit(1).toList());
    }

    private static List<Grip> together(ArrangedChord chord, List<TimedNote> notes, Side side) {
        List<TimedNote> ofHand =
                notes.stream().filter(note -> note.side() == side).toList();
        Set<List<Pitch>> together = new LinkedHashSet<>();
        TimedNote before = null;
        for (TimedNote struck : ofHand) {
            if (before == null || !before.onset().equals(struck.onset()) || before.bar() != struck.bar()) {
                together.add(soundingAt(struck, ofHand));
            }
            before = struck;
        }
        return together.stream().map(keys -> Grip.of(chord.chord(), keys)).toList();
    }

    /** The keys held when a note is struck, its own among them, from the lowest. */
    private static List<Pitch> soundingAt(TimedNote struck, List<TimedNote> notes) {
        List<Pitch> keys = new ArrayList<>();
        for (TimedNote note : notes) {
            boolean sounds = note.bar() == struck.bar()
                    && note.onset().compareTo(struck.onset()) <= 0
                    && note.end().compareTo(struck.onset()) > 0;
            if (sounds && !keys.contains(note.pitch())) {
                keys.add(note.pitch());
            }
        }
        Collections.sort(keys);
        return keys;
    }

    /** Notes stand in the order of their chords: finds the first that belongs to this chord or a later one. */
    private int firstNoteFrom(int chord) {
        int low = 0;
        int high = notes.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (notes.get(middle).chord() < chord) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Arranges a lead sheet; never fails, whatever chords it holds. */
    public static Arrangement of(LeadSheet sheet, Choices choices) {
        return new Arranger(sheet, choices).compute();
    }

    /** Takes a left hand that somebody wrote; fingers are found for notes that have none. */
    public static Arrangement written(LeadSheet sheet, Choices choices, List<WrittenNote> notes) {
        return new Arranger(sheet, choices).take(WrittenHand.of(sheet, notes, choices.hand()));
    }
}
