package com.zestythumb.core.arrangement;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** A left hand that somebody wrote, note by note. */
public record WrittenHand(List<Voicing> voicings, List<TimedNote> notes) implements LeftHand {

    private static final int FINGERS = 5;

    public WrittenHand {
        voicings = List.copyOf(voicings);
        notes = List.copyOf(notes);
    }

    /**
     * Takes the notes to the chords over which they sound, and parts them into grips: notes struck together are one,
     * and those that follow as long as the hand reaches them without a shift.
     */
    public static WrittenHand of(LeadSheet sheet, List<TimedNote> written, Hand hand) {
        List<ChordEvent> events =
                sheet.events().stream().filter(event -> !event.isSilent()).toList();
        List<TimedNote> inTime = written.stream()
                .sorted(Comparator.comparingInt(TimedNote::bar)
                        .thenComparing(TimedNote::onset)
                        .thenComparing(TimedNote::pitch))
                .toList();
        List<List<TimedNote>> byChord = new ArrayList<>();
        events.forEach(event -> byChord.add(new ArrayList<>()));
        List<TimedNote> notes = new ArrayList<>();
        int chord = -1;
        int number = 0;
        for (TimedNote note : inTime) {
            while (chord + 1 < events.size() && isReached(events.get(chord + 1), note)) {
                chord++;
                number = 0;
            }
            String id = "n" + Math.max(0, chord) + "-" + (chord < 0 ? "before-" : "") + number++;
            notes.add(note.at(chord, id));
            if (chord >= 0 && note.side() == Side.LEFT) {
                byChord.get(chord).add(note);
            }
        }
        List<Voicing> voicings = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            voicings.add(voicing(events.get(i).chord(), byChord.get(i), hand));
        }
        return new WrittenHand(voicings, notes);
    }

    private static boolean isReached(ChordEvent event, TimedNote note) {
        return event.bar() < note.bar()
                || event.bar() == note.bar() && event.start().compareTo(note.onset()) <= 0;
    }

    private static Voicing voicing(Chord chord, List<TimedNote> notes, Hand hand) {
        if (notes.isEmpty()) {
            return Voicing.silent(chord);
        }
        List<Grip> grips = new ArrayList<>();
        SortedSet<Pitch> held = new TreeSet<>(Comparator.comparingInt(Pitch::midi));
        for (int from = 0; from < notes.size(); ) {
            int to = from + 1;
            while (to < notes.size() && isTogether(notes.get(from), notes.get(to))) {
                to++;
            }
            List<Pitch> struck =
                    notes.subList(from, to).stream().map(TimedNote::pitch).toList();
            SortedSet<Pitch> both = new TreeSet<>(held);
            both.addAll(struck);
            boolean within = both.last().midi() - both.first().midi() <= hand.span() && both.size() <= FINGERS;
            if (!within && !held.isEmpty()) {
                grips.add(Grip.of(chord, List.copyOf(held)));
                held.clear();
            }
            held.addAll(struck);
            from = to;
        }
        grips.add(Grip.of(chord, List.copyOf(held)));
        Pitch lowest = notes.stream()
                .map(TimedNote::pitch)
                .min(Comparator.comparingInt(Pitch::midi))
                .orElseThrow();
        return new Voicing(chord, lowest.pitchClass(), grips);
    }

    private static boolean isTogether(TimedNote one, TimedNote other) {
        return one.bar() == other.bar() && one.onset().equals(other.onset());
    }
}
