package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.analysis.Cadence;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Voicing;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A lead sheet with a left hand to it.
 *
 * @param sheet what was arranged
 * @param choices what was chosen
 * @param leftHand how the hand was made
 * @param chords the sounding chords in the written order
 * @param notes every note in the written order, by chord, in time and then from the lowest
 * @param score the same with the tune on one line of time
 * @param analysis what the progression does, by the same count of chords
 * @param transitions which chord follows which when it is played, by the same count
 */
public record Arrangement(
        LeadSheet sheet,
        Choices choices,
        LeftHand leftHand,
        List<ArrangedChord> chords,
        List<TimedNote> notes,
        Score score,
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
     * would be the rule in the bass clef, and none lies three below the treble clef. Clefs that are written go before that.
     */
    public boolean leftInTreble() {
        if (sheet.hasClefs()) {
            return sheet.bars().get(0).allOfLeft().stream()
                    .anyMatch(note ->
                            note.onset().equals(Fraction.ZERO) && note.signs().contains(NoteSign.TREBLE));
        }
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
            advice.merge(0, "left hand in treble clef", (a, b) -> a + "; " + b);
        }
        return advice;
    }

    private boolean repeats(int bar) {
        return chords.stream()
                .anyMatch(chord -> chord.event().bar() == bar
                        && !chord.isWritten()
                        && !chord.voicing().isSilent()
                        && choices.figureOf(chord.event()).equals(AccompanimentPatterns.REPEATED));
    }

    /** The notes without what is written beneath the tune, which is no accompaniment. */
    public List<TimedNote> accompaniment() {
        return notes.stream().filter(note -> !note.isBeneathTune(sheet)).toList();
    }

    /** Whether the right hand plays some of the accompaniment. */
    public boolean needsRightHand() {
        return accompaniment().stream().anyMatch(TimedNote::isRight);
    }

    /** The fingers over the tune, where they are wished and the right hand has nothing else to do. */
    public TuneFingers tuneFingers() {
        boolean alone = notes.stream().noneMatch(TimedNote::isRight);
        return choices.playing().tuneFingers() && alone ? TuneFingers.of(sheet, analysis.tune()) : TuneFingers.NONE;
    }

    /** How its phrases close, as the chart has them; where the hand plays a full close in an inversion, that is said with it. */
    public List<Cadence> closes() {
        return analysis.cadences().stream().map(this::asPlayed).toList();
    }

    private Cadence asPlayed(Cadence cadence) {
        int before = cadence.chord() - 1;
        while (before > 0
                && chords.get(before).chord().equals(chords.get(cadence.chord()).chord())) {
            before--;
        }
        String turned = Stream.of(before, cadence.chord())
                .filter(chord -> chord >= 0 && !isOnRoot(chord))
                .map(chord -> chords.get(chord).numeral().roman() + " " + inversion(chord))
                .collect(Collectors.joining(", "));
        return cadence.kind() != Cadence.Close.PERFECT || turned.isEmpty()
                ? cadence
                : new Cadence(
                        cadence.kind(),
                        cadence.chord(),
                        cadence.reason() + "; this hand plays " + turned,
                        cadence.confidence());
    }

    private String inversion(int chord) {
        Voicing voicing = chords.get(chord).voicing();
        return switch (ChordTone.of(voicing.chord(), voicing.soundingBass())) {
            case THIRD -> "in first inversion";
            case FIFTH -> voicing.chord().quality().hasSeventh() ? "in second inversion" : "as six-four";
            case SEVENTH -> "in third inversion";
            default -> "over another bass";
        };
    }

    private boolean isOnRoot(int chord) {
        Voicing voicing = chords.get(chord).voicing();
        return voicing.isSilent()
                || voicing.soundingBass().soundsLike(voicing.chord().root());
    }

    /** The notes of one chord, in time. O(log notes). */
    public List<TimedNote> notesOf(int chord) {
        return notes.subList(firstNoteFrom(chord), firstNoteFrom(chord + 1));
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
        return AnalysedSheet.of(sheet).arranged(choices);
    }

    /** The same tune with a left hand by other choices. */
    public Arrangement with(Choices others) {
        return new AnalysedSheet(sheet, analysis, transitions).arranged(others);
    }
}
