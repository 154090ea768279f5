package com.zestythumb.core.arrangement;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;

/** The left hand as somebody wrote it, for a tune or for some of its bars: the notes of each chord and what lies under the hand. */
final class WrittenHand {

    private static final int FINGERS = 5;

    private final List<ChordEvent> events;
    private final BitSet bars;
    private final List<List<TimedNote>> byChord = new ArrayList<>();
    private final List<TimedNote> before = new ArrayList<>();

    /**
     * Takes notes to the chords over which they sound.
     *
     * @param events the sounding chords
     * @param bars where nothing is computed
     */
    WrittenHand(List<ChordEvent> events, List<TimedNote> written, BitSet bars) {
        this.events = events;
        this.bars = bars;
        events.forEach(event -> byChord.add(new ArrayList<>()));
        int chord = -1;
        List<TimedNote> inTime = new ArrayList<>(written);
        sort(inTime);
        for (TimedNote note : inTime) {
            while (chord + 1 < events.size() && isReached(events.get(chord + 1), note)) {
                chord++;
            }
            List<TimedNote> there = chord < 0 ? before : byChord.get(chord);
            String way = chord < 0 ? "before-" : has(chord) ? "" : "behind-";
            there.add(note.at(chord, "n" + Math.max(0, chord) + "-" + way + there.size()));
        }
    }

    /** That of the sheet, bar by bar, with what stands beneath the tune. */
    static WrittenHand of(LeadSheet sheet, List<ChordEvent> events) {
        List<TimedNote> written = new ArrayList<>();
        BitSet bars = new BitSet();
        for (Bar bar : sheet.bars()) {
            for (int voice = 0; voice < bar.left().size(); voice++) {
                bars.set(bar.index());
                for (SheetNote note : bar.left().get(voice)) {
                    written.add(TimedNote.written(note, bar.index(), voice, Side.LEFT));
                }
            }
            for (int voice = 0; voice < bar.beneath().size(); voice++) {
                for (SheetNote note : bar.beneath().get(voice)) {
                    // What is struck with the tune has its stem; the other voices stand below those of an
                    // accompaniment.
                    int place = voice == 0 ? TimedNote.WITH_TUNE : voice;
                    written.add(TimedNote.written(note, bar.index(), place, Side.RIGHT));
                }
            }
        }
        written.removeIf(note -> note.note().isRest());
        return new WrittenHand(events, written, bars);
    }

    /** Whether the notes of a chord are written, and not to be computed. */
    boolean has(int chord) {
        return bars.get(events.get(chord).bar());
    }

    /** Notes before the first chord. */
    List<TimedNote> before() {
        return before;
    }

    /** The notes from a chord until the next, in time and from the lowest. */
    List<TimedNote> notes(int chord) {
        return byChord.get(chord);
    }

    /** What lies under the hand at each chord that is written. */
    Map<Integer, Voicing> voicings(Hand hand) {
        Map<Integer, Voicing> voicings = new HashMap<>();
        for (int i = 0; i < events.size(); i++) {
            if (has(i)) {
                voicings.put(i, voicing(events.get(i).chord(), sounding(i), hand));
            }
        }
        return voicings;
    }

    /** The notes of the left hand that sound at a chord: what is held into it from the chords before comes first. */
    private List<TimedNote> sounding(int chord) {
        ChordEvent event = events.get(chord);
        List<TimedNote> sounding = new ArrayList<>();
        for (int i = chord - 1; i >= 0 && events.get(i).bar() == event.bar(); i--) {
            byChord.get(i).stream()
                    .filter(note -> note.bar() == event.bar() && note.end().isAfter(event.start()))
                    .forEach(sounding::add);
        }
        sounding.addAll(byChord.get(chord));
        sounding.removeIf(TimedNote::isRight);
        return sounding;
    }

    /** In time and from the lowest. */
    static void sort(List<TimedNote> notes) {
        notes.sort(Comparator.comparingInt(TimedNote::bar)
                .thenComparing(TimedNote::onset)
                .thenComparing(TimedNote::pitch));
    }

    private static boolean isReached(ChordEvent event, TimedNote note) {
        return event.bar() < note.bar()
                || event.bar() == note.bar() && !event.start().isAfter(note.onset());
    }

    /** Notes struck together are one grip with those that follow, as long as the hand reaches them without a shift, and no finger written to them tells of one. */
    private static Voicing voicing(Chord chord, List<TimedNote> notes, Hand hand) {
        if (notes.isEmpty()) {
            return Voicing.silent(chord);
        }
        List<Grip> grips = new ArrayList<>();
        Map<Integer, Pitch> fingers = new HashMap<>();
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
            boolean stays = notes.subList(from, to).stream().allMatch(note -> lies(note, fingers));
            if (!(within && stays) && !held.isEmpty()) {
                grips.add(Grip.of(chord, List.copyOf(held)));
                held.clear();
                fingers.clear();
            }
            held.addAll(struck);
            notes.subList(from, to).forEach(note -> fingers.put(note.finger(), note.pitch()));
            from = to;
        }
        grips.add(Grip.of(chord, List.copyOf(held)));
        // The bass is what lies lowest at first: in stride the fifth below comes later.
        return new Voicing(chord, grips.get(0).lowest().pitchClass(), grips);
    }

    /** Whether the finger written to a note, if there is one, lies on its key already, or nowhere. */
    private static boolean lies(TimedNote note, Map<Integer, Pitch> fingers) {
        return note.finger() == 0
                || fingers.getOrDefault(note.finger(), note.pitch()).midi()
                        == note.pitch().midi();
    }

    private static boolean isTogether(TimedNote one, TimedNote other) {
        return one.bar() == other.bar() && one.onset().equals(other.onset());
    }
}
