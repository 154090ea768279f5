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
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A left hand with its fingers.
 *
 * @param notes the notes of the hand with a finger on each
 * @param held for each chord and each of its grips a finger for each note
 */
record HandFingers(List<TimedNote> notes, List<List<List<Integer>>> held) {

    /** What is struck at one time of a chord. */
    private record Struck(int chord, int bar, Fraction onset) {

        static Struck of(TimedNote note) {
            return new Struck(note.chord(), note.bar(), note.onset());
        }
    }

    /** Asks a search for the fingers; where one is written it stays. */
    static HandFingers of(LeadSheet sheet, LeftHand hand, FingerSearch search) {
        List<Voicing> voicings = hand.voicings();
        List<Grip> grips = new ArrayList<>();
        int[] firstGrip = new int[voicings.size()];
        int[] behind = new int[voicings.size()];
        Map<Integer, List<TimedNote>> byChord =
                hand.notes().stream().filter(HandFingers::isOfLeft).collect(Collectors.groupingBy(TimedNote::chord));
        Map<Struck, List<TimedNote>> together =
                hand.notes().stream().filter(HandFingers::isOfLeft).collect(Collectors.groupingBy(Struck::of));
        for (int chord = 0; chord < firstGrip.length; chord++) {
            firstGrip[chord] = grips.size();
            grips.addAll(voicings.get(chord).grips());
            for (TimedNote note : runs(byChord.getOrDefault(chord, List.of()), voicings.get(chord))) {
                grips.add(Grip.of(voicings.get(chord).chord(), List.of(note.pitch())));
            }
            behind[chord] = grips.size();
        }
        List<Fraction> barStarts = sheet.barStarts();
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
            int first = firstGrip[note.chord()];
            int end = behind[note.chord()];
            at = gripOf(together.get(Struck.of(note)), grips, at, first, end);
            at = placeIn(grips.get(at), note) >= 0 ? at : gripOf(List.of(note), grips, at, first, end);
            strikes.add(new Strike(
                    at,
                    placeIn(grips.get(at), note),
                    barStarts.get(note.bar()).plus(note.onset()),
                    note.finger(),
                    note.isBroughtOut()));
        }
        Fingers fingers = search.search(grips, strikes);
        RightFingers right = RightFingers.of(notes, sheet);
        return new HandFingers(
                fingered(notes, fingers.struck(), right), byChord(voicings, fingers.held(), firstGrip, right));
    }

    /** The notes of a chord that lie in none of its grips, as those of a run into the next. */
    private static List<TimedNote> runs(List<TimedNote> notes, Voicing voicing) {
        return notes.stream()
                .filter(note -> voicing.grips().stream().allMatch(grip -> placeIn(grip, note) < 0))
                .toList();
    }

    /** The next grip that has all of some notes; the one from which is asked where none has. */
    private static int gripOf(List<TimedNote> struck, List<Grip> grips, int from, int first, int end) {
        for (int at = from; at < end; at++) {
            Grip grip = grips.get(at);
            if (struck.stream().allMatch(note -> placeIn(grip, note) >= 0)) {
                return at;
            }
        }
        // A pattern that begins anew goes back to the first.
        return from == first ? first : gripOf(struck, grips, first, first, end);
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

    /** A finger is shown where its note is first struck in its chord, and where it changes. */
    private static List<TimedNote> fingered(List<TimedNote> notes, List<Integer> struck, RightFingers right) {
        List<TimedNote> fingered = new ArrayList<>();
        Map<Integer, Integer> shown = new HashMap<>();
        Set<Integer> heldOver = new HashSet<>();
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
            Integer before = shown.put(note.pitch().midi(), finger);
            boolean goesOn = heldOver.remove(note.pitch().midi());
            boolean tells = finger > 0 && !goesOn && (before == null || before != finger);
            if (note.tied()) {
                heldOver.add(note.pitch().midi());
            }
            fingered.add(note.fingerShown() ? note : note.withFinger(finger, tells));
        }
        return fingered;
    }

    /** Before the first chord there is no grip to lie in. */
    private static boolean isOfLeft(TimedNote note) {
        return note.chord() >= 0 && !note.isRight();
    }

    private static List<List<List<Integer>>> byChord(
            List<Voicing> voicings, List<List<Integer>> held, int[] firstGrip, RightFingers right) {
        List<List<List<Integer>>> byChord = new ArrayList<>();
        for (int i = 0; i < voicings.size(); i++) {
            Voicing voicing = voicings.get(i);
            List<List<Integer>> fingers = new ArrayList<>(
                    held.subList(firstGrip[i], firstGrip[i] + voicing.grips().size()));
            for (Grip grip : voicing.right()) {
                fingers.add(right.of(i, grip));
            }
            byChord.add(fingers);
        }
        return byChord;
    }
}
