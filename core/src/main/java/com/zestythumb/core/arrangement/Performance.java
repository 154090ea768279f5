package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.PlayedNote.Part;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Swing;
import com.zestythumb.core.sheet.Touch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What sounds of a page: notes swing where the tune does, short ones are let go early, rolled chords come one note after another,
 * and a pushed chord comes before the bar that follows in playing (common practice).
 */
public final class Performance {

    /** Quarter notes from one note of a rolled chord to the next. */
    private static final Fraction APART = Fraction.of(1, 12);

    /**
     * A bar as it comes by.
     *
     * @param bar index of the written bar
     * @param time 1 where it is played for the first time, 2 for the second
     * @param notes what sounds in it, a push into the next one too
     */
    public record Step(int bar, int time, List<PlayedNote> notes) {}

    private final Arrangement arrangement;
    private final LeadSheet sheet;
    private final Swing swing;
    /** By bar, where in the full bar notes begin. */
    private final Map<Integer, Set<Fraction>> struck = new HashMap<>();

    private final List<PlayedNote> notes = new ArrayList<>();
    private final Map<Integer, List<PlayedNote>> byBar;

    /** O(notes). */
    public Performance(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.sheet = arrangement.sheet();
        this.swing = Swing.of(sheet);
        List<TimedNote> tune = tune();
        tune.forEach(this::strike);
        arrangement.notes().forEach(this::strike);
        for (TimedNote note : arrangement.notes()) {
            boolean beneath = note.isBeneathTune(sheet);
            notes.add(played(note, beneath ? Part.BENEATH : note.isRight() ? Part.RIGHT : Part.LEFT));
        }
        tune.forEach(note -> notes.add(played(note, Part.TUNE)));
        roll();
        byBar = notes.stream().collect(Collectors.groupingBy(note -> note.note().bar()));
    }

    /** The id of a note of the tune: {@code "m3-0"} for the first of the bar with index 3. */
    public static String tuneId(int bar, int place) {
        return "m" + bar + "-" + place;
    }

    /** Every note as it is played where its bar is followed by the next one: the hands first, then the tune. */
    public List<PlayedNote> notes() {
        return notes;
    }

    /** When something is played, in quarter notes after the bar line. */
    public Fraction time(int bar, Fraction written) {
        return swing.played(sheet.bars().get(bar), struck.getOrDefault(bar, Set.of()), written);
    }

    /** Bar for bar, repeats and jumps played out. O(bars and notes that are played). */
    public List<Step> steps() {
        List<LeadSheet.Played> order = sheet.unfolded();
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            LeadSheet.Played played = order.get(i);
            int next = i + 1 < order.size() ? order.get(i + 1).bar() : -1;
            steps.add(new Step(played.bar(), played.time(), notesBefore(played.bar(), next)));
        }
        return steps;
    }

    /** What sounds in a bar where another one follows than stands behind it: not the push that is written, but that of the bar to come. */
    private List<PlayedNote> notesBefore(int bar, int next) {
        List<PlayedNote> written = byBar.getOrDefault(bar, List.of());
        if (next == bar + 1) {
            return written;
        }
        Fraction end = sheet.bars().get(bar).length();
        Fraction push = written.stream()
                .filter(this::isPush)
                .map(PlayedNote::from)
                .min(Comparator.naturalOrder())
                .orElse(end);
        List<PlayedNote> coming = next <= 0
                ? List.of()
                : byBar.getOrDefault(next - 1, List.of()).stream()
                        .filter(this::isPush)
                        .map(note ->
                                note.later(end.minus(sheet.bars().get(next - 1).length())))
                        .toList();
        Fraction last = coming.stream()
                .map(PlayedNote::from)
                .min(Comparator.naturalOrder())
                .orElse(end);
        List<PlayedNote> all = new ArrayList<>(coming);
        for (PlayedNote note : written) {
            boolean mine = note.part() == Part.LEFT || note.part() == Part.RIGHT;
            boolean heldToPush = mine && push.isBefore(end) && note.to().equals(push);
            Fraction to = heldToPush ? end : note.to();
            if (!isPush(note)) {
                all.add(mine && note.from().isBefore(last) ? note.during(note.from(), to.min(last)) : note);
            }
        }
        return all;
    }

    /** Whether a note is struck in the bar before that of its chord. */
    private boolean isPush(PlayedNote note) {
        int chord = note.note().chord();
        return note.part() != Part.TUNE
                && chord >= 0
                && arrangement.chords().get(chord).event().bar() > note.note().bar();
    }

    private void strike(TimedNote note) {
        Fraction place = sheet.bars().get(note.bar()).offset().plus(note.onset());
        struck.computeIfAbsent(note.bar(), bar -> new HashSet<>()).add(place);
    }

    /** A short note is shorter by as much as its touch says, swung or not. */
    private PlayedNote played(TimedNote note, Part part) {
        Fraction from = time(note.bar(), note.onset());
        Fraction length = time(note.bar(), note.end()).minus(from);
        return new PlayedNote(note, part, from, from.plus(length.times(note.heldShare())));
    }

    /** Each note of a rolled chord a little after the one below it; one that is too short for that comes in time. */
    private void roll() {
        Map<List<Object>, List<PlayedNote>> rolled = notes.stream()
                .filter(note -> note.note().touch() == Touch.ROLLED)
                .collect(Collectors.groupingBy(
                        note -> List.of(note.note().bar(), note.note().onset())));
        Map<String, Fraction> late = new HashMap<>();
        for (List<PlayedNote> chord : rolled.values()) {
            List<PlayedNote> rising = chord.stream()
                    .sorted(Comparator.comparing(note -> note.note().pitch()))
                    .toList();
            for (int i = 1; i < rising.size(); i++) {
                late.put(rising.get(i).note().id(), APART.times(i));
            }
        }
        notes.replaceAll(note -> {
            Fraction by = late.getOrDefault(note.note().id(), Fraction.ZERO);
            return by.isBefore(note.duration()) ? note.during(note.from().plus(by), note.to()) : note;
        });
    }

    /** The tune's notes, each with the chord it sounds over; −1 before the first. */
    private List<TimedNote> tune() {
        List<TimedNote> found = new ArrayList<>();
        List<ArrangedChord> chords = arrangement.chords();
        int chord = 0;
        for (Bar bar : sheet.bars()) {
            for (int place = 0; place < bar.melody().size(); place++) {
                SheetNote note = bar.melody().get(place);
                while (chord + 1 < chords.size()
                        && isReached(chords.get(chord + 1).event(), bar, note)) {
                    chord++;
                }
                if (!note.isRest()) {
                    found.add(
                            TimedNote.written(note, bar.index(), 0, Side.RIGHT).at(chord, tuneId(bar.index(), place)));
                }
            }
        }
        return found;
    }

    private static boolean isReached(ChordEvent next, Bar bar, SheetNote note) {
        return next.bar() < bar.index()
                || next.bar() == bar.index() && !next.start().isAfter(note.onset());
    }
}
