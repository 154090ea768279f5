package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.FingerSearch;
import com.zestythumb.core.fingering.FingerSearch.Fingers;
import com.zestythumb.core.fingering.FingerSearch.Strike;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A left hand with its fingers.
 *
 * @param notes the notes of the hand with a finger on each
 * @param held for each chord and each of its grips a finger for each note
 */
record HandFingers(List<TimedNote> notes, List<List<List<Integer>>> held) {

    /** Asks a search for the fingers; where one is written it stays. */
    static HandFingers of(LeadSheet sheet, LeftHand hand, FingerSearch search) {
        List<Voicing> voicings = hand.voicings();
        List<Grip> grips = new ArrayList<>();
        int[] firstGrip = new int[voicings.size()];
        for (int chord = 0; chord < firstGrip.length; chord++) {
            firstGrip[chord] = grips.size();
            grips.addAll(voicings.get(chord).grips());
        }
        Fraction[] barStarts = barStarts(sheet);
        List<Strike> strikes = new ArrayList<>();
        List<TimedNote> notes = hand.notes();
        int at = 0;
        int chordBefore = -1;
        for (TimedNote note : notes) {
            if (note.chord() < 0) {
                continue;
            }
            // Grips are played in their order: the hand goes on where the note is not under it any more.
            at = note.chord() == chordBefore ? at : firstGrip[note.chord()];
            chordBefore = note.chord();
            int end =
                    firstGrip[note.chord()] + voicings.get(note.chord()).grips().size();
            at = gripOf(note, grips, at, firstGrip[note.chord()], end);
            strikes.add(new Strike(
                    at,
                    placeIn(grips.get(at), note),
                    barStarts[note.bar()].plus(note.onset()),
                    note.duration(),
                    note.finger()));
        }
        Fingers fingers = search.search(grips, strikes);
        return new HandFingers(fingered(notes, fingers.struck()), byChord(voicings, fingers.held()));
    }

    private static Fraction[] barStarts(LeadSheet sheet) {
        Fraction[] starts = new Fraction[sheet.bars().size()];
        Fraction at = Fraction.ZERO;
        for (int bar = 0; bar < starts.length; bar++) {
            starts[bar] = at;
            at = at.plus(sheet.bars().get(bar).length());
        }
        return starts;
    }

    private static int gripOf(TimedNote note, List<Grip> grips, int from, int first, int end) {
        for (int at = from; at < end; at++) {
            if (placeIn(grips.get(at), note) >= 0) {
                return at;
            }
        }
        // A figure that begins anew goes back to the first.
        return from == first ? first : gripOf(note, grips, first, first, end);
    }

    private static int placeIn(Grip grip, TimedNote note) {
        List<Tone> tones = grip.tones();
        for (int i = 0; i < tones.size(); i++) {
            if (tones.get(i).pitch().midi() == note.pitch().midi()) {
                return i;
            }
        }
        return -1;
    }

    /** A finger is shown where its note is first struck in its chord. */
    private static List<TimedNote> fingered(List<TimedNote> notes, List<Integer> struck) {
        List<TimedNote> fingered = new ArrayList<>();
        Set<Integer> shown = new HashSet<>();
        int chord = -1;
        int strike = 0;
        for (TimedNote note : notes) {
            if (note.chord() < 0) {
                fingered.add(note);
                continue;
            }
            if (note.chord() != chord) {
                shown.clear();
                chord = note.chord();
            }
            int finger = struck.get(strike++);
            boolean first = shown.add(note.pitch().midi());
            fingered.add(note.finger() > 0 ? note : note.withFinger(finger, first && finger > 0));
        }
        return fingered;
    }

    private static List<List<List<Integer>>> byChord(List<Voicing> voicings, List<List<Integer>> held) {
        List<List<List<Integer>>> byChord = new ArrayList<>();
        int at = 0;
        for (Voicing voicing : voicings) {
            int behind = at + voicing.grips().size();
            byChord.add(held.subList(at, behind));
            at = behind;
        }
        return byChord;
    }
}
