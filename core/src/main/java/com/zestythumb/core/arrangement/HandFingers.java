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
            if (!isOfLeft(note)) {
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
        // Below a tune the fingers of the right hand are the tune's.
        RightFingers right = sheet.hasMelody() ? RightFingers.none() : RightFingers.of(notes);
        return new HandFingers(fingered(notes, fingers.struck(), right), byChord(voicings, fingers.held(), right));
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
    private static List<TimedNote> fingered(List<TimedNote> notes, List<Integer> struck, RightFingers right) {
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
            int found = note.isRight() ? right.of(note) : struck.get(strike++);
            int finger = note.finger() > 0 ? note.finger() : found;
            boolean first = shown.add(note.pitch().midi());
            fingered.add(note.fingerShown() ? note : note.withFinger(finger, first && finger > 0));
        }
        return fingered;
    }

    /** Before the first chord there is no grip to lie in. */
    private static boolean isOfLeft(TimedNote note) {
        return note.chord() >= 0 && !note.isRight();
    }

    private static List<List<List<Integer>>> byChord(
            List<Voicing> voicings, List<List<Integer>> held, RightFingers right) {
        List<List<List<Integer>>> byChord = new ArrayList<>();
        int at = 0;
        for (int i = 0; i < voicings.size(); i++) {
            Voicing voicing = voicings.get(i);
            int behind = at + voicing.grips().size();
            List<List<Integer>> fingers = new ArrayList<>(held.subList(at, behind));
            for (Grip grip : voicing.right()) {
                fingers.add(right.of(i, grip));
            }
            byChord.add(fingers);
            at = behind;
        }
        return byChord;
    }
}
